import { gramsIn, isBorrowed, millilitresIn, STANDARDS, waterDensity } from './index.js';

describe('measure standards', () => {
  it('makes the US gallon 231 cubic inches of 2.54 cm', () => {
    const cubicInch = 2.54 ** 3;
    expect(millilitresIn('gallon', 'us-customary').valueOf()).toBeCloseTo(231 * cubicInch, 6);
  });

  it('makes US customary measures binary parts of each other, exactly', () => {
    const cup = millilitresIn('cup', 'us-customary');
    expect(cup.equals(millilitresIn('tbsp', 'us-customary').mul(16))).toBeTrue();
    expect(cup.equals(millilitresIn('tsp', 'us-customary').mul(48))).toBeTrue();
    expect(cup.equals(millilitresIn('fl-oz', 'us-customary').mul(8))).toBeTrue();
    expect(millilitresIn('pint', 'us-customary').equals(cup.mul(2))).toBeTrue();
    expect(millilitresIn('quart', 'us-customary').equals(cup.mul(4))).toBeTrue();
  });

  it('knows that a tablespoon is not the same everywhere', () => {
    const tablespoons = STANDARDS.map((standard) => millilitresIn('tbsp', standard).valueOf());
    expect(tablespoons).toEqual([14.78676478125, 15, 15, 20, 15, 17.7581640625, 15]);
  });

  it('makes an imperial cup half an imperial pint', () => {
    expect(
      millilitresIn('cup', 'imperial').mul(2).equals(millilitresIn('pint', 'imperial')),
    ).toBeTrue();
  });

  it('counts twenty drops to a millilitre, whatever the cups', () => {
    for (const standard of STANDARDS) {
      expect(millilitresIn('drop', standard).mul(20).valueOf()).toBe(1);
    }
  });

  it('takes pinch, dash and smidgen as parts of the standard teaspoon', () => {
    expect(millilitresIn('pinch', 'metric').mul(16).valueOf()).toBe(5);
    expect(millilitresIn('dash', 'metric').mul(8).valueOf()).toBe(5);
    expect(millilitresIn('smidgen', 'metric').mul(32).valueOf()).toBe(5);
  });

  it('says where a fluid ounce is borrowed', () => {
    expect(isBorrowed('fl-oz', 'japanese')).toBeTrue();
    expect(isBorrowed('fl-oz', 'british')).toBeFalse();
    expect(isBorrowed('cup', 'japanese')).toBeFalse();
  });

  it('makes sixteen ounces a pound', () => {
    expect(gramsIn('oz').mul(16).equals(gramsIn('lb'))).toBeTrue();
  });
});

describe('water density', () => {
  const published: readonly [number, number][] = [
    [4, 999.97],
    [10, 999.7],
    [15, 999.1],
    [20, 998.21],
    [25, 997.05],
    [30, 995.65],
  ];
  for (const [celsius, density] of published) {
    it(`is ${density} kg/m³ at ${celsius} °C`, () =>
      expect(waterDensity(celsius)).toBeCloseTo(density, 2));
  }

  it('refuses temperatures the formula was not made for', () => {
    expect(() => waterDensity(-1)).toThrowError(RangeError);
    expect(() => waterDensity(41)).toThrowError(RangeError);
    expect(() => waterDensity(NaN)).toThrowError(RangeError);
  });
});
