import { planText } from '../testing/plan-text.js';

const shown = (written: string, factor?: string): string | undefined =>
  planText(written, factor)[0]!.measure?.shown;

describe('what is counted', () => {
  it('is told as a baker says it', () => {
    expect(shown('1 banana')).toBe('1 banana');
    expect(shown('1 banana', '1/2')).toBe('half a banana');
    expect(shown('2 bananas', '3/2')).toBe('3 bananas');
    expect(shown('1 apple', '1/2')).toBe('half an apple');
    expect(shown('3 bananas', '1/2')).toBe('1 1/2 bananas');
  });

  it('goes by the name of the piece it is sold as', () => {
    expect(shown('1 cube fresh yeast')).toBe('1 cube');
    expect(shown('2 cakes fresh yeast', '5/4')).toBe('2 1/2 cakes');
  });

  it('keeps eggs whole that are written whole, within what eggs differ', () => {
    // 105.6 g without their shells: a twentieth more than two large ones.
    expect(shown('2 x 60g eggs')).toBe('2 eggs');
    expect(shown('2 large eggs')).toBe('2 eggs');
  });

  it('weighs or spoons what is left of an egg', () => {
    expect(shown('3 large eggs', '1/2')).toMatch(/^1 egg \+ .* beaten egg$/);
    expect(shown('1 large egg', '1/2')).toMatch(/beaten egg$/);
  });
});
