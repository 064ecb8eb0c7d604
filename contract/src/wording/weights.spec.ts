import { BEAM_NOTCH_GRAMS, type ScaleDescription } from '@ypsigram/core/drawer';
import { onScaleGrid } from '@ypsigram/core/fills';
import { weightParts, weightText } from './weights.js';

const beam: ScaleDescription = {
  name: 'beam',
  kind: 'beam',
  capacityGrams: 5000,
  gridGrams: BEAM_NOTCH_GRAMS,
  hasTare: false,
};

describe('a weight, as its scale shows it', () => {
  it('has the decimals of its step', () => {
    expect(weightText(onScaleGrid(375.4))).toBe('375 g');
    expect(weightText(onScaleGrid(6))).toBe('6.0 g');
    expect(weightText(onScaleGrid(0.06))).toBe('0.1 g');
    expect(weightText(onScaleGrid(0))).toBe('0.0 g');
  });

  it('is under a step where no scale shows it, never nothing', () => {
    expect(weightText(onScaleGrid(0.03))).toBe('a pinch (under 0.1 g)');
    expect(weightText(onScaleGrid(0.02, undefined, 'oz'))).toBe('under 0.005 oz');
    expect(weightText(onScaleGrid(0.3, [{ ...beam, kind: 'kitchen', gridGrams: 1 }]))).toBe(
      'under 1 g',
    );
  });

  it('is pounds and ounces: decimals on a scale, quarters on a beam', () => {
    expect(weightText(onScaleGrid(250, undefined, 'oz'))).toBe('8.80 oz');
    expect(weightText(onScaleGrid(1000, undefined, 'oz'))).toBe('2 lb 3.25 oz');
    expect(weightText(onScaleGrid(453.59237, undefined, 'oz'))).toBe('1 lb 0.00 oz');
    expect(weightText(onScaleGrid(120, [beam]))).toBe('4 1/4 oz');
    expect(weightText(onScaleGrid(600, [beam]))).toBe('1 lb 5 1/4 oz');
    expect(weightText(onScaleGrid(453.59, [beam]))).toBe('1 lb');
  });

  it('stands apart from its unit where it has one', () => {
    expect(weightParts(onScaleGrid(375.4))).toEqual({ figure: '375', unit: 'g' });
    expect(weightParts(onScaleGrid(600, [beam]))).toEqual({ figure: '1 lb 5 1/4 oz', unit: '' });
  });

  it('is that of the mixture where it is a premix', () => {
    const premix = { grams: 0.6, grid: 0.01, dial: 'g', isUnderStep: false, onScale: 6 } as const;
    expect(weightText(premix)).toBe('6 g');
  });
});
