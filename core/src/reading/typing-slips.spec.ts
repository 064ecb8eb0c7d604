import { readUsualLine } from '../testing/usual.js';

/** What a line is read as, and which words were read as others. */
function told(text: string): string {
  const { ingredientId, unit, notes } = readUsualLine(text);
  const slips = notes.flatMap((note) =>
    note.code === 'spelling' ? [`${note.written}>${note.read}`] : [],
  );
  return [unit ?? '-', ingredientId ?? '?', ...slips].join(' ');
}

describe('a word that a thumb slipped in', () => {
  it('is read as the one it is a single letter away from, and that is told', () => {
    expect(told('1 cup suger')).toBe('cup sugar-granulated suger>sugar');
    expect(told('2 cups fluor')).toBe('cup flour-wheat-all-purpose fluor>flour');
    expect(told('1 cup buter')).toBe('cup butter buter>butter');
    expect(told('1 cup raisens')).toBe('cup raisins raisens>raisin');
    expect(told('2 larg eggs')).toBe('each egg-whole larg>large');
  });

  it('may be the unit, and there may be two of them', () => {
    expect(told('1 cuo sugar')).toBe('cup sugar-granulated cuo>cup');
    expect(told('3 tbps butter')).toBe('tbsp butter tbps>tbsp');
    expect(told('1 teaspon baking sodda')).toBe('tsp baking-soda teaspon>teaspoon sodda>soda');
  });

  it('is left alone where it is right, where its first letter is another, and where it may be two things', () => {
    expect(told('1 cup sugar')).toBe('cup sugar-granulated');
    expect(told('2 cups moon dust')).toBe('cup ?');
    expect(told('1 lb bream')).toBe('lb ?');
    expect(told('1 cup taz')).toBe('cup ?');
  });
});
