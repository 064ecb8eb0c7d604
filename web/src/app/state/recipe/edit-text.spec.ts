import { TestBed } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { USUAL_KITCHEN, type Recipe } from '@ypsigram/contract';
import { authorsFeature } from '../authors/authors.feature';
import { kitchenActions } from '../kitchen/kitchen.actions';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { trialsFeature } from '../trials/trials.feature';
import { EMPTY_DRAFT } from './draft';
import { EditText } from './edit-text';
import { recipeActions as actions } from './recipe.actions';
import { learnedFeature } from '../learned/learned.feature';
import { recipeFeature } from './recipe.feature';

const RECIPE: Recipe = {
  ...EMPTY_DRAFT,
  id: '00000000-0000-4000-8000-000000000000',
  title: 'Buns',
  text: '2 cups toasted barley flour\n1 cup sugar',
  revision: 1,
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
  deletedAt: null,
};
/** Only this kitchen has it: the built-in shelf does not know how it can be filled. */
const BARLEY = {
  id: 'own-toasted-barley-flour',
  name: 'Toasted barley flour',
  class: 'powder',
  role: 'flour',
  waterPercent: 9,
  allergens: ['gluten'],
  aliases: [],
} as const;

describe('editing the text', () => {
  let store: Store;
  let edit: EditText;
  const draft = () => store.selectSignal(recipeFeature.selectDraft)();

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        provideState(trialsFeature),
        provideState(authorsFeature),
        provideState(recipeFeature),
        provideState(learnedFeature),
      ],
    });
    store = TestBed.inject(Store);
    edit = TestBed.inject(EditText);
    const kitchen = {
      ...USUAL_KITCHEN,
      ingredients: [{ ...BARLEY, allergens: ['gluten'], aliases: [] }],
    };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    store.dispatch(actions.recipeLoaded({ recipe: RECIPE }));
  });

  it('takes along what was decided of its lines', () => {
    store.dispatch(actions.methodChosen({ line: '1', method: 'level' }));
    store.dispatch(actions.lineDecided({ line: '1', change: { weighed: true } }));
    edit.to('1 egg\n2 cups toasted barley flour\n1 cup sugar');
    expect(draft().methods).toEqual({ 2: 'level' });
    expect(draft().balance.lines).toEqual({ 2: { weighed: true } });
  });

  it('keeps the method of an ingredient that only this kitchen has', () => {
    store.dispatch(actions.methodChosen({ line: '0', method: 'dipped' }));
    edit.to('1 egg\n2 cups toasted barley flour\n1 cup sugar');
    expect(draft().methods).toEqual({ 1: 'dipped' });
  });

  it('leaves decisions behind whose lines are gone', () => {
    store.dispatch(actions.methodChosen({ line: '0', method: 'dipped' }));
    edit.to('1 cup sugar');
    expect(draft()).toEqual(jasmine.objectContaining({ text: '1 cup sugar', methods: {} }));
  });
});
