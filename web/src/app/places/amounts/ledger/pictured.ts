import type { PlanLine } from '@ypsigram/core/batch';

/** What the cups and beams of each line show. */
export interface Pictured {
  readonly lines: readonly PlanLine[];
  /** Where among the lines in sight the next turn begins. */
  readonly turn: number;
}

/** So many lines in sight are drawn anew with each change of a batch that is being dragged. */
const LINES_A_TURN = 1;

/** All of them as planned. */
export const allPictured = (lines: readonly PlanLine[]): Pictured => ({ lines, turn: 0 });

/**
 * Pictures cost more to draw than figures: with each change a few of those in sight follow, in
 * turn, so that a batch can be dragged without a dropped frame. The rest follow when it rests.
 */
export function nextPictured(
  plan: readonly PlanLine[],
  before: Pictured | undefined,
  seen: ReadonlySet<number>,
): Pictured {
  if (before?.lines.length !== plan.length) return allPictured(plan);
  const inSight = [...seen].sort((a, b) => a - b);
  if (inSight.length === 0) return { lines: plan, turn: 0 };
  const lines = [...before.lines];
  for (let step = 0; step < Math.min(LINES_A_TURN, inSight.length); step++) {
    const index = inSight[(before.turn + step) % inSight.length]!;
    lines[index] = plan[index]!;
  }
  return { lines, turn: (before.turn + LINES_A_TURN) % inSight.length };
}
