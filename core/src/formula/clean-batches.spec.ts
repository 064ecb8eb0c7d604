import { Fraction } from '../amount/index.js';
import { planBatch, setFactor } from '../batch/index.js';
import type { Reading } from '../reading/index.js';
import { BUNS, readText, usualRecipe } from '../testing/usual.js';
import { cleanBatches } from './index.js';

const cleanNear = (reading: Reading, wanted: Fraction) => {
  const recipe = usualRecipe(reading);
  return cleanBatches(recipe, wanted, planBatch(reading, setFactor(recipe, wanted)));
};

describe('clean batches', () => {
  it('are near, cleaner than what was wanted, and no more than five', () => {
    const wanted = new Fraction('1.42');
    const clean = cleanNear(BUNS, wanted);
    expect(clean.length).toBeGreaterThan(0);
    expect(clean.length).toBeLessThanOrEqual(5);
    expect(clean[0]!.areEggsWhole).toBeTrue();
    expect(clean.map(({ factor }) => factor.toFraction())).toContain('3/2');
    for (const { change } of clean) expect(Math.abs(change)).toBeLessThanOrEqual(0.2);
  });

  it('want whole eggs on every line that has some', () => {
    const two = readText('Makes 12\n300 g bread flour\n1 egg\n1 egg, beaten, to brush');
    const clean = cleanNear(two, new Fraction('1.9'));
    expect(clean.map(({ factor }) => factor.toFraction())).toEqual(['2']);
  });

  it('are none where the recipe is as clean as it gets', () => {
    const plain = readText('Makes 10\n1 cup sugar\n1 cup water');
    expect(cleanNear(plain, new Fraction(1))).toEqual([]);
  });
});
