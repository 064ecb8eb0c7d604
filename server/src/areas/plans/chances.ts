import { setImmediate as othersServed } from 'node:timers/promises';
import type { z } from 'zod';
import {
  toBakeReply,
  toChanceReply,
  type ChanceReply,
  type chanceRequest,
} from '@ypsigram/contract';
import { planBatch, unweighedLines } from '@ypsigram/core/batch';
import {
  Simulation,
  chanceLines,
  learnSteps,
  searchSteps,
  type ChanceLine,
  type ChanceOptions,
  type Chances,
  type Route,
  type Steps,
} from '@ypsigram/core/chance';
import { requestedBatch, type PlanContext } from './service.js';

/** Others are served after so many fills, a few milliseconds of work. */
const FILLS_AT_ONCE = 50_000;

/** Bakes in portions, so that a long run keeps nobody waiting. */
async function baked(lines: readonly ChanceLine[], options: ChanceOptions): Promise<Chances> {
  const simulation = new Simulation(lines, options);
  const portion = Math.max(100, Math.floor(FILLS_AT_ONCE / Math.max(1, lines.length)));
  for (let left = options.bakes; left > 0; left -= portion) {
    simulation.bake(Math.min(left, portion));
    await othersServed();
  }
  return simulation.chances();
}

/** Takes the steps of a search, and lets others in between them. */
async function taken<T>(steps: Steps<T>): Promise<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await othersServed();
  }
}

/** How likely a batch comes out, by the error model. Saves nothing. */
export async function chancesFor(
  request: z.output<typeof chanceRequest>,
  context: PlanContext,
): Promise<ChanceReply> {
  const { route, weigh, bakes, seed, wanted, jug, learn, ...planned } = request;
  const { recipe, batch, isKindGuessed, toolSpreads } = await requestedBatch(planned, context);
  const plan = planBatch(recipe.reading, batch);
  const routeOf = (index: number): Route => (weigh.includes(index) ? 'weigh' : route);
  const lines = chanceLines(plan, batch, routeOf, { toolSpreads, jug });
  const { strictness, kind } = batch;
  const options = { bakes, seed, ...(kind && { kind }), ...(strictness && { strictness }) };
  return toChanceReply(await baked(lines, options), {
    seed,
    leftOut: unweighedLines(plan),
    assumed: lines.flatMap((line) =>
      line.route === 'measure' && line.hand !== null && !line.isHandKnown ? [line.index] : [],
    ),
    pays: wanted === undefined ? null : await taken(searchSteps(lines, wanted, options)),
    bake: toBakeReply(batch, isKindGuessed),
    learn: learn ? await taken(learnSteps(lines, options)) : null,
  });
}
