import { makesText, measureText, weightText } from '../wording/index.js';
import { actOfEarlier, makesOfEarlier, planOfEarlier } from './earlier.js';
import { bakeMeasure, bakePlan } from './plan.js';

/** Fills as they were kept in words, with what was shown of them then. */
const KEPT = [
  [
    '1 3/4 cups + 1 tbsp',
    ['1 cup', 1, 'cup', '1'],
    ['1/4 cup', 3, 'cup', '1/4'],
    ['1 tbsp', 1, 'spoon', 'tbsp'],
  ],
  ['2 × blue mug', ['blue mug', 2, 'cup', 'blue mug']],
  [
    '1/4 tsp + half of 1/8 tsp',
    ['1/4 tsp', 1, 'spoon', '1/4 tsp'],
    ['half of 1/8 tsp', 1, 'spoon', 'half 1/8 tsp', '1/8 tsp'],
  ],
  ['jug 250 ml', ['jug 250 ml', 1, 'jug', '250 ml']],
  [
    '14 cups, in four pours',
    ['jug 4 cups', 3, 'jug', '4 cups'],
    ['jug 2 cups', 1, 'jug', '2 cups'],
  ],
  ['2 sticks', ['1 stick', 2, 'block', '1 stick']],
  ['3 tbsp at the mark', ['block 3 tbsp', 1, 'block', '3 tbsp']],
  ['7 oz at the mark', ['block 7 oz', 1, 'block', '7 oz']],
  ['1 pinch', ['1 pinch', 1, 'pinch', 'pinch']],
  ['half a banana', ['piece', 0.5, 'piece', '']],
  ['3 bananas', ['piece', 3, 'piece', '']],
  ['2 1/2 cakes', ['piece', 2.5, 'piece', '']],
  ['1 egg + 1 tbsp beaten egg', ['egg', 1, 'egg', ''], ['1 tbsp', 1, 'spoon', 'tbsp']],
  ['2 tsp beaten egg yolk', ['1 tsp', 2, 'spoon', 'tsp']],
  ['2 eggs', ['egg', 2, 'egg', '']],
] as const;

/** What is said otherwise today. */
const SAID_NOW: Readonly<Record<string, string>> = { 'jug 250 ml': '250 ml in the jug' };

const measureOf = ([shown, ...fills]: (typeof KEPT)[number]) => ({
  method: /egg|banana|cakes/.test(shown) ? 'count' : 'spooned',
  shown,
  grams: 100,
  spread: 0.04,
  fills: fills.map(([tool, count, kind, mark, halfOf]) => ({
    tool,
    count,
    kind,
    mark,
    millilitres: 10,
    size: 'cup',
    ...(halfOf !== undefined && { halfOf }),
  })),
});

describe('what was kept in English words', () => {
  for (const kept of KEPT) {
    it(`still says ${kept[0]}`, () => {
      const measure = bakeMeasure.parse(measureOf(kept));
      expect(measureText(measure)).toBe(SAID_NOW[kept[0]] ?? kept[0]);
      expect('shown' in measure).toBeFalse();
      // What is of now already stays.
      expect(bakeMeasure.parse(measure)).toEqual(measure);
    });
  }

  it('is taken for what it says in weights and yields', () => {
    const weights = [
      [{ grams: 375, grid: 1, shown: '375 g' }, '375 g'],
      [{ grams: 0, grid: 0.1, shown: 'a pinch (under 0.1 g)' }, 'a pinch (under 0.1 g)'],
      [{ grams: 249.476, grid: 1.4174761625, shown: '8.80 oz' }, '8.80 oz'],
      [{ grams: 602.43, grid: 7.087380775, shown: '1 lb 5 1/4 oz' }, '1 lb 5 1/4 oz'],
      [{ grams: 0.6, grid: 0.1, shown: '6 g' }, '6 g'],
    ] as const;
    const plan = planOfEarlier({
      makes: '36 knots',
      lines: weights.map(([weight]) => ({ weight, measure: null })),
    }) as { lines: { weight: Parameters<typeof weightText>[0] }[] };
    expect(plan.lines.map(({ weight }) => weightText(weight))).toEqual(
      weights.map(([, shown]) => shown),
    );
    const yields = ['36 knots', '4 1/2 loaves', '2 × 23 cm tin', '12'];
    const told = (makes: string) =>
      makesText(makesOfEarlier(makes) as Parameters<typeof makesText>[0]);
    expect(yields.map(told)).toEqual(yields);
    expect(bakePlan.shape.makes.parse(null)).toBeNull();
  });

  it('is found in what was done, and nothing else of it is touched', () => {
    const act = {
      do: 'scale-rest',
      line: 'a',
      times: 2,
      stay: [],
      measures: { b: measureOf(KEPT[0]) },
    };
    const { measures } = actOfEarlier(act) as { measures: Record<string, unknown> };
    expect(measureText(bakeMeasure.parse(measures['b']))).toBe(KEPT[0][0]);
    const other = { do: 'cover', line: 'a', isCovered: true };
    expect(actOfEarlier(other)).toBe(other);
  });
});
