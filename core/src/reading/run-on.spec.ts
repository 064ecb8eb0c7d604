import { bakeSteps } from '../baking/steps/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readRecipe } from './index.js';

const read = (text: string) => readRecipe(text, 'us-customary', BUILT_IN_SHELF);
const ingredients = (text: string): string[] =>
  read(text)
    .lines.filter(({ kind }) => kind === 'ingredient')
    .map(({ amount, unit, ingredientId }) => `${amount?.min.toFraction()} ${unit} ${ingredientId}`);

describe('a recipe run on as one paragraph', () => {
  it('is its ingredients, and then what is done', () => {
    const text =
      'Ginger cake\n2 cups flour, 1 cup sugar, 1 tsp soda, 2 eggs, 1/2 cup butter, 1 cup milk. Cream butter and sugar, add eggs, then flour and milk. Bake in a moderate oven 40 minutes.';
    expect(ingredients(text)).toEqual([
      '2 cup flour-wheat-all-purpose',
      '1 cup sugar-granulated',
      '1 tsp baking-soda',
      '2 each egg-whole',
      '1/2 cup butter',
      '1 cup milk-whole',
    ]);
    const { steps } = bakeSteps(read(text));
    expect(steps.some(({ kind, minutes }) => kind === 'bake' && minutes?.min === 40)).toBeTrue();
  });

  it('is told by its own words for the list and the method, in every language that is read', () => {
    expect(
      ingredients(
        'Rounds. Ingredients: 2 cups flour, 1 cup sugar, 2 eggs, 1 tsp vanilla. Method: Mix everything. Bake at 180 C for 12 minutes.',
      ).length,
    ).toBe(4);
    expect(
      ingredients(
        'Zitronenkuchen\nZutaten: 250 g Mehl, 200 g Zucker, 4 Eier, 250 g Butter. Zubereitung: Alles verrühren und bei 180 Grad 50 Minuten backen.',
      ).length,
    ).toBe(4);
    expect(
      ingredients(
        'Gâteau\n4 œufs, 200 g de farine, 200 g de sucre, 200 g de beurre. Mélanger le tout. Cuire 40 minutes à 180 °C.',
      ).length,
    ).toBe(4);
  });

  it('is not what tells of two ingredients, nor a step with amounts in it', () => {
    for (const text of [
      'Buns\n1 cup flour\n1 cup butter, 2 eggs. Both should be at room temperature.',
      'Buns\n1 cup flour\n\nMethod\nMix 1 cup flour, 1 cup sugar, 2 eggs, 1 tsp soda. Then bake them.',
    ]) {
      expect(read(text).lines.filter(({ kind }) => kind === 'ingredient').length)
        .withContext(text)
        .toBeLessThanOrEqual(3);
    }
  });
});
