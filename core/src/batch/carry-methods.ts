import type { Method } from '../catalogue/index.js';
import type { Reading } from '../reading/index.js';
import { methodsForLine } from './plan.js';

export type MethodsByLine = Readonly<Record<number, Method>>;

/**
 * Chosen methods after the text was edited. A choice stays with its line: with the same
 * written line wherever it has moved (the nearest, of several alike), else with the line at
 * its place when that still is the same ingredient. Choices that fit nowhere are dropped.
 */
export function carryMethods(
  before: Reading,
  after: Reading,
  methods: MethodsByLine,
): MethodsByLine {
  const carried: Record<number, Method> = {};
  for (const [key, method] of Object.entries(methods)) {
    const index = Number(key);
    const line = before.lines[index];
    if (!line) continue;
    const to =
      nearest(after, index, line.written) ?? sameIngredient(after, index, line.ingredientId);
    if (to !== null && methodsForLine(after.lines[to]!).includes(method)) carried[to] = method;
  }
  return carried;
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
