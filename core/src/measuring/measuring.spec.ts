import { CATALOGUE, knownIngredient } from '../shelf/index.js';
import {
  combinedSpread,
  defaultMethod,
  densityOf,
  fillSpread,
  measureSize,
  methodsFor,
  pieceOf,
  type KnownWeight,
} from './index.js';
import { equalWeights } from './equal-weights.js';

const CUP = 236.5882365;
const TSP = CUP / 48;

const filling = (id: string, method: Parameters<typeof densityOf>[0]['method'], size = 'cup') =>
  ({ ingredient: knownIngredient(id), form: null, method, size }) as Parameters<
    typeof densityOf
  >[0];

describe('the basis ladder', () => {
  it('uses the table weight of the method', () => {
    const basis = densityOf(filling('flour-wheat-all-purpose', 'dipped'))!;
    expect(basis.rung).toBe('reference');
    expect(basis.gramsPerMillilitre * CUP).toBeCloseTo(137, 9);
    expect(basis.source.from).toBe('handbook');
  });

  it('estimates another method by the class factor, and says from what', () => {
    const basis = densityOf(filling('flour-wheat-whole', 'dipped'))!;
    expect(basis.rung).toBe('estimate');
    expect(basis.derivedFrom).toBe('spooned');
    expect(basis.gramsPerMillilitre * CUP).toBeCloseTo(120 * 1.1, 9);
  });

  it('starts an estimate from the usual method, whichever weight comes first in the table', () => {
    const basis = densityOf(filling('flour-wheat-bread', 'tamped'))!;
    expect(basis.derivedFrom).toBe('spooned');
    expect(basis.gramsPerMillilitre * CUP).toBeCloseTo(123 * 1.25, 9);
  });

  it('is surer of a table weight than of an estimate', () => {
    const table = densityOf(filling('flour-wheat-all-purpose', 'dipped'))!;
    const estimate = densityOf(filling('flour-wheat-all-purpose', 'tamped'))!;
    expect(estimate.relativeSpread).toBeGreaterThan(table.relativeSpread);
  });

  it('weighs spoons by the spoon and cups by the cup', () => {
    const spoon = densityOf(filling('sugar-granulated', 'level', 'tsp'))!;
    const cup = densityOf(filling('sugar-granulated', 'level', 'cup'))!;
    expect(spoon.gramsPerMillilitre * TSP).toBeCloseTo(4.2, 9);
    expect(cup.gramsPerMillilitre * CUP).toBeCloseTo(200, 9);
  });

  it('falls back on the nearest size that the table has', () => {
    const basis = densityOf(filling('baking-powder', 'level', 'cup'))!;
    expect(basis.gramsPerMillilitre * TSP).toBeCloseTo(4.6, 9);
  });

  it('takes the highest rung that is given', () => {
    const evidence = (rung: KnownWeight['rung'], grams: number): KnownWeight => ({
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      size: null,
      rung,
      gramsPerMillilitre: grams / CUP,
      relativeSpread: 0,
      source: { from: 'author', author: rung },
    });
    const basis = densityOf(filling('flour-wheat-all-purpose', 'spooned'), [
      evidence('hand', 131),
      evidence('author', 140),
    ])!;
    expect(basis.rung).toBe('author');
    expect(basis.gramsPerMillilitre * CUP).toBeCloseTo(140, 9);
  });

  it('uses what is known only for just that filling', () => {
    const known = (of: Partial<KnownWeight>): KnownWeight => ({
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      size: 'cup',
      rung: 'hand',
      gramsPerMillilitre: 0.6,
      relativeSpread: 0.01,
      source: { from: 'hand', hand: 'Grebe', trials: 9 },
      ...of,
    });
    const rung = (of: Partial<KnownWeight>): string | undefined =>
      densityOf(filling('flour-wheat-all-purpose', 'spooned'), [known(of)])?.rung;
    expect(rung({})).toBe('hand');
    expect(rung({ size: null })).toBe('hand');
    expect(rung({ size: 'tsp' })).toBe('reference');
    expect(rung({ method: 'dipped' })).toBe('reference');
    expect(rung({ form: 'chopped' })).toBe('reference');
    expect(rung({ ingredientId: 'honey' })).toBe('reference');
  });

  it('says how much of one salt is how much of another, by weight', () => {
    const salt = (id: string) => knownIngredient(id);
    const others = [salt('salt-table'), salt('salt-coarse-light'), salt('salt-coarse-dense')];
    const same = equalWeights(salt('salt-table'), others, 'tsp');
    expect(same.map(({ ingredient }) => ingredient.id)).toEqual([
      'salt-coarse-light',
      'salt-coarse-dense',
    ]);
    expect(same[0]!.measures).toBeCloseTo(6 / 2.8, 9);
    expect(same[1]!.measures).toBeCloseTo(6 / 4.8, 9);
  });

  it('knows nothing rather than taking something for water', () => {
    const nothing = { ...knownIngredient('honey'), weights: [] };
    expect(
      densityOf({ ingredient: nothing, form: null, method: 'poured', size: 'cup' }),
    ).toBeNull();
    expect(pieceOf(nothing, 'each', null)).toBeNull();
  });

  it('labels a figure without a source as an estimate', () => {
    expect(densityOf(filling('flour-teff', 'spooned', 'cup'))?.rung).toBe('estimate');
    expect(pieceOf(knownIngredient('juice-lemon'), 'each', null)?.rung).toBe('estimate');
  });

  it('gives a European large egg a fifth more than a US one', () => {
    const grams = (form: string): number =>
      pieceOf(knownIngredient('egg-whole'), 'each', form)!.gramsEach;
    expect(grams('L (Europe)') / grams('large')).toBeCloseTo(1.2, 1);
  });

  it('takes eggs as large unless told', () => {
    expect(pieceOf(knownIngredient('egg-whole'), 'each', null)?.gramsEach).toBe(50);
    expect(pieceOf(knownIngredient('egg-whole'), 'each', 'medium')?.gramsEach).toBe(44);
  });

  it('has a density for every ingredient that is measured by volume, by each of its methods', () => {
    for (const ingredient of CATALOGUE) {
      if (ingredient.weights.every(({ unit }) => !['cup', 'tbsp', 'tsp'].includes(unit))) continue;
      for (const method of methodsFor(ingredient)) {
        if (method === 'count') continue;
        const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
        expect(basis?.gramsPerMillilitre)
          .withContext(`${ingredient.id} ${method}`)
          .toBeGreaterThan(0);
        expect(basis?.gramsPerMillilitre).withContext(`${ingredient.id} ${method}`).toBeLessThan(2);
      }
    }
  });
});

describe('methods', () => {
  it('orders flour from sifted to tamped', () => {
    expect(methodsFor(knownIngredient('flour-wheat-all-purpose'))).toEqual([
      'sifted',
      'spooned',
      'dipped',
      'tamped',
    ]);
  });

  it('levels what is only ever measured with a spoon', () => {
    expect(defaultMethod(knownIngredient('baking-powder'))).toBe('level');
    expect(defaultMethod(knownIngredient('cocoa'))).toBe('spooned');
  });

  it('can count eggs or pour them, beaten', () => {
    expect(methodsFor(knownIngredient('egg-whole'))).toEqual(['count', 'poured']);
  });
});

describe('spreads', () => {
  it('gives every spoon the same scatter', () => {
    expect(fillSpread('granular', 'level', 'tsp')).toBe(0.06);
    expect(fillSpread('granular', 'level', 'cup')).toBe(0.015);
  });

  it('adds independent errors as the root of their squares', () => {
    expect(combinedSpread(0.03, 0.04)).toBeCloseTo(0.05, 12);
  });

  it('tells a spoonful of millilitres from a cupful', () => {
    expect(measureSize('ml', 5)).toBe('tsp');
    expect(measureSize('ml', 15)).toBe('tbsp');
    expect(measureSize('ml', 250)).toBe('cup');
    expect(measureSize('tsp', 90)).toBe('tsp');
  });
});
