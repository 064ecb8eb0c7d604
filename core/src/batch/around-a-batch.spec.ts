import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import type { KnownWeight } from '../measuring/index.js';
import { readRecipe } from '../reading/index.js';
import {
  adviceFor,
  batchCost,
  compareBatch,
  defaultDrawer,
  factorOfLoads,
  loadsFor,
  planBatch,
  premixFor,
  type Batch,
  type ScaleDescription,
} from './index.js';

const BATCH: Batch = { factor: new Fraction(1), drawer: defaultDrawer() };
const KITCHEN_SCALE: ScaleDescription = {
  name: 'kitchen scale',
  kind: 'kitchen',
  capacityGrams: 5000,
  gridGrams: 1,
  hasTare: true,
};

describe('loads', () => {
  it('are as few equal ones as the bowl holds', () => {
    expect(loadsFor(4000, null, { bowlMillilitres: 5000, piecesPerLoad: null })).toEqual({
      count: 2,
      gramsEach: 2000,
      limitedBy: 'bowl',
    });
  });

  it('are as many as the oven needs', () => {
    expect(loadsFor(1800, 30, { bowlMillilitres: 5000, piecesPerLoad: 12 })).toEqual({
      count: 3,
      gramsEach: 600,
      limitedBy: 'oven',
    });
  });

  it('set a batch: as many full ones as bowl and oven both take', () => {
    const recipe = { grams: 900, pieces: 12 };
    const holds = { bowlMillilitres: 3600, piecesPerLoad: 12 };
    expect(factorOfLoads(2, recipe, { ...holds, piecesPerLoad: null })).toBeCloseTo(4, 9);
    expect(factorOfLoads(2, recipe, holds)).toBeCloseTo(2, 9);
    expect(factorOfLoads(2, recipe, { bowlMillilitres: null, piecesPerLoad: null })).toBeNull();
  });

  it('are not spoken of where one is enough', () => {
    expect(loadsFor(900, 12, { bowlMillilitres: 5000, piecesPerLoad: 12 })).toBeNull();
    expect(loadsFor(9000, 99, { bowlMillilitres: null, piecesPerLoad: null })).toBeNull();
  });
});

describe('a premix', () => {
  it('makes a weighable amount of what no scale here resolves', () => {
    const mix = premixFor(0.6, 0.08, 500, [KITCHEN_SCALE])!;
    expect(mix.takeGrams).toBeGreaterThanOrEqual(6);
    expect(mix.holdsGrams / 0.6 - 1).toBeCloseTo(0, 1);
    expect(mix.carrierGrams).toBeGreaterThanOrEqual(mix.takeGrams - mix.holdsGrams);
  });

  it('is not wanted where the scale is fine enough, nor possible without a carrier', () => {
    expect(premixFor(10, 0.08, 500, [KITCHEN_SCALE])).toBeNull();
    expect(premixFor(2, 0.08, 500)).toBeNull();
    expect(premixFor(0.6, 0.08, 2, [KITCHEN_SCALE])).toBeNull();
  });

  it('holds what was wanted, within what it forgives', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5, noNaN: true }), (grams) => {
        const mix = premixFor(grams, 0.08, 2000, [KITCHEN_SCALE]);
        if (mix) expect(Math.abs(mix.holdsGrams / grams - 1)).toBeLessThanOrEqual(0.08 + 1e-9);
      }),
    );
  });

  it('is what is advised for a little yeast on a kitchen scale', () => {
    const reading = readRecipe('500 g bread flour\n1/4 tsp instant yeast');
    const batch = { ...BATCH, scales: [KITCHEN_SCALE] };
    const [advice] = adviceFor(reading, planBatch(reading, batch), batch);
    expect(advice).toEqual(jasmine.objectContaining({ line: 1, mend: 'premix', carrier: 0 }));
  });

  it('gives way to a finer scale where there is no flour to carry it', () => {
    const reading = readRecipe('300 g water\n1/4 tsp instant yeast');
    const batch = { ...BATCH, scales: [KITCHEN_SCALE] };
    const [advice] = adviceFor(reading, planBatch(reading, batch), batch);
    expect(advice?.mend).toBe('fine-scale');
  });
});

describe('what a batch costs', () => {
  const plan = planBatch(readRecipe('400 g bread flour\n100 g bread flour\n10 g salt'), BATCH);

  it('goes by the prices of packs, and asks for whole ones', () => {
    const { needs, total, withoutPrice } = batchCost(plan, [
      { ingredientId: 'flour-wheat-bread', packGrams: 300, price: 0.9 },
    ]);
    expect(needs[0]).toEqual({
      ingredientId: 'flour-wheat-bread',
      grams: 500,
      cost: jasmine.any(Number) as unknown as number,
      packs: { count: 2, grams: 300, price: 0.9 },
    });
    expect(total).toBeCloseTo(1.5, 9);
    expect(withoutPrice).toEqual(['salt-table']);
  });
});

describe('comparing a batch', () => {
  const FLOUR = { ingredientId: 'flour-wheat-all-purpose', form: null, size: null } as const;
  const known = (rung: 'author' | 'hand', grams: number): KnownWeight => ({
    ...FLOUR,
    method: 'spooned',
    rung,
    gramsPerMillilitre: grams / 236.5882365,
    relativeSpread: 0,
    source: 'spec',
  });
  const reading = readRecipe('2 cups flour\n1 cup water\n1 tsp salt');
  const compared = compareBatch(
    reading,
    BATCH,
    [{ name: 'Harbour notebook', weights: [known('author', 150)] }],
    [{ name: 'Grebe', weights: [known('hand', 140)] }],
  );
  const of = (name: string) => compared.find((one) => one.name === name)!;

  it('shows what another author’s cup does to flour and hydration', () => {
    expect(of('').flourGrams).toBeCloseTo(250, 9);
    expect(of('Harbour notebook').flourGrams).toBeCloseTo(300, 9);
    expect(of('Harbour notebook').ratios.water).toBeLessThan(of('').ratios.water);
  });

  it('shows what dipping instead of spooning does', () => {
    expect(of('dipped').flourGrams).toBeCloseTo(274, 0);
    expect(of('dipped').ratios.salt).toBeLessThan(of('').ratios.salt);
  });

  it('shows what a heavier hand makes of the same fills', () => {
    expect(of('Grebe').flourGrams).toBeCloseTo(280, 9);
  });

  it('leaves out what changes nothing', () => {
    expect(compared.map(({ name }) => name)).not.toContain('spooned');
    const weighed = compareBatch(readRecipe('500 g bread flour'), BATCH, [], []);
    expect(weighed.length).toBe(1);
  });
});
