import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { readUsualLine } from '../../testing/read';
import { intendedMass } from '@ypsigram/core/conversion';
import { spread, writtenAmount } from './amounts';

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
