import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import { USUAL_SCALES, USUAL_TOOLS, defaultDrawer, drawerOf } from '../drawer/index.js';
import { fewestFills, type Fillable } from '../fills/index.js';
import { planBatch } from './plan.js';
import type { PlanLine } from './plan-line.js';

const NAMES = ['flour', 'sugar', 'cocoa powder', 'milk', 'honey', 'butter', 'table salt'] as const;
const line = fc
  .tuple(
    fc.constantFrom('1', '2', '1/2', '1 1/3', '3/4', '2 1/4'),
    fc.constantFrom('cup', 'tbsp', 'g', 'oz'),
    fc.constantFrom(...NAMES),
  )
  .map((parts) => parts.join(' '));
const recipe = fc.array(line, { minLength: 1, maxLength: 8 });
const factor = fc
  .tuple(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 12 }))
  .map(([n, d]) => new Fraction(n, d));
const plan = (lines: readonly string[], by: Fraction): readonly PlanLine[] =>
  planBatch(readText(lines.join('\n')), {
    factor: by,
    shelf: BUILT_IN_SHELF,
    drawer: defaultDrawer(),
  });

describe('over random recipes, drawers and factors', () => {
  it('the order of lines changes none of them', () => {
    fc.assert(
      fc.property(recipe, factor, (lines, by) => {
        const there = plan(lines, by);
        const back = plan([...lines].reverse(), by);
        expect([...back].reverse()).toEqual([...there]);
      }),
      { numRuns: 60 },
    );
  });

  it('neither column knows the other: another scale changes no fill, another drawer no weight', () => {
    fc.assert(
      fc.property(recipe, factor, (lines, by) => {
        const reading = readText(lines.join('\n'));
        const usual = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: defaultDrawer(),
        });
        const coarse = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: defaultDrawer(),
          scales: [{ ...USUAL_SCALES[0]!, gridGrams: 5 }],
        });
        const metric = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: defaultDrawer('metric'),
        });
        expect(coarse.map(({ measure }) => measure)).toEqual(usual.map(({ measure }) => measure));
        expect(metric.map(({ weight }) => weight)).toEqual(usual.map(({ weight }) => weight));
      }),
      { numRuns: 60 },
    );
  });

  it('a finer scale never takes a line further from its intended mass than half its own step', () => {
    fc.assert(
      fc.property(recipe, factor, fc.constantFrom(0.1, 0.5, 1, 5), (lines, by, gridGrams) => {
        const scale = { ...USUAL_SCALES[0]!, capacityGrams: 1e6, gridGrams };
        const reading = readText(lines.join('\n'));
        const planned = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: defaultDrawer(),
          scales: [scale],
        });
        for (const { intended, weight } of planned) {
          if (!intended || !weight) continue;
          expect(Math.abs(weight.grams - intended.grams)).toBeLessThanOrEqual(gridGrams / 2 + 1e-9);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('a finer step of the same scale takes no line further from what was meant', () => {
    const pairs = [
      [5, 1],
      [1, 0.5],
      [1, 0.1],
      [0.1, 0.01],
    ] as const;
    fc.assert(
      fc.property(recipe, factor, fc.constantFrom(...pairs), (lines, by, [coarse, fine]) => {
        const reading = readText(lines.join('\n'));
        const off = (gridGrams: number): number[] =>
          planBatch(reading, {
            factor: by,
            shelf: BUILT_IN_SHELF,
            drawer: defaultDrawer(),
            scales: [{ ...USUAL_SCALES[0]!, capacityGrams: 1e6, gridGrams }],
          }).map(({ intended, weight }) =>
            intended && weight ? Math.abs(weight.grams - intended.grams) : 0,
          );
        const [before, after] = [off(coarse), off(fine)];
        after.forEach((error, index) => expect(error).toBeLessThanOrEqual(before[index]! + 1e-9));
      }),
      { numRuns: 60 },
    );
  });

  // By weight: a tool can make a written volume exact, and that is preferred to fewer fills.
  const byWeight = fc
    .tuple(fc.integer({ min: 10, max: 900 }), fc.constantFrom('bread flour', 'sugar', 'water'))
    .map(([grams, of]) => `${grams} g ${of}`);

  it('a tool more never makes the best plan worse', () => {
    const offOf = ({ measure, intended, tolerance, forgiven }: PlanLine): number =>
      Math.abs(measure!.grams / intended!.grams - 1) / Math.max(tolerance!, forgiven! / 4);
    const termsOf = ({ measure }: PlanLine): number =>
      new Set(measure!.fills.map(({ kind, unit }) => (kind === 'jug' ? 'jug' : unit))).size;
    const trouble = (line: PlanLine): number => {
      const { fills } = line.measure!;
      const washes = new Set(fills.map(({ tool, kind }) => (kind === 'jug' ? 'jug' : tool)));
      const count = fills.reduce((sum, fill) => sum + fill.count, 0);
      return count + washes.size + 4 * offOf(line) ** 2;
    };
    fc.assert(
      fc.property(byWeight, factor, fc.integer({ min: 1, max: 9 }), (text, by, without) => {
        const reading = readText(text);
        const fewer = USUAL_TOOLS.filter((_, index) => index !== without);
        const [less] = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: drawerOf('us-customary', fewer),
        });
        const [more] = planBatch(reading, {
          factor: by,
          shelf: BUILT_IN_SHELF,
          drawer: defaultDrawer(),
        });
        fc.pre(!!less?.measure && !!more?.measure);
        fc.pre(offOf(less) < 2 && termsOf(less) <= 2);
        expect(offOf(more)).toBeLessThan(2);
        expect(trouble(more)).toBeLessThanOrEqual(trouble(less) + 1e-9);
      }),
      { numRuns: 200 },
    );
  });
});

describe('the search for fills', () => {
  interface Best {
    readonly fills: number;
    readonly washes: number;
    readonly error: number;
  }

  /** Every combination of up to five fills, looked at one by one. */
  function bruteForce(weights: readonly number[], target: number, tolerance: number): Best | null {
    let best: Best | null = null;
    const go = (from: number, fills: number, grams: number, washes: number): void => {
      if (fills > 0 && Math.abs(grams - target) <= tolerance) {
        const error = Math.abs(grams - target);
        const isBetter =
          !best ||
          fills < best.fills ||
          (fills === best.fills &&
            (washes < best.washes || (washes === best.washes && error < best.error)));
        if (isBetter) best = { fills, washes, error };
      }
      if (fills === 5) return;
      for (let index = from; index < weights.length; index++) {
        for (let times = 1; fills + times <= 5; times++) {
          go(index + 1, fills + times, grams + times * weights[index]!, washes + 1);
        }
      }
    };
    go(0, 0, 0, 0);
    return best;
  }

  it('is never worse than brute force: in fills, then tools to wash, then error', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 240 }), { minLength: 1, maxLength: 10 }),
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 0, max: 12 }),
        (weights, target, tolerance) => {
          const best = bruteForce(weights, target, tolerance);
          fc.pre(best !== null);
          const tools = weights.map((grams, at): Fillable => ({ grams, wash: `tool ${at}` }));
          const found = fewestFills(target, tolerance, tools)!;
          const used = found.counts.filter((count) => count > 0);
          expect(used.reduce((sum, count) => sum + count, 0)).toBe(best.fills);
          expect(used.length).toBe(best.washes);
          expect(Math.abs(found.grams - target)).toBeLessThanOrEqual(best.error + 1e-9);
        },
      ),
      { numRuns: 300 },
    );
  });
});
