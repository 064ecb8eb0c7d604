import { readRecipe } from '../reading/index.js';
import { carryMethods } from './index.js';

describe('carryMethods', () => {
  const before = readRecipe('2 cups flour\n1 cup sugar\n1 cup cocoa');
  const carry = (text: string) =>
    carryMethods(before, readRecipe(text), { 0: 'dipped', 2: 'sifted' });

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
