import type { Method, Shelf } from '../catalogue/index.js';
import type { Reading } from '../reading/index.js';
import type { LineChoice } from './balance/index.js';
import { lineKeys } from './line-keys.js';
import { methodsForLine } from './line-method.js';

/** By the key of a line: see `lineKeys`. */
export type MethodsByLine = Readonly<Record<string, Method>>;
export type ChoicesByLine = Readonly<Record<string, LineChoice>>;

/**
 * What was decided of single lines after the text was edited. It stays with its line: with the same
 * written line wherever it has moved (the nearest, of several alike), else with the line at
 * its place when that still is the same ingredient. What fits nowhere is dropped.
 */
function carry<T>(
  before: Reading,
  after: Reading,
  byLine: Readonly<Record<string, T>>,
  fits: (to: number, what: T) => boolean,
): Record<string, T> {
  const carried: Record<string, T> = {};
  const [keysBefore, keysAfter] = [lineKeys(before), lineKeys(after)];
  for (const [key, what] of Object.entries(byLine)) {
    const index = keysBefore.indexOf(key);
    const line = before.lines[index];
    if (!line) continue;
    const to =
      nearest(after, index, line.written) ?? sameIngredient(after, index, line.ingredientId);
    if (to !== null && fits(to, what)) carried[keysAfter[to]!] = what;
  }
  return carried;
}

/** Chosen methods after an edit; one that its line can't be filled by any more is dropped. */
export function carryMethods(
  before: Reading,
  after: Reading,
  methods: MethodsByLine,
  shelf: Shelf,
): MethodsByLine {
  return carry(before, after, methods, (to, method) =>
    methodsForLine(after.lines[to]!, shelf).includes(method),
  );
}

/** What else was decided of lines, after an edit. */
export function carryChoices(
  before: Reading,
  after: Reading,
  choices: ChoicesByLine,
): Record<string, LineChoice> {
  return carry(before, after, choices, () => true);
}

function nearest({ lines }: Reading, index: number, written: string): number | null {
  let best: number | null = null;
  for (let at = 0; at < lines.length; at++) {
    if (lines[at]!.written !== written) continue;
    if (best === null || Math.abs(at - index) < Math.abs(best - index)) best = at;
  }
  return best;
}

function sameIngredient(
  { lines }: Reading,
  index: number,
  ingredientId: string | null,
): number | null {
  return ingredientId !== null && lines[index]?.ingredientId === ingredientId ? index : null;
}
