import { readRecipe } from './index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';

const placesIn = (text: string): string[] =>
  readRecipe(text, 'us-customary', BUILT_IN_SHELF)
    .lines.filter(({ kind }) => kind === 'ingredient')
    .map(({ amount, ingredientId, place }) =>
      [amount?.min.toFraction() ?? '-', ingredientId, place ?? 'dough'].join(' '),
    );

describe('where an ingredient goes', () => {
  it('is the dough, unless its line names the pan, the top or the table', () => {
    expect(
      placesIn(`Ingredients
1 cup butter, softened
1 tbsp butter for greasing
50 g butter, plus 10 g for the tin
2 eggs, plus 1 beaten for glazing
25 g flaked almonds, to decorate
For dusting: 2 tbsp icing sugar
1 cup sugar, divided, some for the topping
3 cups flour plus more for dusting`),
    ).toEqual([
      '1 butter dough',
      '1 butter pan',
      '50 butter dough',
      '10 butter pan',
      '2 egg-whole dough',
      '1 egg-whole finish',
      '25 almonds finish',
      '2 sugar-powdered finish',
      '1 sugar-granulated dough',
      '3 flour-wheat-all-purpose dough',
    ]);
  });

  it('is no tray where a tray bake is meant, and no top where a roll is', () => {
    expect(
      placesIn('Ingredients\n1 cup milk\n1 cup sugar for the tray bake\n2 eggs, for the roll'),
    ).toEqual(['1 milk-whole dough', '1 sugar-granulated dough', '2 egg-whole dough']);
  });

  it('is that of every name before it', () => {
    expect(placesIn('Ingredients\n1 cup milk\nButter and flour for the tin')).toEqual([
      '1 milk-whole dough',
      '- butter pan',
      '- flour-wheat-all-purpose pan',
    ]);
    expect(placesIn('Zutaten\n200 g Mehl\nButter und Mehl für die Form').slice(1)).toEqual([
      '- butter pan',
      '- flour-wheat-all-purpose pan',
    ]);
  });

  it('is told by a word before it, with or without an amount', () => {
    expect(placesIn('Ingredients\n1 cup milk\nOptional: coarse sugar for sprinkling')).toEqual([
      '1 milk-whole dough',
      '- sugar-granulated finish',
    ]);
  });

  it('is told in German and French too', () => {
    expect(
      placesIn(`Zutaten
200 g Mehl
30 g Butter für das Blech
100 g Butter + 10 g für die Form
1 Eigelb zum Bestreichen`),
    ).toEqual([
      '200 flour-wheat-all-purpose dough',
      '30 butter pan',
      '100 butter dough',
      '10 butter pan',
      '1 egg-yolk finish',
    ]);
    expect(
      placesIn(`Ingrédients
200 g de farine
20 g de beurre pour le moule
1 jaune d’œuf pour dorer`),
    ).toEqual(['200 flour-wheat-all-purpose dough', '20 butter pan', '1 egg-yolk finish']);
  });
});
