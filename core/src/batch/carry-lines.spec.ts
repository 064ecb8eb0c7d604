import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText } from '../testing/usual.js';
import { carryMethods } from './carry-lines.js';

describe('carryMethods', () => {
  const before = readText('2 cups flour\n1 cup sugar\n1 cup cocoa');
  const carry = (text: string) =>
    carryMethods(before, readText(text), { 0: 'dipped', 2: 'sifted' }, BUILT_IN_SHELF);

  it('follows lines that move', () => {
    expect(carry('1 cup cocoa\n1 egg\n2 cups flour')).toEqual({ 0: 'sifted', 2: 'dipped' });
  });

  it('stays where a line is edited in place', () => {
    expect(carry('3 cups flour\n1 cup sugar\n1 cup cocoa')).toEqual({ 0: 'dipped', 2: 'sifted' });
  });

  it('is dropped with its line', () => {
    expect(carry('1 cup sugar')).toEqual({});
    expect(carry('2 cups honey\n1 cup sugar\n1 cup honey')).toEqual({});
  });
});
