/** What is being weighed, and what of it is wanted. */
export interface Target {
  readonly wantedGrams: number;
  /** What is near enough, relative. */
  readonly tolerance: number;
  /** The step of the scale that weighs it. */
  readonly gridGrams: number;
}

/** Where a weighing stands. */
export interface LiveTarget {
  /** What is still to come; negative where it is too much. In grams. */
  readonly leftGrams: number;
  readonly state: 'empty' | 'far' | 'near' | 'at' | 'over';
  /** How far the bar is filled, 0 to 1: the mark is at `MARK`, and near it the bar is finer. */
  readonly bar: number;
  /** Where near enough begins and ends on the bar. */
  readonly from: number;
  readonly to: number;
}

/** Where the mark stands on the bar: room is left to show what is over. */
export const MARK = 0.8;
/** The bar is finer within this share of what is wanted. */
const FINE_WITHIN = 0.1;
/** Where the finer part of the bar begins: the last tenth takes as much room as the first half. */
const FINE_FROM = 0.4;

/**
 * Where a share of what is wanted stands on the bar, 0 to 1: the last tenth before the mark is
 * drawn as wide as all that comes before it, and as fine beyond the mark. Rises with the share
 * everywhere.
 *
 * @example
 * barAt(0.9) // 0.4
 * barAt(1) // 0.8
 */
export function barAt(share: number): number {
  const fineSlope = (MARK - FINE_FROM) / FINE_WITHIN;
  if (share <= 0) return 0;
  if (share <= 1 - FINE_WITHIN) return (share / (1 - FINE_WITHIN)) * FINE_FROM;
  return Math.min(1, MARK + (share - 1) * fineSlope);
}

/** Half of what a target may be missed by, in grams: near enough, and never less than a step. */
export const nearGrams = ({ wantedGrams, tolerance, gridGrams }: Target): number =>
  Math.max(wantedGrams * tolerance, gridGrams);

/** Figures that are equal on paper differ by less, in grams. */
const ROUNDING = 1e-9;

/** Where a net mass stands against what is wanted. */
export function liveTarget(grams: number, target: Target): LiveTarget {
  const { wantedGrams, gridGrams } = target;
  const near = nearGrams(target);
  const leftGrams = wantedGrams - grams;
  const share = grams / wantedGrams;
  return {
    leftGrams,
    bar: barAt(share),
    from: barAt(1 - near / wantedGrams),
    to: barAt(1 + near / wantedGrams),
    state:
      grams <= gridGrams / 2
        ? 'empty'
        : Math.abs(leftGrams) <= near + ROUNDING
          ? 'at'
          : leftGrams < 0
            ? 'over'
            : share >= 1 - FINE_WITHIN
              ? 'near'
              : 'far',
  };
}

/** Since when a weighing has stood still at its mark; null where it does not. */
export interface SteadyAt {
  readonly since: number;
  readonly grams: number;
}

/** So long a reading must have stood at the mark to be taken by itself. */
export const STEADY_MILLISECONDS = 1000;

/**
 * Follows how long a settled reading has stood at its mark. A step up or down of the same scale is
 * still the same reading; anything more begins anew.
 */
export function steadyAt(
  before: SteadyAt | null,
  reading: { readonly grams: number; readonly isStable: boolean },
  target: Target,
  now: number,
): SteadyAt | null {
  const isAt = liveTarget(reading.grams, target).state === 'at';
  if (!reading.isStable || !isAt) return null;
  const isSame = before && Math.abs(before.grams - reading.grams) <= target.gridGrams * 1.001;
  return isSame
    ? { since: before.since, grams: reading.grams }
    : { since: now, grams: reading.grams };
}

/** Whether it has stood there long enough to be taken. */
export const isSteady = (at: SteadyAt | null, now: number): boolean =>
  at !== null && now - at.since >= STEADY_MILLISECONDS;
