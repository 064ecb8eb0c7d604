import { Fraction } from '../amount/index.js';
import { readFactor, writeFactor } from './factor.js';

const read = (text: string): string => {
  const reading = readFactor(text);
  return reading.ok ? reading.factor.toFraction() : reading.problem;
};

describe('readFactor', () => {
  const factors: readonly [string, string][] = [
    ['3/2', '3/2'],
    ['1 1/2', '3/2'],
    ['1½', '3/2'],
    ['½', '1/2'],
    ['1.5', '3/2'],
    ['1,5', '3/2'],
    ['×2', '2'],
    ['x 3', '3'],
    ['.5', '1/2'],
    ['1000', '1000'],
    ['1,125', '9/8'],
    ['', 'empty'],
    ['0', 'not-positive'],
    ['0/3', 'not-positive'],
    ['-1', 'not-positive'],
    ['1/0', 'not-a-number'],
    ['NaN', 'not-a-number'],
    ['Infinity', 'not-a-number'],
    ['1e3', 'not-a-number'],
    ['two', 'not-a-number'],
    ['1001', 'too-large'],
    ['1000.5', 'too-large'],
    ['1'.repeat(400), 'not-a-number'],
  ];
  for (const [text, value] of factors) {
    it(`reads "${text.slice(0, 12)}" as ${value}`, () => expect(read(text)).toBe(value));
  }
});

describe('writeFactor', () => {
  it('writes short fractions exactly and others as a decimal that is read again', () => {
    expect(writeFactor(new Fraction(3, 2))).toBe('3/2');
    for (const value of ['1.34529147982', '0.000123456789012', '999.123456789']) {
      const read = readFactor(writeFactor(new Fraction(value)));
      expect(read.ok && read.factor.equals(new Fraction(value)))
        .withContext(value)
        .toBeTrue();
    }
  });
});
