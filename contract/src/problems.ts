import { z } from 'zod';
import { recipe } from './recipes.js';

/** An error a person can do something about, after RFC 9457. */
export const problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z
      .string()
      .meta({ description: 'A sentence for the baker: what is wrong, what to do.' }),
    field: z.string().optional().meta({ description: 'The field it belongs to, as a path.' }),
    errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  })
  .meta({ id: 'Problem' });

/** A recipe was changed by somebody else meanwhile: both versions, nothing lost. */
export const conflict = problem.extend({
  yours: recipe.pick({
    title: true,
    text: true,
    standard: true,
    authorId: true,
    batch: true,
    methods: true,
    revision: true,
  }),
  theirs: recipe,
});

export type Problem = z.infer<typeof problem>;
export type Conflict = z.infer<typeof conflict>;

export const health = z.object({
  status: z.literal('ok'),
  version: z.string(),
  page: z
    .string()
    .nullable()
    .meta({ description: 'What the page that is served is known by; null where none is built.' }),
});
export type Health = z.infer<typeof health>;
