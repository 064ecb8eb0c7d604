/** How a dough is to be divided: into so many pieces, or into pieces of so many grams. */
export type Division =
  | { readonly by: 'pieces'; readonly pieces: number }
  | { readonly by: 'grams'; readonly gramsEach: number };

/** A dough in equal pieces. */
export interface Portions {
  readonly pieces: number;
  /** Unrounded. */
  readonly gramsEach: number;
  /** On the grid of the scale. */
  readonly shownGrams: number;
  /** What is left when every piece weighs what is shown; negative where the last one is short. */
  readonly restGrams: number;
  /** What becomes of it: nothing worth a word, a little more on each, a small one, or one that is short. */
  readonly rest: 'none' | 'spread' | 'small-one' | 'last-short';
}

/** A rest below this share of a piece is pinched onto the others. */
const SPREAD_BELOW = 0.25;

/**
 * Divides a dough of `doughGrams`. By pieces, each gets an equal share; by grams, as many whole
 * pieces as there are, and one more where it would be less than a twentieth short. Null where
 * nothing can be divided so.
 *
 * @example
 * portionsOf(1830, { by: 'pieces', pieces: 36 }, 1) // 36 pieces of 50 g, and 30 g to pinch onto them
 */
export function portionsOf(
  doughGrams: number,
  division: Division,
  gridGrams: number,
): Portions | null {
  const wanted = division.by === 'pieces' ? division.pieces : division.gramsEach;
  if (!(doughGrams > 0) || !(wanted > 0)) return null;
  if (division.by === 'pieces') {
    const { pieces } = division;
    if (!Number.isInteger(pieces)) return null;
    // Rounded down: what is left can be pinched on, what is missing can't be taken from anywhere.
    return withRest(doughGrams, pieces, doughGrams / pieces, gridGrams, Math.floor);
  }
  const { gramsEach } = division;
  const pieces = Math.floor(doughGrams / gramsEach + LAST_MAY_LACK);
  return pieces === 0 ? null : withRest(doughGrams, pieces, gramsEach, gridGrams, Math.round);
}

/** The last piece may weigh less by this share and still be one. */
const LAST_MAY_LACK = 0.05;

function withRest(
  doughGrams: number,
  pieces: number,
  gramsEach: number,
  gridGrams: number,
  round: (steps: number) => number,
): Portions | null {
  const shownGrams = onGrid(gramsEach, gridGrams, round);
  if (shownGrams <= 0) return null;
  const restGrams = doughGrams - pieces * shownGrams;
  const isNone = Math.abs(restGrams) < gridGrams;
  const rest = isNone
    ? 'none'
    : restGrams < 0
      ? 'last-short'
      : restGrams < shownGrams * SPREAD_BELOW || restGrams < pieces * gridGrams
        ? 'spread'
        : 'small-one';
  return { pieces, gramsEach, shownGrams, restGrams, rest };
}

const onGrid = (grams: number, gridGrams: number, round = Math.round): number =>
  Number((round(grams / gridGrams + 1e-9) * gridGrams).toFixed(3));

/**
 * What the scale shows when so many pieces are taken out of the tared bowl: minus what is out.
 * From the unrounded piece, so that no rounding adds up.
 */
export const takenOutGrams = (
  { gramsEach }: Portions,
  piecesOut: number,
  gridGrams: number,
): number => -onGrid(gramsEach * piecesOut, gridGrams);
