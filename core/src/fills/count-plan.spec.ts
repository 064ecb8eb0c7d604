import { filled } from '../testing/filled.js';
import { planText } from '../testing/plan-text.js';

const taken = (written: string, factor?: string): string =>
  filled(planText(written, factor)[0]!.measure);

describe('what is counted', () => {
  it('is told as a baker says it', () => {
    expect(taken('1 banana')).toBe('1 × banana');
    expect(taken('1 banana', '1/2')).toBe('0.5 × banana');
    expect(taken('2 bananas', '3/2')).toBe('3 × banana');
    expect(taken('1 apple', '1/2')).toBe('0.5 × apple');
    expect(taken('3 bananas', '1/2')).toBe('1.5 × banana');
  });

  it('goes by the name of the piece it is sold as', () => {
    expect(taken('1 cube fresh yeast')).toBe('1 × cube');
    expect(taken('2 cakes fresh yeast', '5/4')).toBe('2.5 × cake');
  });

  it('keeps eggs whole that are written whole, within what eggs differ', () => {
    // 105.6 g without their shells: a twentieth more than two large ones.
    expect(taken('2 x 60g eggs')).toBe('2 × egg');
    expect(taken('2 large eggs')).toBe('2 × egg');
  });

  it('weighs or spoons what is left of an egg', () => {
    expect(taken('3 large eggs', '1/2')).toMatch(/^egg \+ .* of egg$/);
    expect(taken('1 large egg', '1/2')).toMatch(/of egg$/);
  });
});
