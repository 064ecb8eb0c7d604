import { METHOD_NAMES } from '@ypsigram/contract';
import type { TrialSet } from '@ypsigram/core/calibration';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { COVERAGE, weightTable, type KnownWeight } from '@ypsigram/core/measuring';
import type { ChartRow } from '../chart/rows-chart';
import type { HandTrial } from '../../state/trials/trials.selectors';

/** Looks of the three kinds of rows. */
const METHOD = 0;
const AUTHOR = 3;
const HAND = 1;

/** Somebody's name, and what is known of their cups. */
export interface NamedCups {
  readonly name: string;
  readonly known: readonly KnownWeight[];
}

export interface NamedSets {
  readonly name: string;
  readonly sets: readonly TrialSet<HandTrial>[];
}

const around = (mean: number, share: number): [number, number] | null =>
  share > 0 ? [mean * (1 - share), mean * (1 + share)] : null;

/**
 * What a cup of an ingredient weighs by each method, for each author and by each hand, in grams
 * to a cup of so many millilitres. Only what is known: nobody is guessed.
 */
export function cupRows(
  ingredient: Ingredient,
  cupMillilitres: number,
  authors: readonly NamedCups[],
  hands: readonly NamedSets[],
): ChartRow[] {
  const row = (label: string, look: number, density: number, share: number): ChartRow => {
    const mean = density * cupMillilitres;
    return { label, look, mean, interval: around(mean, share), dots: [] };
  };
  const named = (form: string | null, rest: string): string =>
    [form, rest].filter(Boolean).join(', ');
  const methods = weightTable(ingredient).map(({ form, method, cup }) =>
    row(
      named(form, METHOD_NAMES[method]),
      METHOD,
      cup.gramsPerMillilitre,
      cup.relativeSpread * COVERAGE,
    ),
  );
  const byAuthor = authors.flatMap(({ name, known }) =>
    known
      .filter(({ ingredientId }) => ingredientId === ingredient.id)
      .map(({ form, rung, gramsPerMillilitre, relativeSpread }) =>
        row(
          named(form, rung === 'estimate' ? `${name} (estimate)` : name),
          AUTHOR,
          gramsPerMillilitre,
          relativeSpread * COVERAGE,
        ),
      ),
  );
  const byHand = hands.flatMap(({ name, sets }) =>
    sets.flatMap(({ of, size, calibration }) =>
      of.ingredientId === ingredient.id && size === 'cup' && calibration?.isEnough
        ? [
            row(
              named(of.form, `${name}, ${METHOD_NAMES[of.method]}`),
              HAND,
              calibration.gramsPerMillilitre,
              calibration.uncertainty,
            ),
          ]
        : [],
    ),
  );
  return [...methods, ...byAuthor, ...byHand];
}
