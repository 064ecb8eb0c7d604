import type { PlannedFill } from '../../fills/index.js';
import type { BakeLine, BakeMeasure } from './bake.js';

/** One fill that was made. */
export interface MadeFill {
  readonly reading: string;
  readonly tool: string;
  /** Null where it was not made over a scale. */
  readonly grams: number | null;
  readonly scale: string | null;
  readonly handId: string | null;
  readonly at: string;
}

/** What is still to be filled of each tool: the plan's fills, times what was scaled, less those made. */
export function fillsLeft(
  planned: readonly PlannedFill[],
  made: readonly Pick<MadeFill, 'tool'>[],
): readonly PlannedFill[] {
  return planned.flatMap((fill) => {
    const done = made.filter(({ tool }) => tool === fill.tool).length;
    return done >= fill.count ? [] : [{ ...fill, count: fill.count - done }];
  });
}

/** What one fill of a tool weighs by the plan, in grams: its share of the whole by volume, else by count. */
export function gramsOfFill(
  { fills, grams }: Pick<NonNullable<BakeLine['measure']>, 'fills' | 'grams'>,
  tool: string,
): number {
  const isVolume = fills.every(({ millilitres }) => millilitres !== null);
  const sizeOf = ({ millilitres }: PlannedFill): number => (isVolume ? millilitres! : 1);
  const whole = fills.reduce((sum, fill) => sum + fill.count * sizeOf(fill), 0);
  const one = fills.find((fill) => fill.tool === tool) ?? fills[0];
  return one && whole > 0 ? (grams * sizeOf(one)) / whole : 0;
}

/** What fills weigh together: what was weighed is sure, the rest as sure as the plan's fills are. */
export function filledGrams(
  measure: BakeMeasure | null,
  fills: readonly MadeFill[],
): { readonly grams: number; readonly spread: number } | null {
  if (!measure && fills.some(({ grams }) => grams === null)) return null;
  let [known, expected] = [0, 0];
  for (const { grams, tool } of fills) {
    if (grams === null) expected += gramsOfFill(measure!, tool);
    else known += grams;
  }
  const grams = known + expected;
  return { grams, spread: grams > 0 && measure ? (expected / grams) * measure.spread : 0 };
}
