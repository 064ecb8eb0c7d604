import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { adviceFor } from './advice.js';
import { defaultDrawer, drawerOf } from '../drawer/index.js';
import { planBatch } from './plan.js';

describe('what would mend a line', () => {
  const reading = readText('1/3 cup flour\n1 cup sugar\n1/3 cup honey\n1 egg');
  /** A drawer in which only half a cup and a whole one are left. */
  const few = drawerOf('us-customary', [
    {
      name: '1/2 cup',
      kind: 'cup',
      nominal: new Fraction(1, 2),
      unit: 'cup',
      millilitres: null,
      aside: false,
    },
  ]);

  it('is nothing where both columns agree', () => {
    const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
    expect(adviceFor(reading, planBatch(reading, batch), batch)).toEqual([]);
  });

  it('is a method that comes closer, or weighing where none does', () => {
    const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: few };
    const plan = planBatch(reading, batch);
    const advice = adviceFor(reading, plan, batch);
    for (const one of advice) {
      expect(plan[one.line]!.within).toBeFalse();
      if (one.mend === 'method') expect(Math.abs(one.gapThen)).toBeLessThanOrEqual(one.tolerance);
      else expect(Math.abs(one.gap)).toBeGreaterThan(one.tolerance);
    }
    expect(advice.map(({ line }) => line)).toEqual(
      plan.flatMap(({ within }, index) => (within === false ? [index] : [])),
    );
    expect(advice.length).toBeGreaterThan(0);
  });

  it('asks for no finer scale where fingers or drops measure', () => {
    const drops = readText('2 cups flour\n3 drops red food colouring\n1 pinch salt');
    const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
    expect(adviceFor(drops, planBatch(drops, batch), batch)).toEqual([]);
  });
});
