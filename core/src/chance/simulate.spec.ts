import { Fraction } from '../amount/index.js';
import { defaultDrawer, planBatch } from '../batch/index.js';
import { readRecipe } from '../reading/index.js';
import { chanceLines, simulate, whereWeighingPays, type ChanceLine, type Route } from './index.js';

const line = (of: Partial<ChanceLine> = {}): ChanceLine => ({
  index: 0,
  ingredientId: 'flour-wheat-bread',
  role: 'flour',
  waterPercent: 13.4,
  intendedGrams: 500,
  tolerance: 0.03,
  route: 'measure',
  fills: [{ tool: '1 cup', toolSpread: 0.025, count: 4, grams: 125, spread: 0.04 }],
  hand: 'powder spooned',
  handSpread: 0.04,
  isHandKnown: false,
  weighedGrams: 500,
  gridGrams: 1,
  ...of,
});
const fills = (count: number) => [
  { tool: '1 cup', toolSpread: 0.025, count, grams: 500 / count, spread: 0.04 },
];
const OPTIONS = { bakes: 40_000, seed: 7 };
const only = (one: ChanceLine) => simulate([one], OPTIONS).lines[0]!;

describe('many bakes of one line', () => {
  it('have the mean and the variance of the formula', () => {
    const { mean, deviation } = only(line());
    // (1+t)(1+h)(1+e) of independent errors: the product of 1 + variance, less one.
    const variance = (1 + 0.025 ** 2) * (1 + 0.04 ** 2) * (1 + 0.04 ** 2 / 4) - 1;
    expect(mean).toBeCloseTo(0, 2);
    expect(deviation / Math.sqrt(variance)).toBeCloseTo(1, 1);
  });

  it('with more fills lose of the random part as the root of their number, of the bias nothing', () => {
    const random = (count: number) =>
      only(line({ fills: fills(count), hand: null, handSpread: 0 }));
    const unbiased = (count: number): number => {
      const [fill] = fills(count);
      return only(line({ fills: [{ ...fill!, tool: null }], hand: null })).deviation;
    };
    expect(unbiased(1) / unbiased(16)).toBeCloseTo(4, 0);
    expect(random(400).deviation).toBeCloseTo(0.025, 2);
  });

  it('on a scale are off by its step and its own error', () => {
    const { deviation, within } = only(line({ route: 'weigh', gridGrams: 10 }));
    expect(deviation).toBeCloseTo(Math.hypot(10 / Math.sqrt(12) / 500, 0.001), 3);
    expect(within).toBe(1);
  });

  it('are all the same without any spread, and never under nothing with a huge one', () => {
    const [fill] = fills(1);
    const still = [{ ...fill!, toolSpread: 0, spread: 0 }];
    const exact = only(line({ fills: still, handSpread: 0 }));
    expect(exact.deviation).toBe(0);
    expect(exact.within).toBe(1);
    const wild = only(line({ fills: [{ ...fill!, spread: 50 }] }));
    expect(wild.quantiles[0]).toBeCloseTo(-1, 2);
  });

  it('fall within three percent as often as a bell curve says', () => {
    const [fill] = fills(1);
    const plain = [{ ...fill!, tool: null, spread: 0.03 }];
    const { within, quantiles } = only(line({ fills: plain, hand: null }));
    expect(within).toBeCloseTo(0.6827, 1);
    expect(quantiles[4]).toBeCloseTo(1.645 * 0.03, 2);
  });
});

describe('a whole recipe', () => {
  const TEXT = `Rounds
3 cups all-purpose flour
1 cup milk
1/4 cup honey
2 tsp baking powder
1 tsp salt
1 large egg`;
  const batch = { factor: new Fraction(1), drawer: defaultDrawer() };
  const plan = planBatch(readRecipe(`${TEXT}\n1 cup moon dust`), batch);
  const by = (route: Route) => chanceLines(plan, batch, () => route);

  it('leaves out what has no weight', () => {
    expect(by('measure').length).toBe(6);
  });

  it('comes out better weighed than measured, by the same seed the same', () => {
    const measured = simulate(by('measure'), OPTIONS);
    const weighed = simulate(by('weigh'), OPTIONS);
    expect(weighed.good).toBeGreaterThan(measured.good);
    expect(simulate(by('measure'), OPTIONS)).toEqual(measured);
    expect(simulate(by('measure'), { ...OPTIONS, seed: 8 }).good).not.toBe(measured.good);
  });

  it('shares the variance of each ratio out among its causes', () => {
    const { ratios } = simulate(by('measure'), OPTIONS);
    for (const ratio of Object.values(ratios)) {
      const sum = Object.values(ratio.causes).reduce((all, share) => all + share, 0);
      expect(sum).toBeCloseTo(1, 9);
    }
    expect(ratios.water!.causes.scale).toBe(0);
    expect(simulate(by('weigh'), OPTIONS).ratios.water!.causes.scale).toBeCloseTo(1, 9);
  });

  it('says which few things to weigh, and that it helps', () => {
    const options = { bakes: 4000, seed: 3 };
    const measured = by('measure');
    const { weigh, goodNow, goodThen, isReached } = whereWeighingPays(measured, 0.8, options);
    expect(isReached).toBeTrue();
    expect(goodThen).toBeGreaterThanOrEqual(0.8);
    expect(goodNow).toBeLessThan(0.8);
    // Flour and the spooned little things decide; with one fewer it is not reached.
    expect(weigh.length).toBeLessThan(measured.length);
    const routes = (set: readonly number[]) =>
      measured.map((one) => (set.includes(one.index) ? { ...one, route: 'weigh' as const } : one));
    for (const index of weigh) {
      const fewer = weigh.filter((one) => one !== index);
      if (weigh.length <= 2) expect(simulate(routes(fewer), options).good).toBeLessThan(0.8);
    }
  });

  it('wants nothing weighed where that is asked of nobody, and says what can not be reached', () => {
    const options = { bakes: 1000, seed: 3 };
    expect(whereWeighingPays(by('measure'), 0, options).weigh).toEqual([]);
    const coarse = by('measure').map((one) => ({ ...one, gridGrams: 500 }));
    expect(whereWeighingPays(coarse, 0.99, options).isReached).toBeFalse();
  });
});
