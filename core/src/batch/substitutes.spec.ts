import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { defaultDrawer } from '../drawer/index.js';
import { planBatch } from './plan.js';
import { substitutesFor } from './substitutes.js';
import type { PlanLine } from './plan-line.js';
import type { LineChoice } from './balance/index.js';
import { filled } from '../testing/filled.js';

const plan = (text: string, choice: LineChoice): PlanLine =>
  planBatch(readText(text), {
    factor: new Fraction(1),
    shelf: BUILT_IN_SHELF,
    drawer: defaultDrawer(),
    choices: { 0: choice },
  })[0]!;

describe('another kind in the place of what was written', () => {
  it('is a salt by weight, so that more of a coarse one is filled', () => {
    const fine = plan('1 tbsp table salt', {});
    const coarse = plan('1 tbsp table salt', {
      instead: { ingredientId: 'salt-coarse-light', form: null },
    });
    expect(coarse.intended?.grams).toBeCloseTo(fine.intended!.grams, 9);
    expect(coarse.measure!.millilitres).toBeGreaterThan(1.5 * fine.measure!.millilitres);
  });

  it('is a yeast by its strength: a third of the fresh weight when instant', () => {
    const instant = plan('30 g fresh yeast', {
      instead: { ingredientId: 'yeast-instant', form: null },
    });
    expect(instant.intended?.grams).toBeCloseTo(10, 9);
    const fresh = plan('7 g instant yeast', {
      instead: { ingredientId: 'yeast-fresh', form: null },
    });
    expect(fresh.intended?.grams).toBeCloseTo(21, 9);
  });

  it('is eggs of another country: the same weight of egg, another number', () => {
    const european = plan('6 large eggs', {
      instead: { ingredientId: 'egg-whole', form: 'L (Europe)' },
    });
    expect(european.intended?.grams).toBeCloseTo(300, 9);
    expect(filled(european.measure)).toBe('5 × egg');
  });

  it('is a flour with the water it takes more', () => {
    const [line] = readText('500 g bread flour').lines;
    const whole = substitutesFor(line!, BUILT_IN_SHELF).find(
      ({ ingredientId }) => ingredientId === 'flour-wheat-whole',
    );
    expect(whole?.gramsEach).toBe(1);
    expect(whole?.waterMore).toBe(5);
  });

  it('brings no allergen in and takes none away between wheat flours', () => {
    const [line] = readText('500 g bread flour').lines;
    for (const { gained, lost } of substitutesFor(line!, BUILT_IN_SHELF))
      expect([...gained, ...lost]).toEqual([]);
  });

  it('is offered only where there is one, and forgotten when the line is something else', () => {
    expect(substitutesFor(readText('1 cup milk').lines[0]!, BUILT_IN_SHELF)).toEqual([]);
    const milk = plan('1 cup milk', { instead: { ingredientId: 'salt-table', form: null } });
    expect(milk.ingredientId).toBe('milk-whole');
    expect(milk.substitute).toBeNull();
  });
});

describe('what was decided of a line', () => {
  it('pins its weight, from which both columns follow', () => {
    const line = plan('2 cups flour', { grams: 300 });
    expect(line.intended).toEqual(jasmine.objectContaining({ grams: 300, low: 300, high: 300 }));
    expect(line.weight?.grams).toBe(300);
    expect(line.measure!.millilitres).toBeCloseTo((300 / 125) * 236.5882365, 6);
  });

  it('keeps it to one tool', () => {
    const line = plan('1 cup flour', { tools: ['1/4 cup'] });
    expect(line.measure?.fills).toEqual([jasmine.objectContaining({ tool: '1/4 cup', count: 4 })]);
    expect(filled(plan('1 cup flour', { tools: ['no such cup'] }).measure)).toBe('1 cup');
  });

  it('weighs it, so that there is nothing to be out of balance', () => {
    const line = plan('1/8 tsp baking soda', { weighed: true });
    expect(line.gap).toBeNull();
    expect(line.within).toBeNull();
    expect(line.isWeighed).toBeTrue();
  });
});
