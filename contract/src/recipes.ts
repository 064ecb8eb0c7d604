import { z } from 'zod';
import { BAKE_KINDS } from '@ypsigram/core/baking';
import { lineAnswers } from './answers.js';
import { balance } from './balance.js';
import { LARGEST_PAGE, LONGEST_TITLE } from './limits.js';
import { batch, keptBatch } from './batch.js';
import { methods, recipeText, standard } from './parts.js';
import { recipePhotos } from './recipe-photos.js';

/** What a baker writes of a recipe; the rest is the server's. */
const written = {
  title: z
    .string()
    .trim()
    .min(1, 'Give the recipe a name, or leave the name out.')
    .max(LONGEST_TITLE, `A name can have at most ${LONGEST_TITLE} characters.`)
    .optional()
    .meta({ description: "Without one, the text's own title is used." }),
  text: recipeText.refine((text) => text.trim() !== '', {
    error: 'There is no recipe in this text yet.',
  }),
  standard: standard.default('us-customary'),
  authorId: z.uuid().nullable().default(null).meta({
    description: 'Whose recipe it is: decides what a cup of it weighs.',
  }),
  batch: batch.default({ by: 'factor', factor: '1' }),
  methods: methods.default({}),
  balance: balance.prefault({}),
  answers: lineAnswers.meta({ description: 'What was answered to the notes of its lines.' }),
};

export const recipeDraft = z.strictObject({ ...written, photos: recipePhotos.default([]) });

const revision = z.int().positive().meta({ description: 'Goes up by one with each change.' });

export const recipeReplacement = z.strictObject({
  ...written,
  photos: recipePhotos.exactOptional().meta({
    description: 'Where left out, those that it has stay.',
  }),
  revision,
});

export const recipe = z.object({
  id: z.uuid(),
  title: z.string(),
  text: z.string(),
  standard,
  authorId: z.uuid().nullable(),
  batch: keptBatch,
  methods,
  balance,
  answers: lineAnswers,
  photos: recipePhotos,
  revision,
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  deletedAt: z.iso.datetime().nullable(),
});

/** An earlier text of a recipe. */
export const recipeVersion = z.object({
  revision,
  title: z.string(),
  text: z.string(),
  standard,
  savedAt: z.iso.datetime(),
});

export const recipeVersions = z.object({
  items: z.array(recipeVersion).meta({ description: 'The newest first.' }),
});

/** The latest bake of a recipe that has left the bench. */
const lastBake = z.object({
  at: z.iso.datetime(),
  rating: z.int().min(1).max(5).nullable().meta({ description: 'Null where nobody said yet.' }),
  isGood: z.boolean().meta({ description: 'Kept as a good one.' }),
  bakes: z.int().meta({ description: 'How many bakes there were.' }),
});

export const recipeSummary = recipe
  .pick({
    id: true,
    title: true,
    batch: true,
    revision: true,
    updatedAt: true,
  })
  .extend({
    authorId: z.uuid().nullable(),
    yield: z.string().nullable(),
    kind: z.enum(BAKE_KINDS).nullable().meta({
      description: 'What kind of bake it is, chosen or guessed; null where it is unread.',
    }),
    lastBake: lastBake.nullable().meta({ description: 'Null where it was never baked.' }),
    provenLines: z.int().meta({ description: 'Ingredients whose weight good bakes have proven.' }),
    ingredientCount: z.int(),
    openCount: z.int().meta({ description: 'Lines with an amount that have no weight yet.' }),
    totalGrams: z.number().meta({ description: 'Sum of the known intended masses, factor 1.' }),
    measuredGrams: z.number().meta({ description: 'The same by the measure plan.' }),
    weighedGrams: z.number().meta({ description: 'The same on the scale grid.' }),
    problem: z.string().nullable().meta({
      description: 'Why its batch can not be planned; null where it can.',
    }),
  });

export const recipeQuery = z.object({
  query: z
    .string()
    .max(200)
    .default('')
    .meta({ description: 'Words of the title or ingredients.' }),
  page: z.coerce.number().int().min(1).max(1_000_000).default(1),
  pageSize: z.coerce.number().int().min(1).max(LARGEST_PAGE).default(50),
});

export const recipePage = z.object({
  items: z.array(recipeSummary),
  page: z.int(),
  pageSize: z.int(),
  total: z.int(),
});

const MOST_IDS = 300;

export const ingredientUseQuery = z.object({
  ids: z
    .string()
    .max(20_000)
    .transform((ids) => ids.split(',').filter((id) => id !== ''))
    .refine((ids) => ids.length <= MOST_IDS, `Ask for at most ${MOST_IDS} ingredients at a time.`)
    .optional()
    .meta({
      description: 'Ids of ingredients, with commas; where left out, all that recipes use.',
    }),
});

export const ingredientUses = z.object({
  items: z.array(z.object({ ingredientId: z.string(), recipes: z.int() })),
});

export type IngredientUse = z.infer<typeof ingredientUses>['items'][number];
export type RecipeDraft = z.input<typeof recipeDraft>;
export type RecipeReplacement = z.input<typeof recipeReplacement>;
export type Recipe = z.infer<typeof recipe>;
export type RecipeVersion = z.infer<typeof recipeVersion>;
export type LastBake = z.infer<typeof lastBake>;
export type RecipeSummary = z.infer<typeof recipeSummary>;
export type RecipePage = z.infer<typeof recipePage>;
export type RecipeQuery = z.infer<typeof recipeQuery>;
