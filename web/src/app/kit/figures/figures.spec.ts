import { decimal, grams, signedPercent } from './figures';

describe('figures', () => {
  it('are typed with a point or a comma, and nothing else', () => {
    expect(decimal(' 248,1 ')).toBe(248.1);
    expect(decimal('12.5')).toBe(12.5);
    for (const text of ['', '-3', '1e3', '1,2,3', 'a lot']) {
      expect(decimal(text)).withContext(text).toBeNull();
    }
  });

  it('show little by the tenth', () => {
    expect(grams(4.44)).toBe('4.4');
    expect(grams(0.04)).toBe('under 0.1');
    expect(grams(0)).toBe('0.0');
    expect(grams(125.4)).toBe('125');
  });

  it('carry their sign, and none when they are nothing', () => {
    expect(signedPercent(0.042)).toBe('+4.2 %');
    expect(signedPercent(-0.042)).toBe('−4.2 %');
    expect(signedPercent(-0.00001)).toBe('±0.0 %');
  });
});
