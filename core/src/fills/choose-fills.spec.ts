import fc from 'fast-check';
import type { BakeKind } from '../baking/index.js';
import { defaultDrawer, drawerOf, USUAL_TOOLS, type Tool } from '../drawer/index.js';
import { planText } from '../testing/plan-text.js';
import { chooseFills, type Goal } from './choose-fills.js';
import type { Densities } from './filling.js';
import { filled } from '../testing/filled.js';

const FLOUR: Densities = { cup: 0.53, tbsp: 0.53, tsp: 0.53 };
const { dry } = defaultDrawer();

const goalFor = (grams: number, change: Partial<Goal> = {}): Goal => ({
  grams,
  tolerance: 0.01,
  allowed: 0.01,
  isFine: false,
  isClosest: false,
  written: null,
  prefersMillilitres: false,
  ...change,
});

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
    const goal = goalFor(1500);
    const { fills, grams } = chooseFills(goal, [spoon], FLOUR)!;
    expect(fills[0]!.count).toBeGreaterThan(4500);
    expect(Math.abs(grams / 1500 - 1)).toBeLessThan(0.01);
  });

  it('has nothing without tools', () => {
    const goal = goalFor(10);
    expect(chooseFills(goal, [[]], FLOUR)).toBeNull();
  });

  it('halves the smallest spoon only where no whole one comes near enough', () => {
    const spoons = dry.filter(({ kind }) => kind === 'spoon');
    const smallest = spoons.reduce((a, b) => (a.millilitres < b.millilitres ? a : b));
    const fill = (parts: number) => {
      const grams = smallest.millilitres * FLOUR.tsp * parts;
      const goal = goalFor(grams, { tolerance: 0.025, allowed: 0.025, isFine: true });
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

  it('is never worse than any other fills of the same drawer, where the nearest is wanted', () => {
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
          const goal = goalFor(grams, { tolerance, isClosest: true });
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

describe('the handy plan', () => {
  const shown = (text: string, factor = '1', kind: BakeKind = 'cake'): string =>
    filled(planText(text, factor, { kind })[0]!.measure);

  it('is what a baker would do', () => {
    expect(shown('8 oz sour cream')).toBe('1 cup');
    expect(shown('31 ml milk')).toBe('2 × 1 tbsp + 1/4 tsp');
    expect(shown('2 1/4 cups all-purpose flour', '0.76')).toBe('1 cup + 2 × 1/3 cup + 1 tbsp');
    expect(shown('225 g all-purpose flour')).toBe('1 cup + 2 × 1/3 cup + 2 × 1 tbsp');
    expect(shown('90 g butter')).toBe('1/3 cup + 1 tbsp');
    expect(shown('7/8 cup sugar')).toBe('1/2 cup + 1/4 cup + 2 × 1 tbsp');
  });

  it('fills half a cup with half a cup where only the cups of this hand are known', () => {
    // The cup is lighter than the spoons: together they would come nearer by luck.
    const byHand: Densities = { cup: 0.92, tbsp: 0.93, tsp: 0.93 };
    const written = { millilitres: 118.29411825, size: 'cup' } as const;
    const plan = chooseFills(goalFor(110, { allowed: 0.05, written }), [dry], byHand);
    const [first, ...others] = plan!.fills;
    expect(others).toEqual([]);
    expect(first!.count * first!.tool.stampedMillilitres).toBeCloseTo(118.294, 2);
  });

  it('has no eighth of a teaspoon but of what is tasted or makes a dough rise', () => {
    expect(shown('1 tsp sugar', '9/8')).not.toContain('1/8');
    expect(shown('1 tsp salt', '9/8')).toBe('1 tsp + 1/8 tsp');
  });

  it('pours to one mark of a jug', () => {
    expect(shown('970 ml water')).toBe('jug@4 cup + 1 tbsp');
    expect(shown('240 ml milk')).toBe('jug@1 cup');
  });

  it('fills beaten egg by half teaspoons', () => {
    const eggs = planText('3 large eggs', '0.37')[0]!.measure!.fills;
    for (const { unit, nominal } of eggs) {
      if (unit === 'tsp') expect(['1', '1/2']).toContain(nominal);
    }
  });

  /** The least trouble of all fills that a baker says in two terms, looked at one by one. */
  function leastTrouble(tools: readonly Tool[], goal: Goal): number {
    const plain = new Set([0, 6, 8, 12, 16, 18]);
    let least = Infinity;
    const judge = (counts: readonly number[]): void => {
      const sum = (unit: string): number =>
        counts.reduce(
          (all, count, at) =>
            all + (tools[at]!.unit === unit ? count * tools[at]!.nominal.valueOf() : 0),
          0,
        );
      const [cups, tbsp, tsp] = [sum('cup'), sum('tbsp'), sum('tsp')];
      if (!plain.has(Math.round((cups % 1) * 24)) || tbsp > 3 || tsp > 2.75) return;
      if (counts.some((count, at) => count > 0 && tools[at]!.nominal.equals(0.125))) return;
      const terms = [cups, tbsp, tsp].filter((one) => one > 0).length;
      if (terms === 0 || terms > 2) return;
      const grams = counts.reduce(
        (all, count, at) => all + count * tools[at]!.millilitres * FLOUR.cup,
        0,
      );
      const off = Math.abs(grams / goal.grams - 1) / goal.allowed;
      if (off >= 2) return;
      const fills = counts.reduce((all, count) => all + count, 0);
      least = Math.min(least, fills + counts.filter((count) => count > 0).length + 4 * off * off);
    };
    const go = (at: number, counts: readonly number[]): void => {
      if (at === tools.length) return judge(counts);
      for (let count = 0; count <= 4; count++) go(at + 1, [...counts, count]);
    };
    go(0, []);
    return least;
  }

  it('is of no more trouble than any other of two terms', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...dry), { minLength: 1, maxLength: 5 }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.constantFrom(0.015, 0.025, 0.05),
        (drawn, grams, allowed) => {
          const tools = [...drawn].sort((a, b) => b.millilitres - a.millilitres);
          const goal = goalFor(grams, { allowed });
          const least = leastTrouble(tools, goal);
          fc.pre(least < Infinity);
          const chosen = chooseFills(goal, [tools], FLOUR)!;
          const off = Math.abs(chosen.grams / grams - 1) / allowed;
          const fills = chosen.fills.reduce((all, { count }) => all + count, 0);
          expect(fills + chosen.fills.length + 4 * off * off).toBeLessThanOrEqual(least + 1e-6);
        },
      ),
      { numRuns: 200 },
    );
  });
});
