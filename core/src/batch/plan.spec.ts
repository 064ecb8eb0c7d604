import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF, CATALOGUE } from '../shelf/index.js';
import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import type { KnownWeight } from '../measuring/index.js';
import { readFactor, writeFactor } from '../factor/index.js';
import { defaultDrawer } from '../drawer/index.js';
import { isWithin } from '../fills/index.js';
import { planBatch } from './plan.js';
import { ratiosOf } from './index.js';
import type { PlanLine } from './plan-line.js';
import { filled } from '../testing/filled.js';

const DRAWER = defaultDrawer();

function plan(
  text: string,
  factor: string | number = 1,
  methods: Record<number, 'dipped' | 'sifted' | 'pressed'> = {},
): PlanLine {
  const factors = new Fraction(factor);
  return planBatch(readText(text), {
    factor: factors,
    methods,
    shelf: BUILT_IN_SHELF,
    drawer: DRAWER,
  })[0]!;
}

describe('the two columns', () => {
  it('keep two cups two cups for somebody who spoons as the author did', () => {
    const line = plan('2 cups all-purpose flour');
    expect(filled(line!.measure)).toBe('2 × 1 cup');
    expect(line.weight?.grams).toBe(250);
    expect(line.gap).toBeCloseTo(0, 9);
  });

  it('ask for less of somebody who dips', () => {
    const line = plan('2 cups all-purpose flour', 1, { 0: 'dipped' });
    expect(line.weight?.grams).toBe(250);
    expect(line.measure?.millilitres).toBeCloseTo((250 / 137) * 236.5882365, 6);
    expect(filled(line!.measure)).toBe('1 cup + 1/2 cup + 1/4 cup + 1 tbsp');
    expect(line.within).toBeTrue();
  });

  it('go by the habit of the kitchen, unless the line is filled otherwise', () => {
    const reading = readText('2 cups all-purpose flour\n2 cups sifted flour\n1 cup sugar');
    const batch = {
      factor: new Fraction(1),
      shelf: BUILT_IN_SHELF,
      drawer: DRAWER,
      habits: { powder: 'dipped' },
    } as const;
    const methods = planBatch(reading, batch).map(({ measure }) => measure?.method);
    expect(methods).toEqual(['dipped', 'dipped', 'level']);
    const [own] = planBatch(reading, { ...batch, methods: { 0: 'spooned' } });
    expect(own?.measure?.method).toBe('spooned');
    expect(own?.intended?.grams).toBeCloseTo(250, 9);
  });

  it('scale from the written amount, whatever was shown before', () => {
    expect(plan('1/3 cup sugar', 3).weight?.grams).toBe(200);
    expect(filled(plan('1/3 cup sugar', 3).measure)).toBe('1 cup');
  });

  it('crack whole eggs, and spoon the beaten rest', () => {
    expect(filled(plan('2 large eggs', 2).measure)).toBe('4 × egg');
    const half = plan('3 large eggs', '1/2');
    expect(filled(half.measure)).toMatch(/^egg \+ .* of egg$/);
    expect(half.within).toBeTrue();
  });

  it('pour what levels itself into a jug', () => {
    expect(plan('1 cup milk').measure?.fills).toEqual([
      jasmine.objectContaining({ tool: 'jug@1 cup', count: 1 }),
    ]);
  });

  it('cut butter at the marks when asked', () => {
    const reading = readText('3/4 cup butter');
    const [line] = planBatch(reading, {
      factor: new Fraction(1),
      methods: { 0: 'block' },
      shelf: BUILT_IN_SHELF,
      drawer: DRAWER,
    });
    expect(line?.measure?.fills).toEqual([
      jasmine.objectContaining({ tool: 'block@1 stick', count: 1 }),
      jasmine.objectContaining({ tool: 'block@4 tbsp', count: 1 }),
    ]);
  });

  it('say how far the water rises when fat is sunk in it', () => {
    const [line] = planBatch(readText('1/2 cup butter'), {
      factor: new Fraction(1),
      methods: { 0: 'displaced' },
      shelf: BUILT_IN_SHELF,
      drawer: DRAWER,
    });
    expect(filled(line!.measure)).toBe('jug@1/2 cup');
    expect(line?.within).toBeTrue();
  });

  it('leave a pinch a pinch', () => {
    expect(filled(plan('a pinch of salt').measure)).toBe('pinch');
    expect(plan('a pinch of salt', 3).measure?.fills.length).toBeGreaterThan(0);
  });

  it('give no grams to what is not known, but still scale what was written', () => {
    const line = plan('1 cup dragonfruit powder', 2);
    expect(line.intended).toBeNull();
    expect(line.weight).toBeNull();
    expect(line.measure).toBeNull();
    expect(line.scaled?.min.valueOf()).toBe(2);
  });

  it('weigh what is stated even of something unknown', () => {
    const line = plan('200 g carob drops', '1/2');
    expect(line.weight?.grams).toBe(100);
    expect(line.measure).toBeNull();
  });

  it('say when spoons cannot get near', () => {
    const line = plan('1/8 tsp salt', '1/8');
    expect(line.within).toBeFalse();
  });
});

describe('properties of a plan', () => {
  const ids = CATALOGUE.map(({ name }) => name.replace(/ \(.*\)/, '').toLowerCase());
  const written = fc
    .tuple(
      fc.constantFrom('1', '2', '1/2', '1 1/3', '3/4', '2 1/4', '5'),
      fc.constantFrom('cup', 'tbsp', 'tsp', 'g', 'oz'),
      fc.constantFrom(...ids),
    )
    .map((parts) => parts.join(' '));
  const factor = fc
    .tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 24 }))
    .map(([n, d]) => new Fraction(n, d));

  it('scaling there and back gives the same plan', () => {
    fc.assert(
      fc.property(written, factor, (text, by) => {
        // As it is written into the recipe and read again, both ways.
        const read = (factor: Fraction): Fraction => {
          const reading = readFactor(writeFactor(factor));
          if (!reading.ok) throw new Error(reading.problem);
          return reading.factor;
        };
        const back = read(by).mul(read(by.inverse()));
        expect(plan(text, writeFactor(back))).toEqual(plan(text, 1));
      }),
    );
  });

  it('intended mass is linear in the factor', () => {
    fc.assert(
      fc.property(written, factor, (text, by) => {
        const once = plan(text).intended;
        const scaled = plan(text, by.toFraction()).intended;
        expect(scaled === null).toBe(once === null);
        fc.pre(once !== null && scaled !== null);
        expect(scaled.grams / once.grams / by.valueOf()).toBeCloseTo(1, 12);
        expect(scaled.low / once.low / by.valueOf()).toBeCloseTo(1, 12);
      }),
    );
  });

  it('the measure plan is never further off than it says, and says what its fills weigh', () => {
    fc.assert(
      fc.property(written, factor, (text, by) => {
        const line = plan(text, by.toFraction());
        fc.pre(line.measure !== null && line.intended !== null && line.gap !== null);
        const off = line.measure.grams / line.intended.grams - 1;
        expect(off).toBeCloseTo(line.gap, 12);
        expect(line.within).toBe(isWithin(off, line.tolerance!));
        expect(line.level === 'level').toBe(line.within!);
      }),
    );
  });

  it('a plan for more than three tablespoons is off by no more than half of what is forgiven', () => {
    fc.assert(
      fc.property(written, factor, (text, by) => {
        const line = plan(text, by.toFraction());
        fc.pre(line.measure !== null && line.measure.method !== 'count');
        fc.pre(line.measure.millilitres >= 45);
        const most = Math.max(2 * line.tolerance!, line.forgiven! / 2);
        expect(Math.abs(line.measure.grams / line.intended!.grams - 1)).toBeLessThanOrEqual(
          most + 1e-9,
        );
      }),
      { numRuns: 400 },
    );
  });
});

describe('ratios', () => {
  it('counts the water inside everything', () => {
    const ratios = ratiosOf(
      [
        { ingredientId: 'flour-wheat-bread', grams: 500 },
        { ingredientId: 'water', grams: 300 },
        { ingredientId: 'butter', grams: 50 },
        { ingredientId: 'salt-table', grams: 10 },
      ],
      BUILT_IN_SHELF,
    )!;
    expect(ratios.water).toBeCloseTo((500 * 0.134 + 300 + 50 * 0.159 + 10 * 0.002) / 5, 9);
    expect(ratios.fat).toBe(10);
    expect(ratios.salt).toBe(2);
  });

  it('has nothing to say without flour', () => {
    expect(ratiosOf([{ ingredientId: 'water', grams: 100 }], BUILT_IN_SHELF)).toBeNull();
  });
});

describe("the author's cup and your hand", () => {
  const FLOUR = { ingredientId: 'flour-wheat-all-purpose', form: null, size: null } as const;
  const CUP = 236.5882365;
  const author: KnownWeight = {
    ...FLOUR,
    method: 'spooned',
    rung: 'author',
    gramsPerMillilitre: 140 / CUP,
    relativeSpread: 0,
    source: { from: 'author', author: 'Harbour notebook' },
  };
  const hand: KnownWeight = {
    ...FLOUR,
    method: 'spooned',
    rung: 'hand',
    gramsPerMillilitre: 130 / CUP,
    relativeSpread: 0.01,
    source: { from: 'hand', hand: 'Grebe', trials: 12 },
  };
  const flour = (known: { author?: KnownWeight[]; hand?: KnownWeight[] }, text = '2 cups flour') =>
    planBatch(readText(text), {
      factor: new Fraction(1),
      shelf: BUILT_IN_SHELF,
      drawer: DRAWER,
      ...known,
    })[0]!;

  it('decide different things: what was meant, and what to fill', () => {
    const line = flour({ author: [author], hand: [hand] });
    expect(line.intended?.grams).toBeCloseTo(280, 9);
    expect(line.intended?.basis.rung).toBe('author');
    expect(line.measure?.millilitres).toBeCloseTo((280 / 130) * CUP, 6);
    expect(line.measure?.basis).toEqual({
      rung: 'hand',
      source: { from: 'hand', hand: 'Grebe', trials: 12 },
    });
  });

  it('are never taken for one another', () => {
    expect(flour({ hand: [hand] }).intended?.grams).toBeCloseTo(250, 9);
    expect(flour({ author: [author] }).measure?.basis.rung).toBe('reference');
  });

  it('stand behind a weight that the line itself gives', () => {
    const line = flour({ author: [author] }, '2 cups (250 g) flour');
    expect(line.intended?.basis.rung).toBe('stated');
  });
});
