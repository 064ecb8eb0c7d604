import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { readUsualLine } from '../../testing/read';
import { intendedMass } from '@ypsigram/core/conversion';
import { Fraction } from '@ypsigram/core/amount';
import { scaledYield, spread, writtenAmount } from './amounts';

describe('amounts as a baker reads them', () => {
  const shown: readonly [string, string | null][] = [
    ['1 3/4 cups flour', '1 3/4 cups'],
    ['1 cup flour', '1 cup'],
    ['1/2 cup flour', '1/2 cup'],
    ['2 to 3 tbsp honey', '2 to 3 tbsp'],
    ['2 pinches salt', '2 pinches'],
    ['250 g flour', '250 g'],
    ['1.5 kg flour', '1.5 kg'],
    ['3 eggs', '3 ×'],
    ['0.35 cup flour', 'about 1/3 cup'],
    ['salt to taste', null],
  ];
  for (const [text, amount] of shown) {
    it(`shows "${text}" as ${amount}`, () =>
      expect(writtenAmount(readUsualLine(text))).toBe(amount));
  }

  it('gives a range only where there is one', () => {
    const range = (text: string): string | null =>
      spread(intendedMass(readUsualLine(text), 'us-customary', BUILT_IN_SHELF));
    expect(range('250 g flour')).toBeNull();
    expect(range('2 cups flour')).toBe('231 to 269 g');
    expect(range('1 tsp salt')).toBe('5.2 to 6.8 g');
  });
});

describe('what a batch makes', () => {
  const makes = (
    min: number,
    max: number,
    noun: string,
    factor: number,
    isEnglish = true,
  ): string | null =>
    scaledYield(
      { written: '', count: { min: new Fraction(min), max: new Fraction(max) }, noun, isEnglish },
      new Fraction(factor),
    );

  it('goes with its number', () => {
    expect(makes(1, 1, 'loaf', 2)).toBe('2 loaves');
    expect(makes(12, 12, 'knots', 1 / 12)).toBe('1 knot');
    expect(makes(8, 10, 'buns', 1.5)).toBe('12 to 15 buns');
    expect(makes(1, 1, '23 cm tin', 2)).toBe('2 × 23 cm tin');
    expect(makes(1, 1, 'Brot', 2, false)).toBe('2 Brot');
  });
});
