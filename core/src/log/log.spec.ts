import fc from 'fast-check';
import { planBatch, setBatch, type ProvenWeight } from '../batch/index.js';
import { bakeState, type Act } from '../bench/index.js';
import { forgivenessOf } from '../baking/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { bakeOf, KNOTS, lineNamed, readingsOf } from '../testing/bake.js';
import { readText, usualRecipe } from '../testing/usual.js';
import {
  changedSince,
  chanceOfGood,
  forgivenessToPlanBy,
  learnForgiveness,
  logByMonth,
  outcomeOf,
  provenWeights,
  type BakeOutcome,
  type JudgedBake,
} from './index.js';

const PLAN = bakeOf(KNOTS);
const weighAll = (times: (name: string) => number = () => 1, plan = PLAN): Act[] =>
  plan.lines.flatMap(({ id, name, intendedGrams }): Act[] =>
    intendedGrams === null
      ? []
      : [
          {
            do: 'weigh',
            line: id,
            route: 'container',
            grams: intendedGrams * times(name),
            scale: 'kitchen scale',
          },
        ],
  );
const outcome = (
  acts: readonly Act[],
  change: Partial<BakeOutcome> = {},
  plan = PLAN,
): BakeOutcome => ({
  ...outcomeOf(
    { id: 'bake', recipeId: 'recipe', begunAt: '2026-03-14T07:00:00.000Z', handId: null },
    bakeState(plan, readingsOf(...acts)),
    BUILT_IN_SHELF,
  ),
  ...change,
});
const good = (times: (name: string) => number, plan = PLAN): BakeOutcome =>
  outcome([...weighAll(times, plan), { do: 'good', isGood: true }], {}, plan);

describe('what a bake tells', () => {
  it('is what a scale gave, at factor 1, and how far ratios were off', () => {
    const doubled = bakeOf(KNOTS, '2');
    const told = outcome(
      weighAll((name) => (name === 'Bread flour' ? 1.1 : 1), doubled),
      {},
      doubled,
    );
    const flour = told.lines.find(({ ingredientId }) => ingredientId === 'flour-wheat-bread')!;
    expect(flour.grams).toBeCloseTo(1.1 * lineNamed(PLAN, 'bread flour').intendedGrams!, 6);
    expect(told.deviations.sugar).toBeCloseTo(1 / 1.1 - 1, 6);
    expect(told.factor).toBe(2);
  });

  it('says nothing of ratios that were only filled', () => {
    const filled = outcome(PLAN.lines.map(({ id }): Act => ({ do: 'finish', line: id })));
    expect(filled.deviations).toEqual({});
    expect(filled.lines.every(({ isWeighed }) => !isWeighed)).toBeTrue();
  });

  it('tells lines that are written alike apart', () => {
    const plan = bakeOf('Two flours\n100 g flour\n50 g sugar\n100 g flour');
    const told = outcome(
      weighAll(() => 1, plan),
      {},
      plan,
    );
    expect(
      told.lines.filter(({ written }) => written === '100 g flour').map(({ nth }) => nth),
    ).toEqual([0, 1]);
  });
});

describe('proven weights', () => {
  const plan = (proven: readonly ProvenWeight[], text = KNOTS) => {
    const reading = readText(text);
    const recipe = usualRecipe(reading, { learned: { proven, forgives: null } });
    const set = setBatch(recipe, { by: 'factor', factor: '1' });
    if (!set.ok) throw new Error(set.problem.code);
    return planBatch(reading, set.batch);
  };
  const flourOf = (lines: ReturnType<typeof plan>) =>
    lines.find(({ ingredientId }) => ingredientId === 'flour-wheat-bread')!;

  it('are what good bakes weighed in the mean, and the next plan is that, to the grid', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -80, max: 80 }), { minLength: 1, maxLength: 6 }),
        (permille) => {
          const bakes = permille.map((one) => good(() => 1 + one / 1000));
          const proven = provenWeights(bakes);
          const meant = lineNamed(PLAN, 'bread flour').intendedGrams!;
          const mean =
            (meant * (1000 * bakes.length + permille.reduce((a, b) => a + b, 0))) /
            (1000 * bakes.length);
          const { weight, intended } = flourOf(plan(proven));
          expect(intended!.grams).toBeCloseTo(mean, 6);
          expect(Math.abs(weight!.grams - mean)).toBeLessThanOrEqual(weight!.grid / 2 + 1e-9);
          expect(intended!.basis.rung).toBe('proven');
        },
      ),
      { numRuns: 30 },
    );
  });

  it('say how far good bakes differ, and how many there were', () => {
    const [flour] = provenWeights([0.98, 1.02].map((times) => good(() => times)));
    expect(flour!.bakes).toBe(2);
    expect(flour!.spread).toBeCloseTo(Math.SQRT2 * 0.02, 6);
    const range = flourOf(plan([flour!])).intended!;
    expect(range.low).toBeLessThan(range.grams);
  });

  it('come only of bakes that were kept as good, and only from a scale', () => {
    expect(provenWeights([outcome(weighAll())])).toEqual([]);
    const filled = outcome([
      ...PLAN.lines.map(({ id }): Act => ({ do: 'finish', line: id })),
      { do: 'good', isGood: true },
    ]);
    expect(provenWeights([filled])).toEqual([]);
  });

  it('hold for the line as it was written, whatever comes before it', () => {
    const proven = provenWeights([good(() => 1.05)]);
    const shifted = KNOTS.replace('4 cups bread flour', '1 tsp cinnamon\n4 cups bread flour');
    expect(flourOf(plan(proven, shifted)).intended!.basis.rung).toBe('proven');
    const rewritten = KNOTS.replace('4 cups bread flour', '5 cups bread flour');
    expect(flourOf(plan(proven, rewritten)).intended!.basis.rung).not.toBe('proven');
  });

  it('give way to a weight that its baker pinned', () => {
    const reading = readText(KNOTS);
    const at = reading.lines.findIndex(({ ingredientId }) => ingredientId === 'flour-wheat-bread');
    const recipe = usualRecipe(reading, {
      learned: { proven: provenWeights([good(() => 1.05)]), forgives: null },
      balance: { lines: { [at]: { grams: 500 } }, strictness: 'normal', kind: null },
    });
    const set = setBatch(recipe, { by: 'factor', factor: '1' });
    if (!set.ok) throw new Error(set.problem.code);
    expect(planBatch(reading, set.batch)[at]!.intended!.grams).toBe(500);
  });
});

describe('what a recipe forgives', () => {
  const bake = (water: number, rating: number): JudgedBake => ({
    deviations: { water },
    rating,
    isGood: false,
  });
  const usual = forgivenessOf('cake').water;

  it('is the usual figure until something is known', () => {
    expect(learnForgiveness('cake', [], [])).toEqual([]);
    expect(forgivenessToPlanBy(learnForgiveness('cake', [bake(0, 5), bake(0, 5)], []))).toEqual({});
    const never = Array.from({ length: 12 }, () => bake(0.004, 5));
    expect(forgivenessToPlanBy(learnForgiveness('cake', never, []))).toEqual({});
  });

  it('is wider where bakes come out far off, narrower where they fail near by', () => {
    const wide = learnForgiveness(
      'cake',
      [0.16, -0.15, 0.17, 0.14].map((off) => bake(off, 5)),
      [],
    );
    expect(wide[0]!.limit).toBeGreaterThan(usual * 1.2);
    const narrow = learnForgiveness(
      'cake',
      [0.06, -0.06, 0.05, -0.07].map((off) => bake(off, 1)),
      [],
    );
    expect(narrow[0]!.limit).toBeLessThan(usual * 0.85);
    for (const [{ low, limit, high, bakes }] of [wide, narrow] as [(typeof wide)[0]][]) {
      expect(low).toBeLessThan(limit);
      expect(limit).toBeLessThan(high);
      expect(bakes).toBe(4);
    }
  });

  it('begins from what other recipes of its kind have told', () => {
    const others = [0.16, -0.15, 0.17, 0.14, 0.18].map((off) => bake(off, 5));
    const own = [bake(0.01, 5), bake(0, 4), bake(0.02, 5)];
    const alone = learnForgiveness('cake', own, [])[0]!;
    const helped = learnForgiveness('cake', own, others)[0]!;
    expect(helped.limit).toBeGreaterThan(alone.limit);
  });

  it('never learns a limit that is none, whatever was logged', () => {
    const judged = fc.record({
      deviations: fc.record({ water: fc.double({ min: -0.6, max: 0.6, noNaN: true }) }),
      rating: fc.option(fc.integer({ min: 1, max: 5 })),
      isGood: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(judged, { maxLength: 15 }), (bakes) => {
        for (const { low, limit, high } of learnForgiveness('cake', bakes, [])) {
          expect(low).toBeGreaterThan(0);
          expect(limit).toBeGreaterThanOrEqual(low);
          expect(high).toBeGreaterThanOrEqual(limit);
          expect(high).toBeLessThan(2);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('falls off with the deviation: one half of the good chance at the limit', () => {
    const at = (water: number): number => chanceOfGood({ water }, { water: 0.1 });
    expect(at(0)).toBeGreaterThan(at(0.09));
    expect(at(0.09)).toBeGreaterThan(at(0.12));
    expect(at(0.1)).toBeCloseTo((0.93 + 0.04) / 2, 2);
    expect(at(-0.1)).toBe(at(0.1));
  });
});

describe('the log over time', () => {
  const PRICES = [{ ingredientId: 'flour-wheat-bread', packGrams: 1000, price: 2 }];
  const month = (at: string, change: Partial<BakeOutcome>) =>
    outcome(weighAll(), { at, ...change });

  it('is counted by month and crumbs, with what was thrown away', () => {
    const months = logByMonth(
      [
        month('2026-03-14T07:00:00.000Z', { rating: 5 }),
        month('2026-03-21T07:00:00.000Z', { rating: 2, isWasted: true }),
        month('2026-02-07T07:00:00.000Z', { rating: null }),
      ],
      PRICES,
    );
    expect(months.map((one) => one.month)).toEqual(['2026-02', '2026-03']);
    expect(months[1]!.byRating).toEqual([0, 1, 0, 0, 1]);
    expect(months[0]!.unrated).toBe(1);
    const flour = lineNamed(PLAN, 'bread flour').intendedGrams! * 0.002;
    expect(months[1]!.cost).toBeCloseTo(2 * flour, 6);
    expect(months[1]!.waste).toBeCloseTo(flour, 6);
  });

  it('shows how far weighed lines were off, for each hand', () => {
    const [only] = logByMonth(
      [
        outcome(
          weighAll(() => 1.03),
          { handId: 'grebe' },
        ),
        outcome(weighAll(), { handId: 'moorhen' }),
      ],
      [],
    );
    expect(only!.spread.get('grebe')).toBeCloseTo(0.03, 6);
    expect(only!.spread.get('moorhen')).toBeCloseTo(0, 6);
  });
});

describe('what changed since the last bake', () => {
  const before = outcome(weighAll());
  it('is nothing where nothing did', () => {
    expect(changedSince(outcome(weighAll()), before)).toEqual([]);
  });
  it('is told by line, the largest first, then time, dial, batch and hand', () => {
    const now = outcome(
      weighAll((name) => (name === 'Bread flour' ? 1.1 : name === 'Whole milk' ? 0.95 : 1)),
      { minutes: 17, dialCelsius: 190, factor: 2, handId: 'moorhen' },
    );
    const was = { ...before, minutes: 14, dialCelsius: 204 };
    const changes = changedSince(now, was);
    expect(changes.map(({ what }) => what)).toEqual([
      'line',
      'line',
      'factor',
      'minutes',
      'dial',
      'hand',
    ]);
    expect(changes[0]).toEqual(jasmine.objectContaining({ ingredientId: 'flour-wheat-bread' }));
  });
  it('compares what was meant where one of the two was not weighed', () => {
    const paper = outcome([]);
    const weighed = outcome(weighAll(() => 1.08));
    expect(changedSince(paper, weighed)).toEqual([]);
    const more = {
      ...paper,
      lines: paper.lines.map((line) => ({ ...line, intendedGrams: line.intendedGrams * 1.5 })),
    };
    expect(
      changedSince(more, weighed).every((one) => one.what === 'line' && one.by > 0.49),
    ).toBeTrue();
  });
  it('names lines that are new or gone', () => {
    const less = { ...before, lines: before.lines.slice(1) };
    expect(changedSince(less, before).map(({ what }) => what)).toEqual(['gone-line']);
    expect(changedSince(before, less).map(({ what }) => what)).toEqual(['new-line']);
  });
});
