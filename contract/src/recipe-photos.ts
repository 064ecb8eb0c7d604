import { z } from 'zod';
import { MOST_RECIPE_PHOTOS } from './limits.js';

/** More lines than this stand on no page. */
const MOST_PAGE_LINES = 400;
const LONGEST_PAGE_LINE = 1000;
const MOST_UNSURE = 200;
const MOST_OPTIONS = 12;
const LONGEST_OPTION = 200;

/** In parts of the picture's width or height: a picture of any size shows the same. */
const share = z.number().min(0).max(1);

const offset = z.int().min(0).max(LONGEST_PAGE_LINE);

/** A stretch of a line that was not recognised for sure, and what else it may be. */
const unsureWord = z.strictObject({
  start: offset,
  end: offset,
  options: z.array(z.string().max(LONGEST_OPTION)).max(MOST_OPTIONS),
});

const photoLine = z.strictObject({
  text: z.string().max(LONGEST_PAGE_LINE),
  unsure: z
    .array(unsureWord)
    .max(MOST_UNSURE)
    .default([])
    .meta({ description: 'Words that were not recognised for sure, by their place in the text.' }),
  left: share,
  top: share,
  right: share,
  bottom: share,
});

export const recipePhoto = z.strictObject({
  id: z.uuid().meta({ description: 'Of the photo, as `/api/photos` gave it.' }),
  lines: z
    .array(photoLine)
    .max(MOST_PAGE_LINES)
    .meta({ description: 'What was read on it, and where it stands; empty where nothing was.' }),
});

export const recipePhotos = z
  .array(recipePhoto)
  .max(MOST_RECIPE_PHOTOS, `A recipe can have at most ${MOST_RECIPE_PHOTOS} photos.`)
  .meta({ description: 'Pages that it was read from.' });

export type RecipePhoto = z.infer<typeof recipePhoto>;
