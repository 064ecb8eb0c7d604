import type { Recipe } from '@ypsigram/contract';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { recipeActions as actions, recipeFeature, type RecipeState } from './recipe.feature';

const RECIPE: Recipe = {
  id: '00000000-0000-4000-8000-000000000000',
  title: 'Buns',
  text: '2 cups flour\n1 cup sugar',
  standard: 'us-customary',
  batch: { by: 'factor', factor: '1' },
  methods: {},
  revision: 1,
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
  deletedAt: null,
};

type RecipeAction = ReturnType<(typeof actions)[keyof typeof actions]>;

function after(...happened: RecipeAction[]): RecipeState {
  return happened.reduce<RecipeState>(
    (state, action) => recipeFeature.reducer(state, action),
    recipeFeature.reducer(undefined, actions.recipeLoaded({ recipe: RECIPE })),
  );
}

const kitchen = kitchenFeature.reducer(undefined, { type: 'start' });
const select = (state: RecipeState) => ({ recipe: state, kitchen });

describe('the open recipe', () => {
  it('is changed by an edit and saved again by taking it back', () => {
    expect(after().status).toBe('saved');
    expect(after(actions.factorSet({ factor: '2' })).status).toBe('changed');
    expect(
      after(actions.factorSet({ factor: '2' }), actions.factorSet({ factor: '1' })).status,
    ).toBe('saved');
  });

  it('keeps what was typed while a save was under way', () => {
    const state = after(
      actions.factorSet({ factor: '2' }),
      actions.savingStarted(),
      actions.factorSet({ factor: '3' }),
      actions.recipeSaved({
        recipe: { ...RECIPE, batch: { by: 'factor', factor: '2' }, revision: 2 },
      }),
    );
    expect(state.draft.batch.factor).toBe('3');
    expect(state.saved?.revision).toBe(2);
    expect(state.status).toBe('changed');
  });

  it('is not turned into another recipe by an answer that comes late', () => {
    const before = after(actions.newRecipeOpened({ draft: { ...RECIPE, text: 'Something new' } }));
    const late = recipeFeature.reducer(before, actions.recipeSaved({ recipe: RECIPE }));
    expect(late).toBe(before);
  });

  it('keeps everything when saving fails, and says why', () => {
    const state = after(
      actions.factorSet({ factor: '2' }),
      actions.savingStarted(),
      actions.recipeNotSaved({ problem: 'The oven is on fire.' }),
    );
    expect(state.status).toBe('failed');
    expect(state.problem).toBe('The oven is on fire.');
    expect(state.draft.batch.factor).toBe('2');
  });

  it('offers both versions when another window was quicker', () => {
    const theirs: Recipe = { ...RECIPE, revision: 5, batch: { by: 'factor', factor: '7' } };
    const met = [actions.factorSet({ factor: '2' }), actions.newerVersionMet({ theirs })] as const;
    const mine = after(...met, actions.mineKept());
    expect([mine.draft.batch.factor, mine.saved?.revision, mine.status]).toEqual([
      '2',
      5,
      'changed',
    ]);
    const taken = after(...met, actions.theirsTaken());
    expect([taken.draft.batch.factor, taken.saved?.revision, taken.status]).toEqual([
      '7',
      5,
      'saved',
    ]);
  });

  it('lets a chosen method follow its line', () => {
    const state = after(
      actions.methodChosen({ index: 0, method: 'dipped' }),
      actions.textEdited({ text: '1 cup sugar\n2 cups flour' }),
    );
    expect(state.draft.methods).toEqual({ 1: 'dipped' });
  });

  it('plans both columns from text, standard, batch and methods', () => {
    const state = after(
      actions.factorSet({ factor: '1 1/2' }),
      actions.methodChosen({ index: 0, method: 'dipped' }),
    );
    const [flour] = recipeFeature.selectPlan(select(state));
    expect(flour?.weight?.shown).toBe('375 g');
    expect(flour?.measure?.method).toBe('dipped');
  });

  it('does not read the text again when only the batch changes', () => {
    const reading = recipeFeature.selectReading(select(after()));
    const later = after(actions.factorSet({ factor: '2' }));
    expect(recipeFeature.selectReading(select(later))).toBe(reading);
  });
});
