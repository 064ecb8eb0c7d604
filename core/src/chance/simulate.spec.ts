import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { defaultDrawer } from '../drawer/index.js';
import { planBatch } from '../batch/index.js';
import {
  HISTOGRAM,
  Simulation,
  chanceLines,
  sharedAndRandom,
  simulate,
  type ChanceLine,
  type JugReading,
  type ChanceRoute,
} from './index.js';

const CUP = { tool: '1 cup', toolSpread: 0.025, count: 1, grams: 500, spread: 0.04, isRead: false };
const line = (of: Partial<ChanceLine> = {}): ChanceLine => ({
  index: 0,
  ingredientId: 'flour-wheat-bread',
  role: 'flour',
  waterPercent: 13.4,
  intendedGrams: 500,
  forgiven: 0.03,
  authorSpread: 0,
  route: 'measure',
  fills: [{ ...CUP, count: 4, grams: 125 }],
  hand: { of: 'powder', method: 'spooned' },
  handSpread: 0.04,
  isHandKnown: false,
  weighedGrams: 500,
  gridGrams: 1,
  ...of,
});
const fills = (count: number) => [{ ...CUP, count, grams: 500 / count }];
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
    expect(unbiased(1) / unbiased(16) / 4).toBeCloseTo(1, 1);
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
  const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
  const plan = planBatch(readText(`${TEXT}\n1 cup moon dust`), batch);
  const by = (route: ChanceRoute) => chanceLines(plan, batch, () => route);

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

  it('gives the same however it is portioned, and says what has come out so far', () => {
    const lines = by('measure');
    const portioned = new Simulation(lines, { seed: 7 });
    expect(portioned.chances().good).toBe(0);
    for (const bakes of [512, 1024, 464]) portioned.bake(bakes);
    expect(portioned.chances()).toEqual(simulate(lines, { bakes: 2000, seed: 7 }));
    portioned.bake(512);
    expect(portioned.chances().bakes).toBe(2512);
  });

  it('counts every bake in the histogram of each line and ratio', () => {
    const { lines, ratios, baseMass, bakes } = simulate(by('measure'), OPTIONS);
    for (const { histogram } of [...lines, ...Object.values(ratios), baseMass]) {
      expect(histogram.length).toBe(HISTOGRAM.bars);
      expect(histogram.reduce((sum, found) => sum + found, 0)).toBe(bakes);
    }
    // A bell around what was meant: as many on its left as on its right.
    const half = baseMass.histogram.slice(0, HISTOGRAM.bars / 2).reduce((sum, n) => sum + n, 0);
    expect(half / bakes).toBeCloseTo(0.5, 1);
  });

  it('bakes one line as well as two hundred', () => {
    const many = Array.from({ length: 200 }, (_, index) =>
      line({ index, ingredientId: `flour ${index}` }),
    );
    expect(simulate(many, { bakes: 200, seed: 1 }).lines.length).toBe(200);
    expect(simulate([line()], { bakes: 200, seed: 1 }).good).toBeGreaterThan(0);
    expect(simulate([], { bakes: 200, seed: 1 }).good).toBe(1);
  });

  it('goes wrong by reading a jug from above: more scatter, and too little poured', () => {
    const water = 'Rounds\n3 cups all-purpose flour\n2 cups water';
    const jugPlan = planBatch(readText(water), batch);
    const read = (jug: JugReading) =>
      simulate(
        chanceLines(jugPlan, batch, () => 'measure', { jug }),
        OPTIONS,
      );
    const [eye, above] = [read('eye-level'), read('above')];
    expect(eye.ratios.water!.causes.reading).toBeGreaterThan(0);
    expect(above.ratios.water!.causes.reading).toBeGreaterThan(eye.ratios.water!.causes.reading);
    expect(above.lines[1]!.mean).toBeCloseTo(-0.04, 2);
    expect(above.good).toBeLessThan(eye.good);
  });
});

describe('a larger batch', () => {
  it('evens out what is luck of each fill and keeps what all fills share', () => {
    const apart = (count: number) =>
      sharedAndRandom(simulate([line({ fills: fills(count) })], OPTIONS).baseMass);
    const [once, fourfold] = [apart(1), apart(4)];
    expect(once.random / fourfold.random / 2).toBeCloseTo(1, 1);
    expect(fourfold.shared).toBeCloseTo(once.shared, 2);
    expect(Math.hypot(once.shared, once.random)).toBeCloseTo(
      simulate([line({ fills: fills(1) })], OPTIONS).baseMass.deviation,
      6,
    );
  });
});
