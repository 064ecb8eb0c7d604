import fc from 'fast-check';
import { Fraction } from 'fraction.js';
import { mixed, nearestKitchenFraction, showKitchen } from './show.js';

describe('kitchen fractions', () => {
  const nearest: readonly [string, string][] = [
    ['7/4', '1 3/4'],
    ['2', '2'],
    ['1/3', '1/3'],
    ['0.66', '2/3'],
    ['0.35', '1/3'],
    ['1/6', '1/6'],
    ['3/16', '3/16'],
    ['0.999', '1'],
  ];
  for (const [value, shown] of nearest) {
    it(`shows ${value} as ${shown}`, () =>
      expect(mixed(nearestKitchenFraction(new Fraction(value)))).toBe(shown));
  }

  it('says whether the shown fraction is exact', () => {
    expect(showKitchen(new Fraction(3, 8))).toEqual({ text: '3/8', exact: true });
    expect(showKitchen(new Fraction('0.35'))).toEqual({ text: '1/3', exact: false });
  });

  it('never shows something as nothing', () => {
    expect(showKitchen(new Fraction(1, 200))).toEqual({ text: '0.005', exact: false });
  });

  it('is never further off than half a sixteenth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100000 }), (thousandths) => {
        const value = new Fraction(thousandths, 1000);
        const off = nearestKitchenFraction(value).sub(value).abs();
        return off.compare(new Fraction(1, 32)) <= 0;
      }),
    );
  });
});
