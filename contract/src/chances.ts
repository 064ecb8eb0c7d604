import { z } from 'zod';
import {
  CAUSES,
  HISTOGRAM,
  JUG_READINGS,
  type CausedOutcome,
  type Chances,
  type HandLesson,
  type ToolLesson,
  type ChanceOutcome,
  type WhatToLearn,
  type WhereWeighingPays,
} from '@ypsigram/core/chance';
import { MOST_BAKES } from './limits.js';
import { method } from './parts.js';
import { bakeReply, hasBatch, isOneRecipe, noBatch, oneRecipe, planned } from './plans.js';

export const chanceRequest = z
  .strictObject({
    ...planned,
    route: z.enum(['measure', 'weigh']).default('measure').meta({
      description: 'How the lines are done, but for those in `weigh`.',
    }),
    weigh: z.array(z.int().nonnegative()).max(1000).default([]).meta({
      description: 'Lines that are weighed in any case, by their index.',
    }),
    bakes: z
      .int('Write how many bakes as a whole number.')
      .min(100, 'At least 100 bakes say something.')
      .max(MOST_BAKES, `At most ${MOST_BAKES} bakes at once.`)
      .default(10_000),
    seed: z.int().min(0).max(0xffffffff).default(1).meta({
      description: 'The same seed gives the same figures, here and in the page.',
    }),
    jug: z.enum(JUG_READINGS).default('eye-level').meta({
      description: 'How the marks of a jug are read.',
    }),
    learn: z.boolean().default(false).meta({
      description: 'Whether to say which tools and hands it would help to know better.',
    }),
    wanted: z
      .number('Write the chance that is wanted as a share, such as 0.9.')
      .gt(0, 'A chance is over 0.')
      .lt(1, 'Nothing is certain: ask for less than 1.')
      .optional()
      .meta({ description: 'The chance of a good bake to reach by weighing a few lines.' }),
  })
  .refine(isOneRecipe, oneRecipe)
  .refine(hasBatch, noBatch);

const share = z.number().min(0).max(1);

const outcome = z.object({
  within: share.meta({ description: 'The share of bakes within what is forgiven.' }),
  mean: z.number().meta({ description: 'Of the relative deviation.' }),
  deviation: z.number(),
  quantiles: z.tuple([z.number(), z.number(), z.number(), z.number(), z.number()]).meta({
    description: 'The 5th, 25th, 50th, 75th and 95th of 100.',
  }),
  histogram: z
    .array(z.int())
    .length(HISTOGRAM.bars)
    .meta({
      description: `How many bakes were off by so much: from −${HISTOGRAM.reach} to ${HISTOGRAM.reach} in steps of ${HISTOGRAM.step}, what lies beyond at the ends.`,
    }),
});

const caused = outcome.extend({
  causes: z.record(z.enum(CAUSES), share).meta({
    description: 'The share of the variance that each cause has.',
  }),
  byLine: z.record(z.string(), share).meta({
    description: 'What each line has of it on its own, by its index, without what is shared.',
  }),
});

const toolLesson = z.object({ name: z.string(), lines: z.array(z.int()), goodThen: share });

const handLesson = toolLesson.extend({
  of: z.string().meta({ description: 'Id of an ingredient, or a class of ingredients.' }),
  method,
});

export const chanceReply = z.object({
  ...bakeReply,
  bakes: z.int(),
  seed: z.int(),
  good: share.meta({
    description:
      'The same again: every ratio within what the bake forgives around the intended masses.',
  }),
  asAuthored: share.meta({
    description: 'As the author baked it: the author’s own scatter and unstated method added.',
  }),
  everyLine: share.meta({ description: 'Every single line within what it forgives.' }),
  base: z.enum(['flour', 'total']),
  baseMass: caused.extend({ grams: z.number().meta({ description: 'As it was meant.' }) }),
  lines: z.array(outcome.extend({ index: z.int() })),
  ratios: z.record(
    z.string(),
    caused.extend({ written: z.number().meta({ description: 'As meant, in percent.' }) }),
  ),
  leftOut: z.array(z.int()).meta({ description: 'Ingredient lines that have no weight.' }),
  assumed: z.array(z.int()).meta({
    description: 'Lines whose hand is assumed, since no trials of it are known.',
  }),
  pays: z
    .object({
      ingredients: z.array(z.string()),
      weigh: z.array(z.int()).meta({ description: 'Their lines, by index.' }),
      goodNow: share,
      goodThen: share,
      isReached: z.boolean(),
    })
    .nullable()
    .meta({ description: 'The fewest ingredients to weigh for the chance that was wanted.' }),
  learn: z
    .object({ goodNow: share, tools: z.array(toolLesson), hands: z.array(handLesson) })
    .nullable()
    .meta({
      description:
        'The chance once a tool was calibrated with water, or a filling weighed three more times.',
    }),
});

export type ChanceReply = z.infer<typeof chanceReply>;

type OutcomeReply = z.infer<typeof outcome>;

const toOutcome = ({
  within,
  mean,
  deviation,
  quantiles,
  histogram,
}: ChanceOutcome): OutcomeReply => ({
  within,
  mean,
  deviation,
  quantiles: [...quantiles],
  histogram: [...histogram],
});

const toCaused = ({ causes, byLine, ...one }: CausedOutcome): z.infer<typeof caused> => ({
  ...toOutcome(one),
  causes: { ...causes },
  byLine: { ...byLine },
});

const toToolLesson = ({ tool, lines, goodThen }: ToolLesson): z.infer<typeof toolLesson> => ({
  name: tool,
  lines: [...lines],
  goodThen,
});

const toHandLesson = ({ hand, lines, goodThen }: HandLesson): z.infer<typeof handLesson> => ({
  ...hand,
  name: `${hand.of} ${hand.method}`,
  lines: [...lines],
  goodThen,
});

/** Chances as they cross the wire. */
export function toChanceReply(
  { bakes, good, asAuthored, everyLine, base, baseMass, lines, ratios }: Chances,
  about: {
    readonly seed: number;
    readonly leftOut: readonly number[];
    readonly assumed: readonly number[];
    readonly pays: WhereWeighingPays | null;
    readonly learn: WhatToLearn | null;
    readonly bake: Pick<ChanceReply, 'kind' | 'isKindGuessed' | 'forgives'>;
  },
): ChanceReply {
  const { seed, leftOut, assumed, pays, learn, bake } = about;
  return {
    ...bake,
    bakes,
    seed,
    good,
    asAuthored,
    everyLine,
    base,
    baseMass: { ...toCaused(baseMass), grams: baseMass.grams },
    lines: lines.map((line) => ({ index: line.index, ...toOutcome(line) })),
    ratios: Object.fromEntries(
      Object.entries(ratios).map(([part, ratio]) => [
        part,
        { ...toCaused(ratio), written: ratio.intended },
      ]),
    ),
    leftOut: [...leftOut],
    assumed: [...assumed],
    pays: pays && { ...pays, ingredients: [...pays.ingredients], weigh: [...pays.weigh] },
    learn: learn && {
      goodNow: learn.goodNow,
      tools: learn.tools.map(toToolLesson),
      hands: learn.hands.map(toHandLesson),
    },
  };
}
