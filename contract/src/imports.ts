import { z } from 'zod';
import { EXPORT_FORMATS, MOST_RECIPES } from '@ypsigram/core/formats';
import { lineAnswerList } from './answers.js';
import { balance } from './balance.js';
import { LONGEST_TITLE } from './limits.js';
import { lineKey, factorText, methods, recipeText, standard } from './parts.js';
import { PAPERS } from './papers.js';
import { recipePhotos } from './recipe-photos.js';

/** A recipe from outside: its text, and what its file says beside it. */
export const importedRecipe = z.strictObject({
  title: z.string().trim().min(1).max(LONGEST_TITLE).nullable().default(null),
  text: recipeText.refine((text) => text.trim() !== '', {
    error: 'There is no recipe in this text.',
  }),
  author: z.string().trim().min(1).max(60).nullable().default(null).meta({
    description: 'By name: one of this name that is here already, or else a new one.',
  }),
  standard: standard.nullable().default(null),
  factor: factorText.nullable().default(null),
  methods: methods.nullable().default(null),
  balance: balance.nullable().default(null),
  answers: lineAnswerList.nullable().default(null),
  photos: recipePhotos.nullable().default(null),
  proven: z
    .record(lineKey, z.number().positive())
    .nullable()
    .default(null)
    .meta({ description: 'What its bakes proved, by line, in grams at factor 1.' }),
});

export const recipeImport = z.strictObject({
  recipes: z
    .array(importedRecipe)
    .min(1, 'There is no recipe to bring in.')
    .max(MOST_RECIPES, `At most ${MOST_RECIPES} recipes can be imported at once.`),
});

/** Which recipes go out, and as what. */
export const exportQuery = z.object({
  format: z.enum(EXPORT_FORMATS),
  ids: z
    .string()
    .regex(/^[0-9a-f-]{36}(?:,[0-9a-f-]{36}){0,499}$/, 'Name recipes by their ids, with commas.')
    .optional()
    .meta({ description: 'Ids with commas; all recipes where it is left out.' }),
});

export const LONGEST_BOOK = 100;

/** Recipes as one book: which, on what paper, for whose cups. */
export const bookQuery = z.object({
  ids: z
    .string()
    .regex(
      /^[0-9a-f-]{36}(?:,[0-9a-f-]{36}){0,99}$/,
      `Name at most ${LONGEST_BOOK} recipes by their ids, with commas.`,
    )
    .optional()
    .meta({ description: 'Ids with commas; all recipes where it is left out.' }),
  title: z.string().trim().max(LONGEST_TITLE).optional(),
  paper: z.enum(PAPERS).default('a4'),
  cups: standard.optional().meta({
    description: 'For another drawer than this kitchen’s: the usual tools of that standard.',
  }),
  chart: z.enum(['0', '1']).default('1').meta({ description: 'With the conversion chart.' }),
  download: z.enum(['0', '1']).default('0').meta({ description: 'As a file to save.' }),
});

/** `changed`: one of the same name is here with another text or other settings. */
export const IMPORT_STATUSES = ['new', 'same', 'changed'] as const;

export const recipeImportReply = z.object({
  items: z.array(
    z.object({
      title: z.string(),
      status: z.enum(IMPORT_STATUSES),
      ingredientCount: z.int(),
      openCount: z.int().meta({ description: 'Ingredient lines that have no weight yet.' }),
      recipeId: z.uuid().nullable().meta({
        description: 'The recipe it is or became; null for a new one in a dry run.',
      }),
    }),
  ),
  importId: z.uuid().nullable().meta({
    description: 'To take it back by; null for a dry run, or when nothing was imported.',
  }),
});

export const importUndone = z.object({
  removed: z.int().meta({ description: 'New recipes that were removed again.' }),
  restored: z.int().meta({ description: 'Changed recipes that are as they were before.' }),
  kept: z.int().meta({ description: 'Recipes that were changed since, and are left as they are.' }),
});

export type BookQuery = z.output<typeof bookQuery>;
export type ImportedRecipe = z.input<typeof importedRecipe>;
export type RecipeImportReply = z.infer<typeof recipeImportReply>;
export type ImportUndone = z.infer<typeof importUndone>;
