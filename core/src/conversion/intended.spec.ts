import type { Shelf } from '../catalogue/index.js';
import { BUILT_IN_SHELF, shelfOf } from '../shelf/index.js';
import { readUsualLine } from '../testing/usual.js';
import { readLine } from '../reading/index.js';
import { intendedMass, intendedOtherwise } from './index.js';

const intended = (text: string, standard: Parameters<typeof intendedMass>[1] = 'us-customary') =>
  intendedMass(readUsualLine(text, standard), standard, BUILT_IN_SHELF);

describe('intended mass', () => {
  it("uses the author's cup", () => {
    const us = intended('1 cup water')!.grams;
    const metric = intended('1 cup water', 'metric')!.grams;
    const japanese = intended('1 cup water', 'japanese')!.grams;
    expect(us).toBeCloseTo(237, 9);
    expect(metric / us).toBeCloseTo(250 / 236.5882365, 9);
    expect(japanese / us).toBeCloseTo(200 / 236.5882365, 9);
  });

  it("uses the author's method", () => {
    expect(intended('2 cups sifted flour')!.grams).toBeCloseTo(230, 9);
    expect(intended('2 cups flour, sifted')!.grams).toBeCloseTo(250, 9);
  });

  it('takes the middle of a range and widens to both ends', () => {
    const range = intended('2 to 3 tbsp honey')!;
    const low = intended('2 tbsp honey')!;
    expect(range.grams).toBeCloseTo(52.5, 9);
    expect(range.low).toBeLessThan(low.grams);
    expect(range.high).toBeGreaterThan(63);
  });

  it('takes a stated weight as it stands', () => {
    expect(intended('1 cup (130 g) flour')).toEqual({
      grams: 130,
      low: 130,
      high: 130,
      basis: { rung: 'stated', source: { from: 'line' }, derivedFrom: null },
    });
  });

  it('keeps both readings in the range of a weight that cannot be', () => {
    const slip = intended('2 cups (90 g) flour')!;
    expect(slip.grams).toBe(90);
    expect(slip.low).toBe(90);
    expect(slip.high).toBeGreaterThan(250);
  });

  it('is surer of five cups than of one, in proportion', () => {
    const width = (text: string): number => {
      const mass = intended(text)!;
      return (mass.high - mass.low) / mass.grams;
    };
    expect(width('5 cups flour')).toBeLessThan(width('1 cup flour'));
  });

  it('gives a pinch a wide range', () => {
    const pinch = intended('a pinch of salt')!;
    expect(pinch.grams).toBeCloseTo(6 / 16, 9);
    expect(pinch.high / pinch.grams).toBeGreaterThan(1.6);
  });

  it('gives a stick what a stick weighs, whatever the standard', () => {
    expect(intended('1 stick margarine', 'metric')!.grams).toBe(113);
    expect(intended('1 stick shortening', 'metric')!.grams).toBeCloseTo(
      intended('1/2 cup shortening')!.grams,
      9,
    );
  });

  it('grades eggs by the country they come from', () => {
    const eggs = (text: string, standard?: Parameters<typeof intendedMass>[1]): number =>
      intended(text, standard)!.grams;
    expect(eggs('2 large eggs')).toBe(100);
    expect(eggs('2 large eggs', 'british')).toBeCloseTo(2 * 68 * 0.88, 9);
    expect(eggs('2 eggs', 'british')).toBeCloseTo(2 * 68 * 0.88, 9);
    expect(eggs('2 medium European eggs')).toBeCloseTo(2 * 58 * 0.88, 9);
    expect(eggs('2 eggs (size M)')).toBeCloseTo(2 * 58 * 0.88, 9);
    expect(eggs('3 eggs, size L')).toBeCloseTo(3 * 68 * 0.88, 9);
    expect(eggs('1 extra large egg', 'british')).toBeCloseTo(78 * 0.88, 9);
  });

  it('knows blocks of butter', () => {
    expect(intended('1 block butter')!.grams).toBeCloseTo(453.59, 2);
    expect(intended('1 block butter', 'metric')!.grams).toBe(250);
    expect(intended('1/2 block of butter', 'australian')!.grams).toBe(125);
    expect(intended('1 (500 g) block butter', 'metric')!.grams).toBe(500);
  });

  it('reads an ingredient of the kitchen’s own, with and without a weight', () => {
    const carob = {
      id: 'own-carob',
      name: 'Carob powder',
      class: 'powder',
      role: 'flavour',
      waterPercent: 4,
      allergens: [],
      aliases: [],
    } as const;
    const weigh = (shelf: Shelf) =>
      intendedMass(readLine('2 cups carob powder', 'us-customary', shelf), 'us-customary', shelf)
        ?.grams;
    const own = [
      { ingredientId: carob.id, form: null, method: 'spooned', gramsPerMillilitre: 0.43 },
    ] as const;
    expect(weigh(shelfOf(own, [carob]))).toBeCloseTo(2 * 0.43 * 236.5882365, 9);
    expect(weigh(shelfOf([], [carob]))).toBeUndefined();
  });

  it('says nothing about what it does not know', () => {
    for (const text of [
      '1 cup dragonfruit powder',
      'salt to taste',
      '3 dates',
      'Mix well and chill.',
    ]) {
      expect(intended(text)).withContext(text).toBeNull();
    }
  });

  it('weighs the other reading of a note', () => {
    const line = readUsualLine('8 oz sour cream');
    const note = line.notes.find(({ code }) => code === 'ounce-ambiguous')!;
    const other = note.code === 'ounce-ambiguous' ? note.other : {};
    expect(intendedMass(line, 'us-customary', BUILT_IN_SHELF)!.grams).toBeCloseTo(226.8, 1);
    expect(intendedOtherwise(line, other, 'us-customary', BUILT_IN_SHELF)!.grams).toBeCloseTo(
      230,
      6,
    );
  });
});
