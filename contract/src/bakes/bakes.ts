import { z } from 'zod';
import { STAGES, WAYS } from '@ypsigram/core/bench';
import { SYMPTOMS } from '@ypsigram/core/diagnosis';
import { MOST_READINGS_AT_ONCE } from '../limits.js';
import { instant, newestRevision } from '../parts.js';
import { personalAct } from './acts.js';
import { bakePlan, makes } from './plan.js';

const LONGEST_SEARCH = 200;
const MOST_BAKES_AT_ONCE = 200;

const handId = z
  .uuid()
  .nullable()
  .meta({ description: 'Whose hand; null for nobody in particular.' });

export const bakeDraft = z.strictObject({
  id: z.uuid().meta({ description: 'Made by the sender: sent twice, it is still one bake.' }),
  recipeId: z.uuid(),
  handId,
  way: z.enum(WAYS).default('planned').meta({
    description: 'As the plan has it, or everything by one route.',
  }),
  bakedAt: instant.nullable().default(null).meta({
    description: 'For one that was done on paper: when. It goes into the log at once.',
  }),
});

const said = {
  id: z.uuid().meta({ description: 'Made by the sender: sent twice, it is still one reading.' }),
  at: instant.meta({ description: 'When it was done, by the clock of the device.' }),
  device: z.string().min(1).max(64),
  handId,
};

/** What decides between two acts: hybrid logical time, in milliseconds since 1970. */
const order = z.int().min(0);

export const readingsDraft = z.strictObject({
  sentAt: instant.meta({
    description: 'Now, by the clock of the device: a clock that is wrong is set right by it.',
  }),
  readings: z
    .array(
      z.strictObject({
        ...said,
        age: z.number().min(0).exactOptional().meta({
          description:
            'How many milliseconds ago it was done, where the device knows better than by its clock.',
        }),
        after: order.exactOptional().meta({
          description: 'The highest order that the device had seen of the bake when it was done.',
        }),
        act: personalAct,
      }),
    )
    .min(1, 'Send at least one reading.')
    .max(MOST_READINGS_AT_ONCE, `Send at most ${MOST_READINGS_AT_ONCE} readings at a time.`),
});

const replanAct = z.object({ do: z.literal('replan'), plan: bakePlan, revision: newestRevision });

export const bakeReading = z.object({
  sequence: z.int().meta({ description: 'Goes up with every reading of every bake.' }),
  ...said,
  order: order.meta({
    description: 'What decides between two acts: milliseconds since 1970, never running backwards.',
  }),
  act: z.union([personalAct, replanAct]),
});

export const bakeSummary = z.object({
  id: z.uuid(),
  recipeId: z.uuid(),
  title: z.string(),
  factor: z.string(),
  makes: makes.nullable(),
  handId,
  begunAt: instant,
  changedAt: instant,
  stage: z.enum(STAGES),
  ready: z.int().meta({ description: 'Lines that are on the tray.' }),
  of: z.int(),
  rating: z.int().nullable(),
  symptoms: z.array(z.enum(SYMPTOMS)).readonly(),
  isGood: z.boolean().meta({ description: 'Its weights are kept as good.' }),
  isWasted: z.boolean(),
  note: z.string(),
  photo: z.uuid().nullable(),
  readyAt: instant.nullable(),
  oven: z
    .object({
      name: z.string().nullable(),
      from: instant,
      to: instant,
      celsius: z.number().nullable(),
    })
    .nullable()
    .meta({ description: 'When its oven is taken, where it is planned backwards.' }),
});

export const bake = bakeSummary.extend({
  recipeRevision: newestRevision.meta({
    description: 'Of the recipe that the plan goes by. A newer one can be taken in.',
  }),
  plan: bakePlan.meta({ description: 'As it was when the bake was begun.' }),
  readings: z.array(bakeReading),
});

export const bakeList = z.object({ items: z.array(bakeSummary) });
export const bakeReadingList = z.object({ items: z.array(bakeReading) });

export const bakeQuery = z.object({
  recipeId: z.uuid().optional(),
  stage: z.enum(STAGES).optional().meta({ description: 'Only those that are at this stage.' }),
  search: z.string().trim().max(LONGEST_SEARCH).optional().meta({
    description: 'Only those whose title or note holds this.',
  }),
  before: instant.optional().meta({ description: 'Only those begun before this: the next page.' }),
  limit: z.coerce.number().int().min(1).max(MOST_BAKES_AT_ONCE).default(MOST_BAKES_AT_ONCE),
});

export const bakeReadingQuery = z.object({
  after: z.coerce.number().int().min(0).default(0).meta({
    description: 'Only readings with a larger sequence.',
  }),
});

export type BakeDraft = z.input<typeof bakeDraft>;
export type BakeSummary = z.infer<typeof bakeSummary>;
export type Bake = z.infer<typeof bake>;
export type BakeReadingReply = z.infer<typeof bakeReading>;
export type ReadingsDraft = z.input<typeof readingsDraft>;
