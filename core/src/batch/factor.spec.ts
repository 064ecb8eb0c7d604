import { readFactor } from './index.js';

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
