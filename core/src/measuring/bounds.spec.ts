import { CATALOGUE, knownIngredient } from '../shelf/index.js';
import { densityBounds, densityOfSyrup } from './bounds.js';
import { densityOf, isDoubted } from './basis.js';
import { weightTable } from './weight-table.js';

const CUP = 236.5882365;

describe('the density of a sugar solution', () => {
  // Pure sucrose at 20 °C: Bates and others 1942, NBS Circular 440, table 109.
  const published = [
    [0, 0.9982],
    [20, 1.081],
    [40, 1.1764],
    [60, 1.2865],
    [70, 1.3472],
    [80, 1.4117],
  ] as const;
  for (const [solids, density] of published) {
    it(`is ${density} g/mL at ${solids} %`, () => {
      expect(Math.abs(densityOfSyrup(solids) - density)).toBeLessThan(0.001);
    });
  }
});

describe('what an ingredient can weigh at all', () => {
  it('is never left by what the shelf weighs with, by any method or size', () => {
    for (const ingredient of CATALOGUE) {
      for (const { form, cup, tbsp, tsp } of weightTable(ingredient)) {
        const [low, high] = densityBounds(ingredient, form);
        for (const { gramsPerMillilitre } of [cup, tbsp, tsp]) {
          const name = `${ingredient.id} ${form}`;
          expect(gramsPerMillilitre).withContext(name).toBeGreaterThanOrEqual(low);
          expect(gramsPerMillilitre).withContext(name).toBeLessThanOrEqual(high);
        }
      }
    }
  });

  const cupsThatCanBe: readonly [string, number, number][] = [
    // Grams of a cup that published weights or a tapped cup reach, and that none can.
    ['flour-wheat-all-purpose', 165, 230],
    ['sugar-granulated', 220, 270],
    ['honey', 340, 370],
    ['oil-vegetable', 224, 237],
    ['milk-whole', 246, 270],
    ['salt-table', 300, 360],
    ['sweet-potato-mashed', 255, 328],
  ];
  for (const [id, canBe, cannot] of cupsThatCanBe) {
    it(`is ${canBe} g for a cup of ${id}, and not ${cannot} g`, () => {
      const [low, high] = densityBounds(knownIngredient(id));
      expect(canBe / CUP).toBeGreaterThan(low);
      expect(canBe / CUP).toBeLessThan(high);
      expect(cannot / CUP).toBeGreaterThan(high);
    });
  }

  it('holds against a table: a weight outside is kept and not used', () => {
    const mashed = knownIngredient('sweet-potato-mashed');
    const doubted = mashed.weights.filter((weight) => isDoubted(mashed, weight));
    expect(doubted.map(({ grams }) => grams)).toEqual([328]);
    const filling = { ingredient: mashed, form: null, method: 'pressed', size: 'cup' } as const;
    expect(densityOf(filling)!.gramsPerMillilitre * CUP).toBeCloseTo(255, 0);
  });

  it('is less for cream that was whipped', () => {
    const cream = knownIngredient('cream-heavy');
    expect(densityBounds(cream, 'whipped')[0]).toBeLessThan(0.5);
    expect(densityBounds(cream)[0]).toBeGreaterThan(0.9);
  });
});
