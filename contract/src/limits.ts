/** Bodies over this many bytes are refused with 413. */
export const LARGEST_BODY_BYTES = 256 * 1024;

/** Longest recipe text, in characters: what fits in a body. */
export const LONGEST_TEXT = 240_000;

/** More lines than this are not one recipe. */
export const MOST_LINES = 5000;

export const LONGEST_TITLE = 200;

export const LARGEST_PAGE = 200;
