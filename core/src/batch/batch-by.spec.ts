import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import { readRecipe } from '../reading/index.js';
import {
  batchFactor,
  cautionsFor,
  cleanBatches,
  defaultDrawer,
  panMillilitres,
  planBatch,
  ratioDrift,
  recipeSize,
  type BatchBy,
  type Pan,
} from './index.js';

const BUNS = readRecipe(`Lock buns
Makes 12 buns

500 g bread flour
300 g water
10 g salt
2 large eggs
7 g instant yeast
1 tsp cinnamon`);
const SIZE = recipeSize(BUNS);

const factorOf = (set: BatchBy, size = SIZE): string => {
  const found = batchFactor(set, size);
  return found.ok ? found.factor.toFraction() : `${found.problem.field}: ${found.problem.code}`;
};
const round = (diameterCm: number, heightCm = 5): Pan => ({ shape: 'round', diameterCm, heightCm });

describe('setting a batch', () => {
  it('knows what the recipe makes as it is written', () => {
    expect(SIZE.pieces?.valueOf()).toBe(12);
    expect(SIZE.eggs.valueOf()).toBe(2);
    expect(SIZE.grams).toBeCloseTo(500 + 300 + 10 + 100 + 7 + 2.6, 6);
  });

  it('counts what was decided of its lines: another weight, another kind', () => {
    const water = BUNS.lines.findIndex(({ written }) => written === '300 g water');
    const flour = water - 1;
    const instead = { ingredientId: 'flour-wheat-whole', form: null };
    const decided = recipeSize(BUNS, undefined, [], {
      [water]: { grams: 350 },
      [flour]: { instead },
    });
    expect(decided.grams).toBeCloseTo(SIZE.grams + 50, 9);
    expect(decided.byIngredient.get('flour-wheat-whole')).toBe(500);
    expect(decided.byIngredient.has('flour-wheat-bread')).toBeFalse();
  });

  it('goes by factor, pieces and eggs exactly', () => {
    expect(factorOf({ by: 'factor', factor: '1 1/2' })).toBe('3/2');
    expect(factorOf({ by: 'pieces', pieces: 18 })).toBe('3/2');
    expect(factorOf({ by: 'pieces', pieces: 7 })).toBe('7/12');
    expect(factorOf({ by: 'eggs', eggs: 3 })).toBe('3/2');
  });

  it('goes by the mass of the dough, and of each piece', () => {
    const factor = (set: BatchBy): number => new Fraction(factorOf(set)).valueOf();
    expect(factor({ by: 'total', grams: SIZE.grams * 2 })).toBeCloseTo(2, 10);
    expect(factor({ by: 'portions', pieces: 20, gramsEach: 50 })).toBeCloseTo(
      1000 / SIZE.grams,
      10,
    );
  });

  it('goes by what there is least of, and names it', () => {
    const limits = [
      { ingredientId: 'flour-wheat-bread', grams: 430 },
      { ingredientId: 'water', grams: 10_000 },
    ];
    const found = batchFactor({ by: 'limit', limits }, SIZE);
    expect(found.ok && found.factor.valueOf()).toBeCloseTo(0.86, 10);
    expect(found.ok && found.limitedBy).toBe('flour-wheat-bread');
  });

  it('goes from one pan to another', () => {
    expect(factorOf({ by: 'pan', from: round(20), to: round(30) })).toBe('9/4');
    expect(factorOf({ by: 'pan', from: round(20, 4), to: round(20, 6) })).toBe('3/2');
    const square: Pan = { shape: 'square', sideCm: 20, heightCm: 5 };
    const found = batchFactor({ by: 'pan', from: round(20), to: square }, SIZE);
    expect(found.ok && found.factor.valueOf()).toBeCloseTo(4 / Math.PI, 10);
    const tray: Pan = { shape: 'moulds', count: 12, millilitresEach: 80 };
    expect(panMillilitres(tray)).toBe(960);
    const ring: Pan = { shape: 'ring', diameterCm: 24, innerDiameterCm: 8, heightCm: 10 };
    expect(panMillilitres(ring)).toBeCloseTo(Math.PI * (144 - 16) * 10, 6);
  });

  it('refuses what the recipe gives no hold for, and says where', () => {
    const bare = recipeSize(readRecipe('1 cup dragonfruit\nsalt to taste'));
    expect(factorOf({ by: 'pieces', pieces: 5 }, bare)).toBe('pieces: no-yield');
    expect(factorOf({ by: 'eggs', eggs: 5 }, bare)).toBe('eggs: no-eggs');
    expect(factorOf({ by: 'total', grams: 500 }, bare)).toBe('grams: no-mass');
    expect(factorOf({ by: 'limit', limits: [] })).toBe('limits: no-limits');
    expect(factorOf({ by: 'limit', limits: [{ ingredientId: 'honey', grams: 5 }] })).toBe(
      'limits.0.ingredientId: not-in-recipe',
    );
    const solid: Pan = { shape: 'ring', diameterCm: 20, innerDiameterCm: 20, heightCm: 5 };
    expect(factorOf({ by: 'pan', from: round(20), to: solid })).toBe(
      'to.innerDiameterCm: empty-pan',
    );
    expect(factorOf({ by: 'pieces', pieces: 100_000 })).toBe('pieces: too-large');
  });

  it('means the same however it is set', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (pieces) => {
        const found = batchFactor({ by: 'pieces', pieces }, SIZE);
        if (!found.ok) throw new Error('not set');
        const eggs = SIZE.eggs.mul(found.factor).valueOf();
        const again = batchFactor({ by: 'eggs', eggs }, SIZE);
        expect(again.ok && again.factor.valueOf()).toBeCloseTo(found.factor.valueOf(), 9);
      }),
    );
  });
});

describe('the ratios of a batch', () => {
  const drawer = defaultDrawer();
  const ratiosOf = (text: string, factor = '1') =>
    ratioDrift(planBatch(readRecipe(text), { factor: new Fraction(factor), drawer }));

  it('are percent of the flour, as written, weighed and measured', () => {
    const { base, ratios } = ratiosOf('500 g bread flour\n300 g water\n10 g salt');
    expect(base).toBe('flour');
    expect(ratios.salt.written).toBeCloseTo(2, 9);
    expect(ratios.salt.weighed).toBeCloseTo(2, 9);
    // Flour itself is an eighth water.
    expect(ratios.water.written).toBeGreaterThan(60);
    expect(ratios.yeast).toEqual({ written: 0, weighed: 0, measured: 0, drift: 0, isOver: false });
  });

  it('are percent of everything where there is no flour', () => {
    const { base, ratios } = ratiosOf('100 g butter\n100 g sugar');
    expect(base).toBe('total');
    expect(ratios.fat.written).toBeCloseTo(50, 9);
    expect(ratios.sugar.written).toBeCloseTo(50, 9);
  });

  it('stay as written whatever the factor, and drift no more than the fills do', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 4 }),
        (top, bottom) => {
          const plan = planBatch(BUNS, { factor: new Fraction(top, bottom), drawer });
          const { ratios } = ratioDrift(plan);
          expect(ratios.salt.written).toBeCloseTo(2, 9);
          expect(ratios.salt.drift).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe('cautions', () => {
  const at = (factor: string, reading = BUNS) => cautionsFor(reading, new Fraction(factor));

  it('apply where they do, and only there', () => {
    expect(at('1')).toEqual(['raw-flour', 'raw-egg']);
    expect(at('2')).toEqual(['bake-time', 'raw-flour', 'raw-egg']);
    expect(at('3')).toContain('not-linear');
    expect(at('1/3')).toContain('not-linear');
    expect(at('5')).toContain('by-eye');
    expect(at('1', readRecipe('1 cup honey\n1 cup water'))).toEqual([]);
    expect(at('1', readRecipe('Pear preserves for canning\n1 cup sugar'))).toEqual(['preserving']);
  });
});

describe('clean batches', () => {
  const drawer = defaultDrawer();

  it('are near, cleaner than what was wanted, and no more than five', () => {
    const wanted = new Fraction('1.42');
    const clean = cleanBatches(BUNS, wanted, SIZE, { drawer });
    expect(clean.length).toBeGreaterThan(0);
    expect(clean.length).toBeLessThanOrEqual(5);
    expect(clean[0]!.areEggsWhole).toBeTrue();
    expect(clean.map(({ factor }) => factor.toFraction())).toContain('3/2');
    for (const { change } of clean) expect(Math.abs(change)).toBeLessThanOrEqual(0.2);
  });

  it('want whole eggs on every line that has some', () => {
    const two = readRecipe('Makes 12\n300 g bread flour\n1 egg\n1 egg, beaten, to brush');
    const clean = cleanBatches(two, new Fraction('1.9'), recipeSize(two), { drawer });
    expect(clean.map(({ factor }) => factor.toFraction())).toEqual(['2']);
  });

  it('are none where the recipe is as clean as it gets', () => {
    const plain = readRecipe('Makes 10\n1 cup sugar\n1 cup water');
    expect(cleanBatches(plain, new Fraction(1), recipeSize(plain), { drawer })).toEqual([]);
  });
});
