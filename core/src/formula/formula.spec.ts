import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { defaultDrawer } from '../drawer/index.js';
import { formulaOf, massForPercent, massesForHydration, type Formula } from './formula.js';
import { planBatch } from '../batch/index.js';

const formula = (text: string): Formula | null =>
  formulaOf(
    planBatch(readText(text), {
      factor: new Fraction(1),
      shelf: BUILT_IN_SHELF,
      drawer: defaultDrawer(),
    }),
    BUILT_IN_SHELF,
  );

const LOAF = `Towpath loaf

For the poolish:
150 g bread flour
150 g water
1 g instant yeast

Dough:
350 g bread flour
175 g water
10 g salt`;

describe("a baker's formula", () => {
  it('gives everything as a percentage of all flour', () => {
    const { flourGrams, totalGrams, parts } = formula(LOAF)!;
    expect(flourGrams).toBeCloseTo(500, 9);
    expect(totalGrams).toBeCloseTo(836, 9);
    expect(parts[1]!.lines.map(({ percent }) => percent)).toEqual([
      jasmine.any(Number),
      jasmine.any(Number),
      jasmine.any(Number),
    ]);
    expect(parts[1]!.lines[2]!.percent).toBeCloseTo(2, 9);
  });

  it('names the preferment, with its share of the flour and a hydration of its own', () => {
    const [poolish, dough] = formula(LOAF)!.parts;
    expect(poolish).toEqual(jasmine.objectContaining({ name: 'poolish', isPreferment: true }));
    expect(poolish!.flourPercent).toBeCloseTo(30, 9);
    // 150 g of water, the flour's own 13.4 % and a little in the yeast.
    expect(poolish!.hydration).toBeCloseTo(100 + 13.4, 1);
    expect(dough!.isPreferment).toBeFalse();
  });

  it('is nothing without flour', () => {
    expect(formula('100 g butter\n100 g sugar')).toBeNull();
  });

  it('turns a percentage into a mass', () => {
    const loaf = formula(LOAF)!;
    const salt = loaf.parts[1]!.lines[2]!.index;
    expect(massForPercent(loaf, salt, 1.8)![salt]).toBeCloseTo(9, 9);
    expect(massForPercent(loaf, salt, 0)).toBeNull();
  });

  it('takes the percentage of a flour as its share, the others staying', () => {
    const mixed = formula('300 g bread flour\n100 g dark rye flour\n260 g water')!;
    const rye = mixed.parts[0]!.lines[1]!.index;
    const grams = massForPercent(mixed, rye, 40)![rye]!;
    expect(grams / (grams + 300)).toBeCloseTo(0.4, 12);
    expect(massForPercent(formula('300 g bread flour\n200 g water')!, 0, 80)).toBeNull();
  });

  it('reaches a hydration by its liquids alone, each in its proportion', () => {
    const loaf = formula(LOAF)!;
    const masses = massesForHydration(loaf, 80)!;
    const water = loaf.parts.flatMap(({ lines }) => lines).filter(({ isLiquid }) => isLiquid);
    expect(Object.keys(masses).map(Number)).toEqual(water.map(({ index }) => index));
    const [first, second] = water.map(({ index, grams }) => masses[index]! / grams);
    expect(first).toBeCloseTo(second!, 12);
    const added = Object.values(masses).reduce((sum, grams) => sum + grams, 0) - 325;
    expect(loaf.hydration + added / 5).toBeCloseTo(80, 9);
  });

  it('can not be drier than what is not liquid', () => {
    expect(massesForHydration(formula(LOAF)!, 5)).toBeNull();
    expect(massesForHydration(formula('500 g bread flour\n10 g salt')!, 60)).toBeNull();
  });
});
