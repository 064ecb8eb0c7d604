import { savedRecipe } from '../../testing/recipe';
import type { Author, Recipe } from '@ypsigram/contract';
import { authorsActions, authorsFeature } from '../authors/authors.feature';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { trialsFeature } from '../trials/trials.feature';
import { recipeActions as actions } from './recipe.actions';
import { recipeFeature, type RecipeState } from './recipe.feature';
import { selectBatchProblem, selectFactor, selectPlan, selectReading } from './recipe.selectors';

const RECIPE = savedRecipe({ text: '2 cups flour\n1 cup sugar' });

type RecipeAction = ReturnType<(typeof actions)[keyof typeof actions]>;

function after(...happened: RecipeAction[]): RecipeState {
  return happened.reduce<RecipeState>(
    (state, action) => recipeFeature.reducer(state, action),
    recipeFeature.reducer(undefined, actions.recipeLoaded({ recipe: RECIPE })),
  );
}

const kitchen = kitchenFeature.reducer(undefined, { type: 'start' });
const trials = trialsFeature.reducer(undefined, { type: 'start' });
const NOTEBOOK: Author = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Harbour notebook',
  kind: 'notebook',
  standard: 'metric',
  note: '',
  answers: [],
  conventions: [
    {
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      gramsPerMillilitre: 0.6,
    },
  ],
  revision: 1,
  inferred: [],
  recipeCount: 0,
};
const authors = authorsFeature.reducer(
  undefined,
  authorsActions.authorsLoaded({ authors: [NOTEBOOK] }),
);
const select = (state: RecipeState) => ({ recipe: state, kitchen, trials, authors });

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
      actions.recipeNotSaved({ isAway: false, problem: 'The oven is on fire.' }),
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

  it('plans both columns from text, standard, batch and methods', () => {
    const state = after(
      actions.factorSet({ factor: '1 1/2' }),
      actions.methodChosen({ line: '0', method: 'dipped' }),
    );
    const [flour] = selectPlan(select(state));
    expect(flour?.weight?.grams).toBe(375);
    expect(flour?.measure?.method).toBe('dipped');
  });

  it('means by a cup what its author means, in the author’s cups', () => {
    const { id: authorId, standard } = NOTEBOOK;
    const state = after(actions.authorChosen({ authorId, standard }));
    expect(state.status).toBe('changed');
    expect(state.draft.standard).toBe('metric');
    const [flour] = selectPlan(select(state));
    expect(flour?.intended?.grams).toBeCloseTo(2 * 250 * 0.6, 9);
    expect(flour?.intended?.basis.source).toEqual({ from: 'author', author: 'Harbour notebook' });
    const nobodys = after(
      actions.authorChosen({ authorId, standard }),
      actions.authorChosen({ authorId: null, standard: null }),
    );
    expect(nobodys.draft.standard).toBe('metric');
    expect(selectPlan(select(nobodys))[0]?.intended?.basis.rung).toBe('reference');
  });

  it('reads a line as the baker answered, until that is taken back', () => {
    const answer = {
      note: 'assumed-kind',
      name: 'flour',
      word: 'ingredient',
      written: '2 cups flour',
      reading: { method: 'dipped' },
    } as const;
    const methodOf = (state: ReturnType<typeof after>) =>
      selectReading(select(state)).lines.find(({ ingredientId }) =>
        ingredientId?.startsWith('flour'),
      )?.authorMethod;
    const answered = after(actions.lineAnswered({ answer }));
    expect(answered.status).toBe('changed');
    expect(answered.draft.answers).toEqual([answer]);
    expect(methodOf(answered)).toBe('dipped');
    const twice = after(actions.lineAnswered({ answer }), actions.lineAnswered({ answer }));
    expect(twice.draft.answers.length).toBe(1);
    const back = after(actions.lineAnswered({ answer }), actions.answerTakenBack({ of: answer }));
    expect(back.status).toBe('saved');
    expect(methodOf(back)).toBe('spooned');
  });

  it('does not read the text again when only the batch changes', () => {
    const reading = selectReading(select(after()));
    const later = after(actions.factorSet({ factor: '2' }));
    expect(selectReading(select(later))).toBe(reading);
  });

  it('goes by what was decided of its lines, and takes it back', () => {
    const decided = after(
      actions.lineDecided({ line: '0', change: { grams: 300 } }),
      actions.massesPinned({ grams: { 1: 180 } }),
    );
    expect(decided.status).toBe('changed');
    const plan = selectPlan(select(decided));
    expect(plan.map(({ intended }) => intended?.grams)).toEqual([300, 180]);
    const undone = recipeFeature.reducer(decided, actions.decisionUndone());
    expect(selectPlan(select(undone))[1]?.intended?.grams).toBeCloseTo(200, 9);
  });

  it('goes back no further than the text: decisions are by the place of a line', () => {
    const lines = { 2: { weighed: true } };
    const state = after(
      actions.lineDecided({ line: '1', change: { weighed: true } }),
      actions.textEdited({
        text: '1 egg\n2 cups flour\n1 cup sugar',
        carried: { methods: {}, lines },
      }),
    );
    expect(state.draft.balance.lines).toEqual(lines);
    expect(state.history.past).toEqual([]);
  });

  it('refuses a batch that can’t be read, and says so, rather than planning it as written', () => {
    const state = after(actions.factorSet({ factor: 'a handful' }));
    expect(selectFactor(select(state))).toBeNull();
    expect(selectPlan(select(state))).toEqual([]);
    expect(selectBatchProblem(select(state))).toContain('for example 2, 1.5 or 3/2');
  });

  it('is changed by whatever is decided of its baking, and by what is tried', () => {
    const trying = { bakeId: 'b', causeId: 'flour-over', note: 'Weigh the flour.' };
    for (const change of [{ baking: { panMinutes: 10 } }, { trying }]) {
      expect(after(actions.balanceSet({ change })).status).toBe('changed');
    }
  });

  it('is as strict as its baker decided', () => {
    const state = after(actions.balanceSet({ change: { strictness: 'strict' } }));
    expect(selectPlan(select(state))[0]?.tolerance).toBe(0.005);
  });
});
