import fc from 'fast-check';
import { defaultDrawer, drawerOf, USUAL_TOOLS } from '../drawer/index.js';
import { planText } from '../testing/plan-text.js';
import { chooseFills, type Goal } from './choose-fills.js';
import type { Densities } from './filling.js';
import { filled } from '../testing/filled.js';

const FLOUR: Densities = { cup: 0.53, tbsp: 0.53, tsp: 0.53 };
const { dry } = defaultDrawer();

describe('a measured column', () => {
  const AS_WRITTEN = [
    ['1 1/4 cups cocoa', '1 cup + 1/4 cup'],
    ['1 3/4 cups cocoa', '1 cup + 1/2 cup + 1/4 cup'],
    ['1 3/4 cups sugar', '1 cup + 1/2 cup + 1/4 cup'],
    ['2 1/2 tsp vanilla extract', '2 × 1 tsp + 1/2 tsp'],
    ['2/3 cup light corn syrup', '2 × 1/3 cup'],
    ['40 cups all-purpose flour', '40 × 1 cup'],
    ['3/4 tsp baking soda', '1/2 tsp + 1/4 tsp'],
    ['1 pinch salt', 'pinch'],
    ['7/8 cup sugar', '1/2 cup + 1/4 cup + 2 × 1 tbsp'],
    ['6 tbsp all-purpose flour', '1/4 cup + 2 × 1 tbsp'],
    ['3 tsp sugar', '1 tbsp'],
    ['2 large eggs', '2 × egg'],
  ] as const;
  for (const [written, shown] of AS_WRITTEN) {
    it(`fills “${written}” just so`, () => {
      const [line] = planText(written);
      expect(filled(line!.measure)).toBe(shown);
      expect(line!.level).toBe('level');
    });
  }

  it('stays exact in a larger batch', () => {
    expect(filled(planText('4 cups bread flour', '10')[0]!.measure)).toBe('40 × 1 cup');
    expect(filled(planText('4 cups bread flour', '3/2')[0]!.measure)).toBe('6 × 1 cup');
    expect(filled(planText('1 tbsp sugar', '1/2')[0]!.measure)).toBe('1 tsp + 1/2 tsp');
  });

  it('reads a jug by one kind of mark', () => {
    const [milk] = planText('1 3/8 cups milk', '1.37');
    const kinds = new Set(
      milk!
        .measure!.fills.filter(({ kind }) => kind === 'jug')
        .map(({ tool }) => / ml$/.test(tool)),
    );
    expect(kinds.size).toBeLessThan(2);
    expect(filled(planText('250 ml milk')[0]!.measure)).toBe('jug@250 ml');
    expect(filled(planText('2/3 cup milk')[0]!.measure)).toBe('2 × 1/3 cup');
  });

  it('tells more than a jug holds by its pours', () => {
    expect(filled(planText('3.5 l water')[0]!.measure)).toBe('3 × jug@900 ml + jug@800 ml');
    expect(filled(planText('14 cups water')[0]!.measure)).toBe('3 × jug@4 cup + jug@2 cup');
  });

  it('cuts butter at its marks where they are near enough, and fills it where they are not', () => {
    expect(filled(planText('1 cup butter')[0]!.measure)).toBe('2 × block@1 stick');
    expect(filled(planText('3 tbsp butter')[0]!.measure)).toBe('block@3 tbsp');
    expect(filled(planText('1/3 cup butter')[0]!.measure)).toBe('1/3 cup');
    expect(filled(planText('1 cup butter', '1', { methods: { 0: 'pressed' } })[0]!.measure)).toBe(
      '1 cup',
    );
  });

  it('fills a calibrated cup by what it holds, not by what is stamped on it', () => {
    const large = USUAL_TOOLS.map((tool) =>
      tool.name === '1 cup' ? { ...tool, millilitres: 260 } : tool,
    );
    const [line] = planText('2 cups sugar', '1', { drawer: drawerOf('us-customary', large) });
    expect(line!.measure!.fills).not.toEqual([jasmine.objectContaining({ tool: '1 cup' })]);
  });
});

describe('chooseFills', () => {
  it('settles a huge batch without trying every spoon of it', () => {
    const spoon = dry.filter(({ id }) => id === '1/8 tsp');
    const goal: Goal = { grams: 1500, tolerance: 0.01, written: null, prefersMillilitres: false };
    const { fills, grams } = chooseFills(goal, [spoon], FLOUR)!;
    expect(fills[0]!.count).toBeGreaterThan(4500);
    expect(Math.abs(grams / 1500 - 1)).toBeLessThan(0.01);
  });

  it('has nothing without tools', () => {
    const goal: Goal = { grams: 10, tolerance: 0.01, written: null, prefersMillilitres: false };
    expect(chooseFills(goal, [[]], FLOUR)).toBeNull();
  });

  it('halves the smallest spoon only where no whole one comes near enough', () => {
    const spoons = dry.filter(({ kind }) => kind === 'spoon');
    const smallest = spoons.reduce((a, b) => (a.millilitres < b.millilitres ? a : b));
    const fill = (parts: number) => {
      const grams = smallest.millilitres * FLOUR.tsp * parts;
      const goal = { grams, tolerance: 0.025, written: null, prefersMillilitres: false };
      return chooseFills(goal, [spoons], FLOUR)!.fills.map(({ tool, count }) => [tool.id, count]);
    };
    expect(fill(1)).toEqual([[smallest.id, 1]]);
    expect(fill(0.5)).toEqual([[`${smallest.id}/2`, 1]]);
    expect(fill(1.5)).toEqual([
      [smallest.id, 1],
      [`${smallest.id}/2`, 1],
    ]);
    expect(fill(2)).not.toContain(jasmine.stringContaining('half'));
  });

  it('is never worse than any other fills of the same drawer', () => {
    const DEEP = 4;
    /** Sums of up to four fills of these, with how many fills and tools they take. */
    const combinations = (weights: readonly number[]) => {
      const found: { count: number; tools: number; grams: number }[] = [];
      const add = (from: number, count: number, tools: number, grams: number): void => {
        if (count > 0) found.push({ count, tools, grams });
        if (count === DEEP) return;
        for (let at = from; at < weights.length; at++) {
          const isNew = count === 0 || at !== from || grams === 0;
          add(at, count + 1, tools + (isNew ? 1 : 0), grams + weights[at]!);
        }
      };
      add(0, 0, 0, 0);
      return found;
    };
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...dry), { minLength: 1, maxLength: 5 }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.constantFrom(0.01, 0.025, 0.05),
        (drawn, grams, tolerance) => {
          const tools = [...drawn].sort((a, b) => b.millilitres - a.millilitres);
          const goal: Goal = { grams, tolerance, written: null, prefersMillilitres: false };
          const chosen = chooseFills(goal, [tools], FLOUR)!;
          const all = combinations(tools.map(({ millilitres }) => millilitres * FLOUR.cup));
          const off = (mass: number): number => Math.abs(mass - grams);
          const count = chosen.fills.reduce((sum, fill) => sum + fill.count, 0);
          const near = all.filter((one) => off(one.grams) <= grams * tolerance);
          if (near.length > 0) {
            const fewest = Math.min(...near.map((one) => one.count));
            expect(count).toBe(fewest);
            expect(off(chosen.grams)).toBeLessThanOrEqual(grams * tolerance * (1 + 1e-9));
          } else {
            const least = Math.min(...all.map((one) => off(one.grams)));
            expect(off(chosen.grams)).toBeLessThanOrEqual(least + 1e-9);
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});
