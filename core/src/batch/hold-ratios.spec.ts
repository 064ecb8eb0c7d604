import { forgivenessOf } from '../baking/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText, usualBatch } from '../testing/usual.js';
import { holdRatios } from './hold-ratios.js';
import { planLine } from './plan.js';
import type { PlanLine } from './plan-line.js';

describe('holding ratios', () => {
  const line = (written: string, off: number | null): PlanLine => {
    const { lines } = readText(`Cake\n${written}`);
    const plan = planLine(lines.at(-1)!, 'us-customary', usualBatch());
    if (off === null) return { ...plan, measure: null };
    return { ...plan, measure: { ...plan.measure!, grams: plan.intended!.grams + off } };
  };

  it('leaves alone what is not filled, when all that is filled is as near as it comes', () => {
    const lines = [
      line('2 cups flour', 60),
      // Off by what a computer loses, no more.
      line('1 cup milk', -1e-12),
      line('100 g water', null),
    ];
    const held = holdRatios(lines, () => null, BUILT_IN_SHELF, forgivenessOf('cake'));
    expect(held.map(({ measure }) => measure?.grams ?? null)).toEqual(
      lines.map(({ measure }) => measure?.grams ?? null),
    );
  });

  it('takes the nearer plan of what moves a ratio, and says for which', () => {
    const [flour, water] = [line('2 cups flour', 60), line('1 cup water', 0)];
    const nearer = line('2 cups flour', 0);
    const held = holdRatios(
      [flour, water],
      (index) => (index === 0 ? nearer : null),
      BUILT_IN_SHELF,
      forgivenessOf('cake'),
    );
    expect(held[0]!.measure!.grams).toBe(nearer.measure!.grams);
    expect(held[0]!.heldFor).toBe('water');
    expect(held[1]!.heldFor).toBeNull();
  });
});
