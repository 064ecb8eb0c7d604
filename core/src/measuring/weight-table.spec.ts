import { CATALOGUE, knownIngredient } from '../shelf/index.js';
import { disagreements, weightTable } from './index.js';

const CUP = 236.5882365;

describe('the weight table of an ingredient', () => {
  const rows = (id: string) =>
    weightTable(knownIngredient(id)).map(({ form, method, cup }) => [
      form,
      method,
      Math.round(cup.gramsPerMillilitre * CUP),
      cup.rung,
    ]);

  it('goes from light to heavy, and labels what a class factor made', () => {
    expect(rows('flour-wheat-all-purpose')).toEqual([
      [null, 'sifted', 115, 'reference'],
      [null, 'spooned', 125, 'reference'],
      [null, 'dipped', 137, 'reference'],
      [null, 'tamped', 156, 'estimate'],
    ]);
  });

  it('keeps forms apart', () => {
    expect(rows('cream-heavy')).toEqual([
      ['fluid', 'poured', 238, 'reference'],
      ['whipped', 'spooned', 120, 'reference'],
    ]);
    expect(rows('walnuts').map(([form, method]) => `${form} ${method}`)).toContain('chopped level');
  });

  it('says a weight once: water has one, whatever it is poured into', () => {
    expect(rows('water')).toEqual([[null, 'poured', 237, 'reference']]);
    expect(rows('lard').map(([, method]) => method)).toEqual(['pressed']);
    expect(rows('butter').map(([, method]) => method)).toEqual(['pressed', 'melted']);
  });

  it('has something to say of every ingredient with a volume', () => {
    for (const ingredient of CATALOGUE) {
      const isMeasured = ingredient.weights.some(({ unit }) =>
        ['cup', 'tbsp', 'tsp'].includes(unit),
      );
      expect(weightTable(ingredient).length > 0)
        .withContext(ingredient.id)
        .toBe(isMeasured);
    }
  });
});

describe('disagreements', () => {
  it('finds that cake flour was weighed too heavy by one source', () => {
    const [found, ...others] = disagreements(knownIngredient('flour-wheat-cake'));
    expect(others).toEqual([]);
    expect(found?.apart.source).toEqual({ from: 'table', rows: ['20084'] });
    expect(found?.used.source).toEqual({ from: 'handbook' });
    expect(found?.difference).toBeCloseTo(137 / 1.1 / 109 - 1, 9);
  });

  it('finds nothing where the sources go together', () => {
    expect(disagreements(knownIngredient('flour-wheat-all-purpose'))).toEqual([]);
    expect(disagreements(knownIngredient('sugar-brown'))).toEqual([]);
  });
});
