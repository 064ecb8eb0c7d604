import { z } from 'zod';

/** What may change on one device and is then asked for anew by the others. */
export const CHANGING_AREAS = [
  'kitchen',
  'trials',
  'authors',
  'recipes',
  'bakes',
  'timers',
  'practice',
] as const;

/** How often each area has been changed: figures that only rise. */
export const changes = z
  .object({
    kitchen: z.int(),
    trials: z.int(),
    authors: z.int(),
    recipes: z.int(),
    bakes: z.int(),
    timers: z.int(),
    practice: z.int(),
  })
  .meta({ description: 'How often each area has been changed; the figures only rise.' });

/** What is told to pages while they listen. */
export const changeEvent = z
  .object({
    changes,
    areas: z.array(z.enum(CHANGING_AREAS)),
    by: z
      .uuid()
      .nullable()
      .meta({ description: 'The page that wrote, by its X-Page header; null for several.' }),
  })
  .meta({
    description: 'The counts now, and the areas that were changed since the last event.',
  });

export type ChangeEvent = z.infer<typeof changeEvent>;
export type Changes = z.infer<typeof changes>;
export type ChangingArea = (typeof CHANGING_AREAS)[number];
