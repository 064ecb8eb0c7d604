import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import { USUAL_BALANCE } from '../batch/index.js';
import { BUNS, readText, usualRecipe } from '../testing/usual.js';
import { batchFactor, panMillilitres, type BatchSetting, type Pan } from './index.js';

const SIZE = usualRecipe(BUNS).size;

const factorOf = (set: BatchSetting, size = SIZE): string => {
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
    const lines = { [water]: { grams: 350 }, [flour]: { instead } };
    const decided = usualRecipe(BUNS, { balance: { ...USUAL_BALANCE, lines } }).size;
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
    const factor = (set: BatchSetting): number => new Fraction(factorOf(set)).valueOf();
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
    const bare = usualRecipe(readText('1 cup dragonfruit\nsalt to taste')).size;
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
