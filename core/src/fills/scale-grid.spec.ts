import fc from 'fast-check';
import { BEAM_NOTCH_GRAMS, type ScaleDescription } from '../drawer/index.js';
import { onScaleGrid } from './scale-grid.js';

describe('the scale grid', () => {
  it('shows what no scale resolves as under its step, never as nothing', () => {
    expect(onScaleGrid(0.03).shown).toBe('a pinch (under 0.1 g)');
    expect(onScaleGrid(0.06).shown).toBe('0.1 g');
    expect(onScaleGrid(0).shown).toBe('0.0 g');
    expect(onScaleGrid(0.02, undefined, 'oz').shown).toBe('under 0.005 oz');
  });

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

describe("a kitchen's own scales", () => {
  const scale = (gridGrams: number, capacityGrams: number): ScaleDescription => ({
    name: `${gridGrams} g`,
    kind: 'kitchen',
    capacityGrams,
    gridGrams,
    hasTare: true,
  });

  it('weigh on the coarsest step that is fine enough', () => {
    const scales = [scale(2, 5000), scale(0.01, 200)];
    expect(onScaleGrid(101, scales)).toEqual({ grams: 102, grid: 2, shown: '102 g' });
    expect(onScaleGrid(12.346, scales)).toEqual({ grams: 12.35, grid: 0.01, shown: '12.35 g' });
  });

  it('weigh as finely as they can where none is fine enough', () => {
    expect(onScaleGrid(3, [scale(2, 5000)])).toEqual({ grams: 4, grid: 2, shown: '4 g' });
  });

  it('leave a heavy thing to the one that carries it', () => {
    expect(onScaleGrid(900, [scale(0.1, 500), scale(5, 10_000)]).grid).toBe(5);
  });

  it('show notches of a beam as pounds and ounces', () => {
    const beam: ScaleDescription = {
      name: 'beam',
      kind: 'beam',
      capacityGrams: 5000,
      gridGrams: BEAM_NOTCH_GRAMS,
      hasTare: false,
    };
    expect(onScaleGrid(120, [beam, scale(1, 5000)]).shown).toBe('120 g');
    expect(onScaleGrid(120, [beam]).shown).toBe('4 1/4 oz');
    expect(onScaleGrid(600, [beam]).shown).toBe('1 lb 5 1/4 oz');
    expect(onScaleGrid(453.59, [beam]).shown).toBe('1 lb');
  });

  it('is read in pounds and ounces on the step that the scale has there', () => {
    expect(onScaleGrid(250, undefined, 'oz').shown).toBe('8.80 oz');
    expect(onScaleGrid(1000, undefined, 'oz').shown).toBe('2 lb 3.25 oz');
    expect(onScaleGrid(453.59237, undefined, 'oz').shown).toBe('1 lb 0.00 oz');
    const { grams, grid } = onScaleGrid(250, undefined, 'oz');
    expect(Math.abs(grams - 250)).toBeLessThanOrEqual(grid / 2);
  });
});
