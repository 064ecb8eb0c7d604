import { Fraction } from '../amount/index.js';
import { readRecipe } from '../reading/index.js';
import { adviceFor, defaultDrawer, drawerOf, planBatch } from './index.js';

describe('what would mend a line', () => {
  const reading = readRecipe('1/3 cup flour\n1 cup sugar\n1/3 cup honey\n1 egg');
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
    const batch = { factor: new Fraction(1), drawer: defaultDrawer() };
    expect(adviceFor(reading, planBatch(reading, batch), batch)).toEqual([]);
  });

  it('is a method that comes closer, or weighing where none does', () => {
    const batch = { factor: new Fraction(1), drawer: few };
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
});
