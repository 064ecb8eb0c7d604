/** Bodies over this many bytes are refused with 413. */
export const LARGEST_BODY_BYTES = 256 * 1024;

/** A kitchen with everything in it that it can hold stays below this. */
export const LARGEST_KITCHEN_BYTES = 1024 * 1024;

/** Longest recipe text, in characters: what fits in a body. */
export const LONGEST_TEXT = 240_000;

/** More lines than this are not one recipe. */
export const MOST_LINES = 5000;

export const LONGEST_TITLE = 200;

export const LARGEST_PAGE = 200;

/** No ingredient of a kitchen is heavier than this, in grams per millilitre. */
export const HEAVIEST_DENSITY = 3;

/** More than a kitchen scale carries. */
export const HEAVIEST_READING_GRAMS = 20_000;

/** More than any pack holds, and any shop's scale carries. */
export const HEAVIEST_PACK_GRAMS = 100_000;

/** More than any pack costs, in any currency. */
export const HIGHEST_PRICE = 100_000;

/** More water than any tool of a drawer holds. */
export const HEAVIEST_FILL_GRAMS = 5000;

/** More answers than this are kept of no recipe, author or kitchen. */
export const MOST_ANSWERS = 500;

/** More pages than this are no recipe. */
export const MOST_RECIPE_PHOTOS = 12;

/** A larger table is no table of a kitchen. */
export const LARGEST_TABLE_BYTES = 5 * 1024 * 1024;

/** A body with that many recipes stays below this. */
export const LARGEST_IMPORT_BYTES = 24 * 1024 * 1024;

/** What a backup says of itself, so that nobody takes it for something else. */
export const BACKUP_FORMAT = 'ypsigram-backup';
export const BACKUP_VERSION = 1;

/** Ingredients times bakes: more at a time would keep a processor busy for long. */
export const MOST_LINES_BAKED = 20_000_000;

/** More bakes than this say nothing more. */
export const MOST_BAKES = 200_000;

/** Readings of a bake that one request may bring: what a power cut leaves behind is sent in parts. */
export const MOST_READINGS_AT_ONCE = 100;
