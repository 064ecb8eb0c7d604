import type { BakeOutcome, OutcomeLine } from './outcome.js';

/** Something that was otherwise than in the bake before. */
export type Change =
  | {
      readonly what: 'line';
      readonly written: string;
      readonly ingredientId: string;
      /** To the largest ingredient, relative: more of everything is no change of it. */
      readonly by: number;
    }
  | { readonly what: 'new-line' | 'gone-line'; readonly written: string }
  | { readonly what: 'hand'; readonly handId: string | null }
  | { readonly what: 'factor' | 'minutes' | 'dial'; readonly from: number; readonly to: number };

/** Less than this is the step of a scale, not a change. */
const LEAST = 0.02;
const LEAST_MINUTES = 1;

const keyOf = ({ ingredientId, nth, written }: OutcomeLine): string =>
  `${ingredientId} ${nth} ${written}`;

/** What was otherwise in a bake than in another one, the largest change of a line first. */
export function changedSince(now: BakeOutcome, before: BakeOutcome): readonly Change[] {
  const old = new Map(before.lines.map((line) => [keyOf(line), line]));
  const known = new Set(now.lines.map(keyOf));
  const lines = now.lines.flatMap((line): Change[] => {
    const was = old.get(keyOf(line));
    if (!was) return [{ what: 'new-line', written: line.written }];
    // What was not weighed in both is known by what was meant only.
    const of = line.isWeighed && was.isWeighed ? 'grams' : 'intendedGrams';
    const by = line[of] / was[of] - 1;
    const { written, ingredientId } = line;
    return Math.abs(by) >= LEAST ? [{ what: 'line', written, ingredientId, by }] : [];
  });
  const gone = before.lines
    .filter((line) => !known.has(keyOf(line)))
    .map(({ written }): Change => ({ what: 'gone-line', written }));
  const figures = (
    [
      ['factor', before.factor, now.factor, 0.005],
      ['minutes', before.minutes, now.minutes, LEAST_MINUTES],
      ['dial', before.dialCelsius, now.dialCelsius, LEAST_MINUTES],
    ] as const
  ).flatMap(([what, from, to, least]): Change[] =>
    from !== null && to !== null && Math.abs(to - from) >= least ? [{ what, from, to }] : [],
  );
  const hand: Change[] = now.handId === before.handId ? [] : [{ what: 'hand', handId: now.handId }];
  const size = (change: Change): number => (change.what === 'line' ? Math.abs(change.by) : 1);
  return [...[...lines, ...gone].sort((a, b) => size(b) - size(a)), ...figures, ...hand];
}
