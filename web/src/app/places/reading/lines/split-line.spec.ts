import { readUsualLine } from '../../../testing/read';
import { splitLine } from './split-line';

describe('a line with two ingredients', () => {
  /** As the page does it: by the words of the note. */
  const split = (written: string): readonly string[] | null => {
    const note = readUsualLine(written).notes.find(({ code }) => code === 'second-ingredient');
    return note?.code === 'second-ingredient' ? splitLine(written, note.words) : null;
  };

  it('becomes two lines', () => {
    expect(split('1 large egg plus 1 yolk')).toEqual(['1 large egg', '1 yolk']);
    expect(split('2 cups flour plus 1 tsp baking powder')).toEqual([
      '2 cups flour',
      '1 tsp baking powder',
    ]);
    expect(split('1 egg, beaten with 1 tbsp water')).toEqual(['1 egg, beaten', '1 tbsp water']);
  });

  it('leaves to both what both share', () => {
    expect(split('Zest and juice of 1 orange')).toEqual(['Zest of 1 orange', 'juice of 1 orange']);
    expect(split('1/2 tsp each cinnamon and nutmeg')).toEqual([
      '1/2 tsp each cinnamon',
      '1/2 tsp each nutmeg',
    ]);
    expect(split('1/2 tsp each cinnamon, ginger and nutmeg')).toEqual([
      '1/2 tsp each cinnamon',
      '1/2 tsp each ginger and nutmeg',
    ]);
  });

  it('stays one where the second is not to be found', () => {
    expect(splitLine('1 cup sugar', 'salt')).toBeNull();
  });
});
