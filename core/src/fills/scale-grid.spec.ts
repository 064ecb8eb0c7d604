import fc from 'fast-check';
import { BEAM_NOTCH_GRAMS, type ScaleDescription } from '../drawer/index.js';
import { type GridWeight, onScaleGrid } from './scale-grid.js';

const inGrams = (grams: number, grid: number): GridWeight => ({
  grams,
  grid,
  dial: 'g',
  isUnderStep: false,
  onScale: grams,
});

describe('the scale grid', () => {
  it('tells what no scale resolves from nothing', () => {
    expect(onScaleGrid(0.03).isUnderStep).toBeTrue();
    expect(onScaleGrid(0.02, undefined, 'oz').isUnderStep).toBeTrue();
    for (const grams of [0.06, 0]) expect(onScaleGrid(grams).isUnderStep).toBeFalse();
  });

  it('weighs by the gram, and by the tenth below twenty', () => {
    expect(onScaleGrid(375.4)).toEqual(inGrams(375, 1));
    expect(onScaleGrid(6)).toEqual(inGrams(6, 0.1));
    expect(onScaleGrid(4.14)).toEqual(inGrams(4.1, 0.1));
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
    expect(onScaleGrid(101, scales)).toEqual(inGrams(102, 2));
    expect(onScaleGrid(12.346, scales)).toEqual(inGrams(12.35, 0.01));
  });

  it('weigh as finely as they can where none is fine enough', () => {
    expect(onScaleGrid(3, [scale(2, 5000)])).toEqual(inGrams(4, 2));
  });

  it('leave a heavy thing to the one that carries it', () => {
    expect(onScaleGrid(900, [scale(0.1, 500), scale(5, 10_000)]).grid).toBe(5);
  });

  it('weigh on the notches of a beam where there is nothing else', () => {
    const beam: ScaleDescription = {
      name: 'beam',
      kind: 'beam',
      capacityGrams: 5000,
      gridGrams: BEAM_NOTCH_GRAMS,
      hasTare: false,
    };
    expect(onScaleGrid(120, [beam, scale(1, 5000)])).toEqual(inGrams(120, 1));
    const { dial, grams } = onScaleGrid(120, [beam]);
    expect([dial, grams / BEAM_NOTCH_GRAMS]).toEqual(['beam', 17]);
  });

  it('is read in ounces on the step that the scale has there', () => {
    expect(onScaleGrid(250, undefined, 'oz').dial).toBe('oz');
    const { grams, grid } = onScaleGrid(250, undefined, 'oz');
    expect(Math.abs(grams - 250)).toBeLessThanOrEqual(grid / 2);
  });
});
