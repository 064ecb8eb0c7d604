import { z } from 'zod';
import { CAUSES, type Chances, type WhereWeighingPays } from '@ypsigram/core/chance';
import { MOST_BAKES } from './limits.js';
import { isOneRecipe, oneRecipe, planned } from './plans.js';

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
    wanted: z
      .number('Write the chance that is wanted as a share, such as 0.9.')
      .gt(0, 'A chance is over 0.')
      .lt(1, 'Nothing is certain: ask for less than 1.')
      .optional()
      .meta({ description: 'The chance of a good bake to reach by weighing a few lines.' }),
  })
  .refine(isOneRecipe, oneRecipe);

const share = z.number().min(0).max(1);

const spread = {
  mean: z.number().meta({ description: 'Of the relative deviation.' }),
  deviation: z.number(),
  quantiles: z.tuple([z.number(), z.number(), z.number(), z.number(), z.number()]).meta({
    description: 'The 5th, 25th, 50th, 75th and 95th of 100.',
  }),
};

export const chanceReply = z.object({
  bakes: z.int(),
  seed: z.int(),
  good: share.meta({ description: 'Every ratio within what it forgives.' }),
  base: z.enum(['flour', 'total']),
  lines: z.array(z.object({ index: z.int(), within: share, ...spread })),
  ratios: z.record(
    z.string(),
    z.object({
      written: z.number(),
      within: share,
      ...spread,
      causes: z.record(z.enum(CAUSES), share),
      byLine: z.record(z.string(), share),
    }),
  ),
  leftOut: z.array(z.int()).meta({ description: 'Ingredient lines that have no weight.' }),
  assumed: z.array(z.int()).meta({
    description: 'Lines whose hand is assumed, since no trials of it are known.',
  }),
  pays: z
    .object({
      weigh: z.array(z.int()),
      goodNow: share,
      goodThen: share,
      isReached: z.boolean(),
    })
    .nullable()
    .meta({ description: 'The fewest lines to weigh for the chance that was wanted.' }),
});

export type ChanceReply = z.infer<typeof chanceReply>;

/** Chances as they cross the wire. */
export function toChanceReply(
  { bakes, good, base, lines, ratios }: Chances,
  about: {
    readonly seed: number;
    readonly leftOut: readonly number[];
    readonly assumed: readonly number[];
    readonly pays: WhereWeighingPays | null;
  },
): ChanceReply {
  const { seed, leftOut, assumed, pays } = about;
  return {
    bakes,
    seed,
    good,
    base,
    lines: lines.map((line) => ({ ...line, quantiles: [...line.quantiles] })),
    ratios: Object.fromEntries(
      Object.entries(ratios).map(([part, ratio]) => [
        part,
        {
          ...ratio,
          quantiles: [...ratio.quantiles],
          causes: { ...ratio.causes },
          byLine: { ...ratio.byLine },
        },
      ]),
    ),
    leftOut: [...leftOut],
    assumed: [...assumed],
    pays: pays && { ...pays, weigh: [...pays.weigh] },
  };
}
