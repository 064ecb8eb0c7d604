import { Fraction } from '../amount/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { planBatch } from '../batch/index.js';
import { BUNS, readText, usualBatch } from '../testing/usual.js';
import { cautionsFor, doubtfulAmounts } from './index.js';

describe('cautions', () => {
  const at = (factor: string, reading = BUNS) =>
    cautionsFor(reading, new Fraction(factor), BUILT_IN_SHELF);

  it('apply where they do, and only there', () => {
    expect(at('1')).toEqual(['raw-flour', 'raw-egg']);
    expect(at('2')).toEqual(['bake-time', 'raw-flour', 'raw-egg']);
    expect(at('3')).toContain('not-linear');
    expect(at('1/3')).toContain('not-linear');
    expect(at('5')).toContain('by-eye');
    expect(at('1', readText('1 cup honey\n1 cup water'))).toEqual([]);
    expect(at('1', readText('Pear preserves for canning\n1 cup sugar'))).toEqual(['preserving']);
  });

  it('ask about amounts that nobody bakes with', () => {
    const doubts = (text: string) =>
      doubtfulAmounts(planBatch(readText(text), usualBatch()), BUILT_IN_SHELF).map(
        ({ line, of }) => [line, of],
      );
    expect(doubts('2 cups flour\n3 tbsp salt\n1/4 cup baking soda')).toEqual([
      [1, 'salt'],
      [2, 'soda'],
    ]);
    expect(doubts('1 cup flour\n1 tbsp nutmeg')).toEqual([[1, 'spice']]);
    expect(doubts('2 cups flour\n1 tsp salt\n1/2 tsp baking soda\n1/4 tsp nutmeg')).toEqual([]);
  });
});
