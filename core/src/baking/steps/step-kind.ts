import type { Deed } from '../../reading/facts/index.js';

/** What is done at a step, in the order that decides where a sentence names several. */
export const STEP_KINDS = [
  'bake',
  'heat',
  'chill',
  'rise',
  'cool',
  'rest',
  'knead',
  'cream',
  'fry',
  'sugar',
  'cook',
  'combine',
  'shape',
  'cut',
  'prepare',
  'other',
] as const;
/** One of `STEP_KINDS`. */
export type StepKind = (typeof STEP_KINDS)[number];

/** Which kind of step a deed makes. */
export const KIND_OF: Readonly<Record<Deed, StepKind>> = {
  bake: 'bake',
  'bake-or-cook': 'bake',
  'turn-down': 'bake',
  preheat: 'heat',
  chill: 'chill',
  rise: 'rise',
  cool: 'cool',
  rest: 'rest',
  knead: 'knead',
  cream: 'cream',
  combine: 'combine',
  cook: 'cook',
  fry: 'fry',
  sugar: 'sugar',
  shape: 'shape',
  cut: 'cut',
  prepare: 'prepare',
};

/** Kinds of steps at which nothing is to be done but to wait. */
export const WAITS: ReadonlySet<StepKind> = new Set(['chill', 'rise', 'rest', 'bake', 'cool']);

/** Work by hand: of these the one that a sentence begins with is meant ("roll out, fold in three, cut"). */
const BY_HAND: ReadonlySet<StepKind> = new Set(['combine', 'shape', 'cut', 'prepare', 'cook']);

/** A deed of a sentence, and whether a time stands with it. */
export interface TimedDeed {
  readonly deed: Deed;
  readonly isTimed: boolean;
}

/**
 * What a stretch of a recipe is about: the heaviest of what it names, of work by hand the first. To
 * wait counts only where it is timed or named first: "set aside" at the end of mixing is no rest.
 */
export function stepKind(deeds: readonly TimedDeed[]): StepKind {
  const kinds = deeds.flatMap(({ deed, isTimed }, at) => {
    const kind = KIND_OF[deed];
    return WAITS.has(kind) && kind !== 'bake' && !isTimed && at > 0 ? [] : [kind];
  });
  const heaviest = STEP_KINDS.find((kind) => kinds.includes(kind)) ?? 'other';
  return BY_HAND.has(heaviest) ? kinds.find((kind) => BY_HAND.has(kind))! : heaviest;
}
