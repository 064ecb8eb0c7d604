import { bakeSteps } from '@ypsigram/core/baking/steps';
import type { BakePlan, BakeState } from '@ypsigram/core/bench';
import { scheduleBack } from '@ypsigram/core/bench/oven';
import type { Shelf } from '@ypsigram/core/catalogue';
import { outcomeOf, type BakeIdentity } from '@ypsigram/core/log';
import { readRecipe } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';

/** What of a bake stands beside it, so that lists and what is learned need none of its readings. */
export function summaryOf(bake: BakeIdentity, state: BakeState, shelf: Shelf) {
  const { plan, after, ready, lines, stage } = state;
  return {
    ready,
    lineCount: lines.length,
    stage,
    title: plan.title,
    rating: after.result?.rating ?? null,
    isGood: after.isGood,
    isWasted: after.result?.isWasted ?? false,
    symptoms: (after.result?.symptoms ?? []) as never[],
    note: after.result?.note ?? '',
    photo: after.photos[0] ?? null,
    readyAt: after.readyAt,
    oven: after.readyAt === null ? null : ovenTimeOf(plan, state, after.readyAt, shelf),
    outcome: outcomeOf(bake, state, shelf),
  };
}

/** When a bake that is planned backwards takes its oven; null where it takes none. */
function ovenTimeOf(plan: BakePlan, { after, lines }: BakeState, readyAt: string, shelf: Shelf) {
  const { steps } = bakeSteps(readRecipe(plan.text, USUAL_STANDARD, shelf), plan.baking);
  const { oven } = scheduleBack(readyAt, {
    steps,
    lines: lines.map(({ line }) => line),
    minutes: after.minutes,
    trays: after.oven?.trays ?? 1,
  });
  return oven && { name: after.oven?.oven ?? null, ...oven };
}
