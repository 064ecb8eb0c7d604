import { readFileSync } from 'node:fs';
import { CATALOGUE } from '@ypsigram/core/shelf';
import type { Ingredient, TableWeight } from '@ypsigram/core/catalogue';
import { readFoods, readVolume, type Food } from '@ypsigram/core/table';
import { dataFile } from '../own-file.js';

const FOODS: ReadonlyMap<string, Food> = new Map(
  readFoods(readFileSync(dataFile('sr24-measures.csv'), 'utf8')).map((food) => [food.number, food]),
);

/** Tables give a cup to the gram, spoons to a tenth; figures of other amounts are rounded again. */
const PRINTED = 0.51;

const PIECES = new Set(['each', 'packet']);

/** Whether the table prints just this: grams, amount and unit; or so many fluid ounces for a cup. */
function isPrinted({ amount, unit, grams }: TableWeight, food: Food): boolean {
  return food.measures.some((measure) => {
    if (PIECES.has(unit)) return measure.amount === amount && measure.grams === grams;
    const read = readVolume(measure);
    if (read?.unit !== unit) return false;
    if (read.amount === amount) return read.grams === grams;
    return (
      Math.abs((read.grams / read.amount) * amount - grams) < PRINTED &&
      /fl oz/.test(measure.measure)
    );
  });
}

/** What the foods weigh in this unit, in the mean of them; of several forms the one that is meant. */
function meanOf({ amount, unit, grams }: TableWeight, rows: readonly string[]): number {
  const each = rows.map((row) => {
    const { measures } = FOODS.get(row)!;
    const alike = PIECES.has(unit)
      ? measures
      : measures.flatMap((one) => readVolume(one) ?? []).filter((one) => one.unit === unit);
    const weights = alike.map((one) => (one.grams / one.amount) * amount);
    return weights.sort((a, b) => Math.abs(a - grams) - Math.abs(b - grams))[0] ?? NaN;
  });
  return each.reduce((sum, one) => sum + one, 0) / each.length;
}

const cited = CATALOGUE.flatMap((ingredient) =>
  ingredient.weights.map((weight) => ({ ingredient, weight })),
);
const at = ({ id }: Ingredient, { unit, grams, form }: TableWeight): string =>
  `${id}: ${grams} g, ${form ?? 'as it comes'}, by ${unit}`;

describe('what the shelf cites of the public food table', () => {
  it('stands there word for word: amount, unit and grams', () => {
    const wrong = cited.flatMap(({ ingredient, weight }) =>
      weight.source.from === 'table'
        ? weight.source.rows
            .filter((row) => !FOODS.has(row) || !isPrinted(weight, FOODS.get(row)!))
            .map((row) => `${at(ingredient, weight)}, not in ${row}`)
        : [],
    );
    expect(wrong).toEqual([]);
  });

  it('has as much water, within rounding', () => {
    const wrong = CATALOGUE.flatMap((ingredient) => {
      const first = ingredient.weights.find(
        ({ source, form }) => source.from === 'table' && form === null,
      );
      if (first?.source.from !== 'table') return [];
      const water = FOODS.get(first.source.rows[0]!)?.water ?? null;
      if (water === null) return [];
      const rounding = Number.isInteger(ingredient.waterPercent) ? 0.5 : 0.06;
      return Math.abs(water - ingredient.waterPercent) <= rounding
        ? []
        : [`${ingredient.id}: ${ingredient.waterPercent} %, the table has ${water} %`];
    });
    expect(wrong).toEqual([]);
  });

  it('is of another release only where this one does not have it', () => {
    const needless = cited.filter(
      ({ weight }) =>
        weight.source.from === 'other-release' &&
        weight.source.rows.some((row) => FOODS.has(row) && isPrinted(weight, FOODS.get(row)!)),
    );
    expect(needless.map(({ ingredient, weight }) => at(ingredient, weight))).toEqual([]);
  });

  it('is the mean of its kin, where something weighs as they do', () => {
    const wrong = cited.flatMap(({ ingredient, weight }) => {
      if (weight.source.from !== 'kin') return [];
      const mean = meanOf(weight, weight.source.rows);
      return Math.abs(weight.grams / mean - 1) < 0.03
        ? []
        : [`${at(ingredient, weight)}; its kin ${mean.toFixed(1)} g`];
    });
    expect(wrong).toEqual([]);
  });
});
