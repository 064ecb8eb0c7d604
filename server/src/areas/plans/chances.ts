import type { z } from 'zod';
import { toChanceReply, type ChanceReply, type chanceRequest } from '@ypsigram/contract';
import { planBatch } from '@ypsigram/core/batch';
import { chanceLines, simulate, whereWeighingPays, type Route } from '@ypsigram/core/chance';
import { prepare, type Surroundings } from './service.js';

/** The search for what to weigh bakes each of many sets: as often as says enough. */
const BAKES_OF_A_SET = 1000;

/** How likely a batch comes out, by the error model. Saves nothing. */
export async function chancesFor(
  request: z.output<typeof chanceRequest>,
  around: Surroundings,
): Promise<ChanceReply> {
  const { route, weigh, bakes, seed, wanted, ...planned } = request;
  const { reading, batch } = await prepare(planned, around);
  const plan = planBatch(reading, batch);
  const routeOf = (index: number): Route => (weigh.includes(index) ? 'weigh' : route);
  const lines = chanceLines(plan, batch, routeOf);
  const { strictness } = batch;
  return toChanceReply(simulate(lines, { bakes, seed, strictness }), {
    seed,
    leftOut: plan.flatMap(({ kind, intended }, index) =>
      kind === 'ingredient' && !intended ? [index] : [],
    ),
    assumed: lines.flatMap((line) =>
      line.route === 'measure' && line.hand !== null && !line.isHandKnown ? [line.index] : [],
    ),
    pays:
      wanted === undefined
        ? null
        : whereWeighingPays(lines, wanted, { bakes: BAKES_OF_A_SET, seed, strictness }),
  });
}
