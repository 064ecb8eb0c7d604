import fc from 'fast-check';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText } from '../testing/usual.js';
import { readLineParts, readRecipe } from './read.js';

/** The ingredients of a line, each as "amount unit id". */
function partsOf(written: string): string[] {
  return readLineParts(written, 'us-customary', BUILT_IN_SHELF).map(
    ({ amount, unit, ingredientId }) =>
      `${amount ? `${amount.min.toFraction(true)} ${unit}` : '-'} ${ingredientId ?? '?'}`,
  );
}

describe('a line with several ingredients', () => {
  it('is read as each of them, whatever joins them', () => {
    for (const line of [
      '3/4 c. butter, 1 c. brown sugar',
      '3/4 c. butter; 1 c. brown sugar',
      '3/4 c. butter + 1 c. brown sugar',
      '3/4 c. butter & 1 c. brown sugar',
      '3/4 cup butter plus 1 cup brown sugar',
      '3/4 c. butter and 1 c. brown sugar',
      '3/4 c. butter 1 c. brown sugar',
      '3/4 cup butter, melted, 1 c. brown sugar',
    ]) {
      expect(partsOf(line)).withContext(line).toEqual(['3/4 cup butter', '1 cup sugar-brown']);
    }
    expect(partsOf('1/2 c. oil, 1 c. sugar, 2 eggs')).toEqual([
      '1/2 cup oil-vegetable',
      '1 cup sugar-granulated',
      '2 each egg-whole',
    ]);
  });

  it('gives an amount for each to each', () => {
    const spices = ['1/2 tsp cinnamon', '1/2 tsp ginger-ground', '1/2 tsp nutmeg'];
    expect(partsOf('1/2 tsp each cinnamon, ginger and nutmeg')).toEqual(spices);
    expect(partsOf('1/2 tsp each of cinnamon, ginger, and nutmeg')).toEqual(spices);
    expect(partsOf('1 cup each: oats, flour')).toEqual([
      '1 cup oats-rolled',
      '1 cup flour-wheat-all-purpose',
    ]);
  });

  it('counts what is taken from a fruit in two ways', () => {
    const two = ['2 each zest-lemon', '2 each juice-lemon'];
    expect(partsOf('zest and juice of 2 lemons')).toEqual(two);
    expect(partsOf('2 lemons, zested, then juiced')).toEqual(two);
    expect(partsOf('2 lemons (zest and juice)')).toEqual(two);
    expect(partsOf('Zest of 2 lemons, juice of 1')).toEqual([
      '2 each zest-lemon',
      '1 each juice-lemon',
    ]);
  });

  it('names each where no amount is given', () => {
    expect(partsOf('salt and pepper')).toEqual(['- salt-table', '- pepper-black']);
    expect(partsOf('Raisins, walnuts, candied peel')).toEqual([
      '- raisins',
      '- walnuts',
      '- peel-candied',
    ]);
  });

  it('is one where the words only say one ingredient otherwise', () => {
    for (const line of [
      '1 cup plus 2 tbsp flour',
      '2 cups plus 1 tablespoon plus 1 teaspoon flour',
      '1 cup milk or 1 cup cream',
      '1 lb apples, 3 medium apples',
      '2 cups apples, peeled, cored and sliced',
      '1 cup butter (2 sticks)',
      '1 (8 oz) package cream cheese',
      '1 1/2 cups (180 g) flour, sifted with 2 forks',
      'sugar, brown',
      'half and half',
      'bread and butter pickles, 1 cup',
      '2 cups all-purpose or whole wheat flour',
    ]) {
      expect(partsOf(line).length).withContext(line).toBe(1);
    }
  });

  it('keeps the words of each, and where they stand in the line', () => {
    const parts = readLineParts('1 tsp each cinnamon & cloves', 'us-customary', BUILT_IN_SHELF);
    expect(parts.map(({ written }) => written)).toEqual([
      '1 tsp each cinnamon',
      '1 tsp each cloves',
    ]);
    const marked = parts.map(({ partOf }) =>
      partOf!.marks.map(({ start, end }) => partOf!.whole.slice(start, end)),
    );
    expect(marked).toEqual([
      ['1', 'tsp', 'cinnamon'],
      ['1', 'tsp', 'cloves'],
    ]);
  });

  it('writes a phrase of another language once, though it stands for several words', () => {
    const { lines } = readRecipe(
      'Zutaten\n200 g Mehl\nSaft und Schale einer Zitrone',
      'metric',
      BUILT_IN_SHELF,
    );
    expect(lines.slice(-2).map(({ written, ingredientId }) => [written, ingredientId])).toEqual([
      ['Saft und Schale einer Zitrone', 'juice-lemon'],
      ['Saft und Schale einer Zitrone', 'zest-lemon'],
    ]);
  });

  it('leaves a part that nobody knows marked, and reads the others', () => {
    expect(partsOf('2 cups moon dust, 1 cup sugar')).toEqual(['2 cup ?', '1 cup sugar-granulated']);
  });

  it('says what it could make no part of', () => {
    const leftOut = (written: string): readonly string[] =>
      readLineParts(written, 'us-customary', BUILT_IN_SHELF).flatMap(({ notes }) =>
        notes.flatMap((note) => (note.code === 'extra' ? [note.words] : [])),
      );
    expect(leftOut('1 cup sugar, 1 cup moon dust')).toEqual(['1 cup moon dust']);
    expect(leftOut('1/2 tsp each cinnamon, ginger and moon dust')).toEqual([
      'ginger and moon dust',
    ]);
    expect(leftOut('1 cup butter and lard and suet')).toEqual(['suet']);
    expect(leftOut('bread and butter pickles, 1 cup')).toEqual(['butter pickles']);
    expect(leftOut('1 cup butter, 1/2 cup melted')).toEqual([]);
  });

  const WORDS = fc.constantFrom(
    ...['1 cup flour', '2 eggs', '1/2 tsp salt', '100 g butter, melted', 'a pinch of nutmeg'],
  );
  const JOINED = fc.constantFrom(', ', '; ', ' + ', ' and ', ' plus ', ' & ');

  it('says of each what it says where that stands alone', () => {
    fc.assert(
      fc.property(fc.uniqueArray(WORDS, { minLength: 2, maxLength: 4 }), JOINED, (lines, by) => {
        const alone = lines.flatMap(partsOf);
        expect(partsOf(lines.join(by))).toEqual(alone);
        const text = `Name\n${lines.join(by)}\n3 tbsp milk`;
        expect(readText(text).lines.length).toBe(lines.length + 1);
      }),
      { numRuns: 200 },
    );
  });
});
