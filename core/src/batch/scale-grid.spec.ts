import fc from 'fast-check';
import { onScaleGrid, toleranceOf } from './index.js';

describe('the scale grid', () => {
  it('weighs by the gram, and by the tenth below twenty', () => {
    expect(onScaleGrid(375.4)).toEqual({ grams: 375, grid: 1, shown: '375 g' });
    expect(onScaleGrid(6)).toEqual({ grams: 6, grid: 0.1, shown: '6.0 g' });
    expect(onScaleGrid(4.14)).toEqual({ grams: 4.1, grid: 0.1, shown: '4.1 g' });
  });

  it('is always on its grid and never off by more than half of it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (grams) => {
        const { grams: shown, grid } = onScaleGrid(grams);
        const steps = grid === 1 ? shown : shown * 10;
        expect(Number.isInteger(Number(steps.toPrecision(12)))).toBeTrue();
        expect(Math.abs(shown - grams)).toBeLessThanOrEqual(grid / 2 + 1e-9);
      }),
    );
  });
});

describe('tolerances', () => {
  it('forgive flour less than flavour, and a sponge less than a slab', () => {
    expect(toleranceOf('flour')).toBe(0.03);
    expect(toleranceOf('flavour')).toBe(0.2);
    expect(toleranceOf('flour', 'strict')).toBe(0.02);
    expect(toleranceOf('flour', 'loose')).toBe(0.06);
  });
});
