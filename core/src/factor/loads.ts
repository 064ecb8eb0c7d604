/** How a batch goes into what holds only part of it. */
export interface Loads {
  readonly count: number;
  /** Grams of each; they are equal, so that each mixes and bakes alike. */
  readonly gramsEach: number;
  /** What asks for so many. */
  readonly limitedBy: 'bowl' | 'oven';
}

/** What holds a batch: a bowl by its volume, an oven by the pieces or pans of one load. */
export interface Holds {
  readonly bowlMillilitres: number | null;
  readonly piecesPerLoad: number | null;
}

/** Dough and batter weigh about as much as water; kept to half a bowl, so that it can be mixed. */
const DOUGH_GRAMS_PER_MILLILITRE = 1;
const FILL_OF_BOWL = 0.5;

const gramsInBowl = (millilitres: number): number =>
  millilitres * FILL_OF_BOWL * DOUGH_GRAMS_PER_MILLILITRE;

/**
 * The equal loads into which a batch of so many grams and pieces is split: as few as bowl and oven
 * allow. A bowl is filled to half, of dough taken as heavy as water. Null where one load is
 * enough, or nothing is known of either.
 *
 * @example
 * loadsFor(2600, 24, { bowlMillilitres: 4000, piecesPerLoad: null })
 * // two loads of 1300 g, limited by the bowl
 */
export function loadsFor(grams: number, pieces: number | null, holds: Holds): Loads | null {
  const { bowlMillilitres, piecesPerLoad } = holds;
  const byBowl = bowlMillilitres ? Math.ceil(grams / gramsInBowl(bowlMillilitres) - 1e-9) : 1;
  const byOven = piecesPerLoad && pieces ? Math.ceil(pieces / piecesPerLoad - 1e-9) : 1;
  const count = Math.max(byBowl, byOven);
  if (count <= 1) return null;
  return { count, gramsEach: grams / count, limitedBy: byBowl >= byOven ? 'bowl' : 'oven' };
}

/**
 * The batch that so many full loads are, as a factor of a recipe of `grams` and `pieces`: what bowl
 * and oven both take. Null where nothing is known of either.
 */
export function factorOfLoads(
  loads: number,
  { grams, pieces }: { readonly grams: number; readonly pieces: number | null },
  { bowlMillilitres, piecesPerLoad }: Holds,
): number | null {
  const factors = [
    ...(bowlMillilitres && grams > 0 ? [(loads * gramsInBowl(bowlMillilitres)) / grams] : []),
    ...(piecesPerLoad && pieces ? [(loads * piecesPerLoad) / pieces] : []),
  ];
  return factors.length > 0 ? Math.min(...factors) : null;
}
