import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { defaultDrawer } from '../drawer/index.js';
import { planBatch } from '../batch/index.js';
import {
  CALIBRATED_SPREAD,
  MORE_TRIALS,
  afterTrials,
  chanceLines,
  flourVariants,
  simulate,
  whatToLearn,
  whereWeighingPays,
  type ChanceLine,
} from './index.js';

const TEXT = `Rounds
3 cups all-purpose flour
1 cup milk
1/4 cup honey
2 tsp baking powder
1 tsp salt
1/2 cup butter`;
const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
const measured = chanceLines(planBatch(readText(TEXT), batch), batch, () => 'measure');
const OPTIONS = { bakes: 4000, seed: 3, kind: 'airy' } as const;

const weighing = (indexes: readonly number[]): ChanceLine[] =>
  measured.map((line) => (indexes.includes(line.index) ? { ...line, route: 'weigh' } : line));

describe('where weighing pays', () => {
  it('is as a simulation of just that set says', () => {
    const { weigh, goodNow, goodThen } = whereWeighingPays(measured, 0.8, OPTIONS);
    expect(goodNow).toBe(simulate(measured, OPTIONS).good);
    expect(goodThen).toBe(simulate(weighing(weigh), OPTIONS).good);
    expect(goodThen).toBeGreaterThanOrEqual(0.8);
    expect(goodNow).toBeLessThan(0.8);
  });

  it('names the smallest set there is, and the best of that size', () => {
    const all = measured.map(({ index }) => index);
    const sets = all.reduce<number[][]>(
      (subsets, index) => [...subsets, ...subsets.map((set) => [...set, index])],
      [[]],
    );
    const tried = sets.map((set) => ({ set, good: simulate(weighing(set), OPTIONS).good }));
    for (const wanted of [0.3, 0.5, 0.8]) {
      const { weigh, goodThen } = whereWeighingPays(measured, wanted, OPTIONS);
      const enough = tried.filter(({ good }) => good >= wanted);
      const fewest = Math.min(...enough.map(({ set }) => set.length));
      const best = enough.filter(({ set }) => set.length === fewest);
      expect(weigh.length).withContext(String(wanted)).toBe(fewest);
      expect(goodThen).toBe(Math.max(...best.map(({ good }) => good)));
    }
  });

  it('weighs all lines of an ingredient or none', () => {
    const text = `${TEXT}\n1 cup all-purpose flour`;
    const lines = chanceLines(planBatch(readText(text), batch), batch, () => 'measure');
    const { ingredients, weigh } = whereWeighingPays(lines, 0.8, OPTIONS);
    const flours = lines.filter(({ ingredientId }) => ingredientId.startsWith('flour'));
    expect(ingredients).toContain('flour-wheat-all-purpose');
    for (const { index } of flours) expect(weigh).toContain(index);
  });

  it('wants nothing weighed where that is asked of nobody', () => {
    expect(whereWeighingPays(measured, 0, OPTIONS).weigh).toEqual([]);
  });

  it('says what can not be reached, and weighs no more than helps', () => {
    const coarse = measured.map((line) => ({ ...line, gridGrams: 500 }));
    const { isReached, weigh } = whereWeighingPays(coarse, 0.99, OPTIONS);
    expect(isReached).toBeFalse();
    expect(weigh.length).toBeLessThan(measured.length);
  });

  it('finds its way among two hundred lines', () => {
    const many = Array.from({ length: 200 }, (_, index) => ({
      ...measured[index % measured.length]!,
      index,
      ingredientId: `thing ${index}`,
    }));
    const { weigh } = whereWeighingPays(many, 0.9, { bakes: 500, seed: 1 });
    expect(weigh.length).toBeLessThan(20);
  });
});

describe('flour done otherwise', () => {
  const reading = readText(TEXT);
  const variants = flourVariants(reading, batch, () => 'measure');
  const outcomes = new Map(variants.map(({ way, lines }) => [way, simulate(lines, OPTIONS)]));

  it('weighs, spoons and scoops the same mass, ever less surely', () => {
    const ways = ['weighed', 'spooned', 'scooped'] as const;
    const spreads = ways.map((way) => outcomes.get(way)!.baseMass.deviation);
    expect(spreads).toEqual([...spreads].sort((a, b) => a - b));
    for (const way of ways) {
      expect(outcomes.get(way)!.baseMass.mean).withContext(way).toBeCloseTo(0, 1);
    }
  });

  it('is far too much when cups that were meant spooned are scooped', () => {
    const { baseMass, ratios, good } = outcomes.get('unconverted')!;
    expect(baseMass.mean).toBeGreaterThan(0.08);
    // The flour is what all ratios are set against: there is too little of everything else.
    expect(ratios.water!.mean).toBeLessThan(-0.05);
    expect(good).toBeLessThan(outcomes.get('scooped')!.good);
  });

  it('has nothing to say of a recipe without flour', () => {
    expect(flourVariants(readText('Syrup\n1 cup honey'), batch, () => 'measure')).toEqual([]);
  });
});

describe('what to learn', () => {
  it('is worth what a simulation with that tool calibrated says', () => {
    const { goodNow, tools } = whatToLearn(measured, OPTIONS);
    const [first] = tools;
    const calibrated = measured.map((line) => ({
      ...line,
      fills: line.fills.map((fill) =>
        fill.tool === first!.tool ? { ...fill, toolSpread: CALIBRATED_SPREAD } : fill,
      ),
    }));
    expect(first!.goodThen).toBe(simulate(calibrated, OPTIONS).good);
    expect(goodNow).toBe(simulate(measured, OPTIONS).good);
    for (const { lines } of tools) expect(lines.length).toBeGreaterThan(0);
  });

  it('comes with the most telling first, and leaves out what is known', () => {
    const { tools, hands } = whatToLearn(measured, OPTIONS);
    for (const list of [tools, hands]) {
      const chances = list.map(({ goodThen }) => goodThen);
      expect(chances).toEqual([...chances].sort((a, b) => b - a));
    }
    const known = measured.map((line) => ({
      ...line,
      handSpread: 0,
      fills: line.fills.map((fill) => ({ ...fill, toolSpread: 0.004 })),
    }));
    expect(whatToLearn(known, OPTIONS)).toEqual(jasmine.objectContaining({ tools: [], hands: [] }));
  });

  it('makes a hand surer with trials, the less the more is known', () => {
    const once = afterTrials(0.02, 0.04, MORE_TRIALS);
    const twice = afterTrials(once, 0.04, MORE_TRIALS);
    expect(once).toBeLessThan(0.02);
    expect(twice).toBeLessThan(once);
    expect(once - twice).toBeLessThan(0.02 - once);
    // As six trials at once.
    expect(twice).toBeCloseTo(afterTrials(0.02, 0.04, 2 * MORE_TRIALS), 12);
    expect(afterTrials(0, 0.04, 3)).toBe(0);
  });
});
