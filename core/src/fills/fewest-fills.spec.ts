import fc from 'fast-check';
import { fewestFills, type Fillable } from './fewest-fills.js';

const tools = (...grams: number[]): Fillable[] =>
  grams.map((weight, index) => ({ grams: weight, wash: `tool ${index}` }));

const FLOUR = tools(125, 62.5, 41.667, 31.25, 7.8125, 2.604);

describe('fewestFills', () => {
  it('takes one fill where one is enough', () => {
    expect(fewestFills(125, 3, FLOUR)!.counts).toEqual([1, 0, 0, 0, 0, 0]);
  });

  it('prefers fewer fills to a smaller error within the tolerance', () => {
    expect(fewestFills(127, 4, FLOUR)!.counts).toEqual([1, 0, 0, 0, 0, 0]);
  });

  it('prefers fewer tools to wash at the same number of fills', () => {
    // 83.3: twice a third beats a half and a quarter of something near.
    expect(fewestFills(83.334, 1, FLOUR)!.counts).toEqual([0, 0, 2, 0, 0, 0]);
  });

  it('says when nothing is near enough', () => {
    expect(fewestFills(1, 0.1, FLOUR)).toBeNull();
    expect(fewestFills(10, 1, [])).toBeNull();
  });

  it('does not hang on a very large batch', () => {
    const found = fewestFills(125_000, 3750, FLOUR)!;
    expect(found.counts[0]).toBeGreaterThan(900);
  });

  it('is never worse than trying every combination', () => {
    const combination = (weights: readonly number[], low: number, high: number): number | null => {
      // Fewest fills by exhaustion, up to five.
      let sums = [0];
      for (let fills = 1; fills <= 5; fills++) {
        sums = [...new Set(sums.flatMap((sum) => weights.map((weight) => sum + weight)))];
        if (sums.some((sum) => sum >= low && sum <= high)) return fills;
      }
      return null;
    };
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 120 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 0, max: 10 }),
        (weights, target, tolerance) => {
          const best = combination(weights, target - tolerance, target + tolerance);
          fc.pre(best !== null);
          const found = fewestFills(target, tolerance, tools(...weights))!;
          expect(found.counts.reduce((sum, count) => sum + count, 0)).toBe(best);
          expect(Math.abs(found.grams - target)).toBeLessThanOrEqual(tolerance + 1e-9);
        },
      ),
    );
  });
});
