import type { Role } from '../catalogue/index.js';
import type { Strictness } from '../fills/index.js';
import type { BakeKind } from './kind.js';

/** What is set against the flour, or against the largest ingredient where there is none. */
export const FORGIVEN_PARTS = [
  'water',
  'fat',
  'sugar',
  'egg',
  'leavening',
  'yeast',
  'salt',
  'thickener',
  'flavour',
  'inclusion',
] as const;
/** One of `FORGIVEN_PARTS`. */
export type ForgivenPart = (typeof FORGIVEN_PARTS)[number];

/** By part, the relative change of its ratio at which a home baker begins to see or taste it. */
export type Forgiveness = Readonly<Record<ForgivenPart, number>>;

/** What is left out of a row: no such bake has it, and what stands in for it is forgiven alike. */
const SAME_AS: Readonly<Partial<Record<ForgivenPart, ForgivenPart>>> = {
  yeast: 'leavening',
  leavening: 'yeast',
};

/**
 * In percent, in the order of `FORGIVEN_PARTS`; null where such a bake has none of it. Assumptions,
 * from what home bakers do and what comes of it: by cup, flour varies by up to a fifth between
 * people, and then bakes turn dense and dry; most bakes that are measured well by cup come out;
 * sponges and soufflés have to be followed exactly, and bars forgive nearly anything. A kitchen's
 * own log is to know better.
 */
const PERCENT: Readonly<Record<BakeKind, readonly (number | null)[]>> = {
  airy: [6, 10, 8, 8, 12, null, 30, 10, 50, 25],
  cake: [10, 12, 10, 12, 18, null, 35, 15, 50, 30],
  quick: [13, 18, 18, 18, 22, null, 40, 20, 50, 35],
  cookie: [12, 12, 14, 18, 25, null, 40, 20, 50, 35],
  bar: [20, 20, 22, 25, 30, 30, 40, 25, 50, 40],
  pastry: [10, 12, 20, 20, 25, null, 40, 20, 50, 30],
  'lean-dough': [6, 25, 30, 25, null, 35, 20, 20, 50, 30],
  'rich-dough': [8, 15, 20, 18, null, 35, 25, 20, 50, 30],
};

/** Strict narrows by a third, relaxed widens by a third. */
const TIMES: Readonly<Record<Strictness, number>> = { relaxed: 4 / 3, normal: 1, strict: 2 / 3 };

function row(kind: BakeKind, strictness: Strictness): Forgiveness {
  const percent = (part: ForgivenPart): number | null =>
    PERCENT[kind][FORGIVEN_PARTS.indexOf(part)] ?? null;
  const share = (part: ForgivenPart): number =>
    ((percent(part) ?? percent(SAME_AS[part]!)!) / 100) * TIMES[strictness];
  const entries = FORGIVEN_PARTS.map((part): [ForgivenPart, number] => [part, share(part)]);
  return Object.fromEntries(entries) as Record<ForgivenPart, number>;
}

const ROWS = new Map<string, Forgiveness>();

/**
 * What a kind of bake forgives: relative deviations of its ratios, 0.04 to 0.67.
 *
 * @example
 * forgivenessOf('cake').water // 0.1
 * forgivenessOf('cake', 'relaxed').water // 0.133
 */
export function forgivenessOf(kind: BakeKind, strictness: Strictness = 'normal'): Forgiveness {
  const key = `${kind} ${strictness}`;
  let found = ROWS.get(key);
  if (!found) ROWS.set(key, (found = row(kind, strictness)));
  return found;
}

/** The forgiveness of a kind with what a log knows better in its place, as strictly as asked. */
export function learnedForgiveness(
  usual: Forgiveness,
  strictness: Strictness = 'normal',
  learned: Partial<Forgiveness> | undefined = undefined,
): Forgiveness {
  if (!learned) return usual;
  const better = Object.entries(learned).map(([part, limit]) => [part, limit * TIMES[strictness]]);
  return { ...usual, ...(Object.fromEntries(better) as Partial<Forgiveness>) };
}

/** The share of what is forgiven from which on a deviation is told. */
export const LEANING = 0.5;

/**
 * The relative deviation of a single line that a bake forgives, by its role. Flour goes by water:
 * so much more of it is as much less water to the flour.
 */
export function forgivenOf(role: Role, forgives: Forgiveness): number {
  return role === 'flour' || role === 'liquid' ? forgives.water : forgives[role];
}
