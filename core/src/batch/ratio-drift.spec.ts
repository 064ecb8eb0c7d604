import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import { forgivenessOf } from '../baking/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { BUNS, readText, usualBatch } from '../testing/usual.js';
import { planBatch, ratioDrift } from './index.js';

const CAKE = forgivenessOf('cake');

describe('the ratios of a batch', () => {
  const ratiosOf = (text: string) =>
    ratioDrift(planBatch(readText(text), usualBatch()), BUILT_IN_SHELF, CAKE);

  it('are percent of the flour, as intended, weighed and measured', () => {
    const { base, ratios } = ratiosOf('500 g bread flour\n300 g water\n10 g salt');
    expect(base).toBe('flour');
    expect(ratios.salt.intended).toBeCloseTo(2, 9);
    expect(ratios.salt.weighed).toBeCloseTo(2, 9);
    // Flour itself is an eighth water.
    expect(ratios.water.intended).toBeGreaterThan(60);
    expect(ratios.yeast).toEqual({ intended: 0, weighed: 0, measured: 0, drift: 0, isOver: false });
  });

  it('are percent of everything where there is no flour', () => {
    const { base, ratios } = ratiosOf('100 g butter\n100 g sugar');
    expect(base).toBe('total');
    expect(ratios.fat.intended).toBeCloseTo(50, 9);
    expect(ratios.sugar.intended).toBeCloseTo(50, 9);
  });

  it('stay as written whatever the factor, and drift as far as the worse of both routes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 4 }),
        (top, bottom) => {
          const plan = planBatch(BUNS, usualBatch({ factor: new Fraction(top, bottom) }));
          const { intended, weighed, measured, drift } = ratioDrift(plan, BUILT_IN_SHELF, CAKE)
            .ratios.salt;
          expect(intended).toBeCloseTo(2, 9);
          const off = (route: number): number => Math.abs(route / intended - 1);
          expect(drift).toBeCloseTo(Math.max(off(weighed), off(measured)), 12);
        },
      ),
    );
  });
});
