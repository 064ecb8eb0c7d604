import type { z } from 'zod';
import {
  MOST_LINES_BAKED,
  toBakeReply,
  toChanceReply,
  type ChanceReply,
  type chanceRequest,
} from '@ypsigram/contract';
import { planBatch, unweighedLines } from '@ypsigram/core/batch';
import { chanceLines, type ChanceRoute } from '@ypsigram/core/chance';
import { ProblemError } from '../../http/problem.js';
import { bakeInThread } from '../../workers/chance-pool.js';
import { requestedBatch, type PlanContext } from './service.js';

/** @throws ProblemError 422 where it would keep a processor busy for long */
function checkWork(lines: number, bakes: number): void {
  const most = Math.floor(MOST_LINES_BAKED / Math.max(1, lines));
  if (bakes <= most) return;
  throw new ProblemError(
    422,
    `With ${lines} ingredients, ask for at most ${most} bakes at a time.`,
    { field: 'bakes' },
  );
}

/**
 * How likely a batch comes out, by the error model. Saves nothing. Ends when the signal says that
 * nobody waits for it any more.
 */
export async function chancesFor(
  request: z.output<typeof chanceRequest>,
  context: PlanContext,
  signal: AbortSignal,
): Promise<ChanceReply> {
  const { route, weigh, bakes, seed, wanted, jug, learn, ...planned } = request;
  const { recipe, batch, isKindGuessed, toolSpreads } = await requestedBatch(planned, context);
  const plan = planBatch(recipe.reading, batch);
  const routeOf = (index: number): ChanceRoute => (weigh.includes(index) ? 'weigh' : route);
  const lines = chanceLines(plan, batch, routeOf, { toolSpreads, jug });
  const { strictness, kind, learned } = batch;
  const options = {
    bakes,
    seed,
    ...(kind && { kind }),
    ...(strictness && { strictness }),
    ...(learned && { learned }),
  };
  checkWork(lines.length, bakes);
  const job = { lines, options, wanted: wanted ?? null, learn };
  const result = await bakeInThread(job, signal);
  return toChanceReply(result.chances, {
    seed,
    leftOut: unweighedLines(plan),
    assumed: lines.flatMap((line) =>
      line.route === 'measure' && line.hand !== null && !line.isHandKnown ? [line.index] : [],
    ),
    pays: result.pays,
    bake: toBakeReply(batch, isKindGuessed),
    learn: result.learn,
  });
}
