import { readAmount } from './read.js';

function read(text: string): string | null {
  const found = readAmount(text);
  if (!found) return null;
  const { min, max } = found.amount;
  return min.equals(max) ? min.toFraction() : `${min.toFraction()}..${max.toFraction()}`;
}

describe('readAmount', () => {
  const written: readonly [string, string | null][] = [
    ['1 cup', '1'],
    ['1/2 cup', '1/2'],
    ['1 1/2 cups', '3/2'],
    ['1-1/2 cups', '3/2'],
    ['1 & 1/2 cups', '3/2'],
    ['1 and 1/2 cups', '3/2'],
    ['1.5 cups', '3/2'],
    ['1,5 dl', '3/2'],
    ['.5 cup', '1/2'],
    ['0,125 l', '1/8'],
    ['1,000 g', '1000'],
    ['0.333 cup', '333/1000'],
    ['one cup', '1'],
    ['one and a half cups', '3/2'],
    ['two and a quarter cups', '9/4'],
    ['2 and a half cups', '5/2'],
    ['one and one half cups', '3/2'],
    ['a cup', '1'],
    ['half a cup', '1/2'],
    ['a half cup', '1/2'],
    ['half of a cup', '1/2'],
    ['one third cup', '1/3'],
    ['two thirds of a cup', '2/3'],
    ['three quarters of a cup', '3/4'],
    ['a dozen eggs', '12'],
    ['half a dozen eggs', '6'],
    ['2 dozen eggs', '24'],
    ['twenty biscuits', '20'],
    ['thirty-five g', '35'],
    ['one hundred grams', '100'],
    ['a hundred grams', '100'],
    ['two hundred and fifty g', '250'],
    ['one hundred five g', '105'],
    ['ninety nine', '99'],
    ['hundreds', null],
    ['2-3 tbsp', '2..3'],
    ['2 to 3 tbsp', '2..3'],
    ['2 or 3 eggs', '2..3'],
    ['1 to 1 1/2 cups', '1..3/2'],
    ['1/4-1/2 tsp', '1/4..1/2'],
    ['cup', null],
    ['12345678901 cups', null],
    ['apple', null],
    ['another cup', null],
  ];
  for (const [text, exact] of written) {
    it(`reads "${text}" as ${exact}`, () => expect(read(text)).toBe(exact));
  }

  it('does not divide by zero', () => expect(read('1/0 cup')).toBeNull());

  it('keeps thirds exact', () => {
    const third = readAmount('1/3')!.amount.min;
    expect(third.mul(3).equals(1)).toBeTrue();
  });

  it('does not take the size of a can for the end of a range', () => {
    expect(read('2-14 oz cans')).toBe('2');
  });

  it('takes a falling pair for a count and something else, not for a range', () => {
    expect(read('3 - 2 eggs')).toBe('3');
  });
});
