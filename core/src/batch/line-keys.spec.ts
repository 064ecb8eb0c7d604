import { readText } from '../testing/usual.js';
import { byIndex, lineKeys } from './line-keys.js';

describe('what a line is called in what was decided of it', () => {
  it('is its place among the written lines, and which ingredient of it', () => {
    const reading = readText(
      'Buns\n2 cups flour\n3/4 c. butter, 1 c. brown sugar, 2 eggs\n1 tsp salt',
    );
    expect(lineKeys(reading)).toEqual(['0', '1', '1.1', '1.2', '2']);
  });

  it('stays, whatever else becomes known of a line before it', () => {
    const decided = { '2': 'salt' };
    const one = readText('Buns\n2 cups flour\n3/4 c. butter, creamed\n1 tsp salt');
    const several = readText('Buns\n2 cups flour\n3/4 c. butter, 1 c. sugar\n1 tsp salt');
    expect(byIndex(one, decided)).toEqual({ 2: 'salt' });
    expect(byIndex(several, decided)).toEqual({ 3: 'salt' });
    expect(byIndex(one, { '1.1': 'sugar' })).toEqual({});
  });
});
