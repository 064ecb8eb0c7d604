import { EMPTY_DRAFT } from './draft';
import { forgetNewRecipe, recallNewRecipe, rememberNewRecipe } from './new-recipe-memory';

describe('an unsaved recipe', () => {
  afterEach(forgetNewRecipe);

  it('begins empty, with the cups and spoons of the kitchen', () => {
    expect(recallNewRecipe('australian')).toEqual({ ...EMPTY_DRAFT, standard: 'australian' });
  });

  it('is there again after a reload, with the cups that were chosen for it', () => {
    rememberNewRecipe({ ...EMPTY_DRAFT, text: '2 cups flour', standard: 'japanese' });
    const { text, standard, batch } = recallNewRecipe('australian');
    expect({ text, standard, batch }).toEqual({
      text: '2 cups flour',
      standard: 'japanese',
      batch: EMPTY_DRAFT.batch,
    });
    forgetNewRecipe();
    expect(recallNewRecipe('metric').text).toBe('');
  });

  it('that was stored half is no obstacle to a new one', () => {
    const warned = spyOn(console, 'warn');
    localStorage.setItem('ypsigram.new-recipe', '{"text": "2 cups');
    expect(recallNewRecipe('metric').standard).toBe('metric');
    expect(warned).toHaveBeenCalledTimes(1);
  });
});
