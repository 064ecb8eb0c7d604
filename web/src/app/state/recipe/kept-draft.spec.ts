import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { Recipe } from '@ypsigram/contract';
import { RecipesApi } from '../../api/recipes-api';
import { forgetDraft, keptDrafts, recallDraft } from '../../offline/kept-drafts';
import { changesActions, changesFeature } from '../changes/changes.feature';
import { EMPTY_DRAFT } from './draft';
import * as effects from './kept-draft.effects';
import { recipeActions } from './recipe.actions';
import { recipeFeature } from './recipe.feature';
import { until } from '../../testing/until';

const ID = '00000000-0000-4000-8000-0000000000e1';
const ELSEWHERE = '00000000-0000-4000-8000-0000000000e2';
const recipe = (id: string, revision: number, text: string): Recipe => ({
  ...EMPTY_DRAFT,
  id,
  title: 'Buns',
  text,
  revision,
  createdAt: '2026-03-14T09:00:00.000Z',
  updatedAt: '2026-03-14T09:00:00.000Z',
  deletedAt: null,
});
const edit = (text: string) =>
  recipeActions.textEdited({ text, carried: { methods: {}, lines: {} } });
const AWAY = recipeActions.recipeNotSaved({ problem: 'away', isAway: true });

describe('a change that the server has not got', () => {
  let store: Store;
  let api: jasmine.SpyObj<RecipesApi>;
  beforeEach(() => {
    api = jasmine.createSpyObj<RecipesApi>('api', ['replace']);
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(recipeFeature),
        provideState(changesFeature),
        provideEffects(effects),
        { provide: RecipesApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
  });
  afterEach(async () => {
    await forgetDraft(ID);
    await forgetDraft(ELSEWHERE);
  });
  const state = () => store.selectSignal(recipeFeature.selectRecipeState)();
  const open = (revision: number, text: string) =>
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(ID, revision, text) }));
  const kept = async (text: string): Promise<void> => {
    open(1, '1 cup flour');
    store.dispatch(edit(text));
    store.dispatch(AWAY);
    await until(() => state().isKept === true);
  };

  it('is kept here, with the revision it is based on, until it is saved', async () => {
    await kept('2 cups flour');
    expect(await recallDraft(ID)).toEqual(
      jasmine.objectContaining({
        id: ID,
        revision: 1,
        draft: jasmine.objectContaining({ text: '2 cups flour' }),
      }),
    );
    store.dispatch(recipeActions.recipeSaved({ recipe: recipe(ID, 2, '2 cups flour') }));
    await until(async () => (await recallDraft(ID)) === null);
    expect(state().isKept).toBeFalse();
  });

  it('is not kept where the server refused it: that is to be mended first', async () => {
    open(1, '1 cup flour');
    store.dispatch(edit('2 cups flour'));
    store.dispatch(recipeActions.recipeNotSaved({ problem: 'too long', isAway: false }));
    expect(state().isKept).toBeFalse();
    expect(await recallDraft(ID)).toBeNull();
  });

  it('is there again when its recipe is opened', async () => {
    await kept('2 cups flour');
    open(1, '1 cup flour');
    await until(() => state().draft.text === '2 cups flour');
    expect(state().status).toBe('changed');
  });

  it('waits for a choice where the recipe was changed elsewhere too', async () => {
    await kept('2 cups flour');
    open(2, '3 cups flour');
    await until(() => state().status === 'conflict');
    expect(state().draft.text).toBe('2 cups flour');
    expect(state().theirs?.text).toBe('3 cups flour');
  });

  it('of a recipe that is not open is sent once the server is back', async () => {
    await kept('2 cups flour');
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(ELSEWHERE, 1, 'another') }));
    api.replace.and.returnValue(of(recipe(ID, 2, '2 cups flour')));
    store.dispatch(changesActions.serverFound());
    await until(async () => (await keptDrafts()).every(({ id }) => id !== ID));
    expect(api.replace).toHaveBeenCalledOnceWith(
      ID,
      jasmine.objectContaining({ revision: 1, text: '2 cups flour' }),
    );
  });

  it('that had arrived, only its answer was lost, is not sent again', async () => {
    await kept('2 cups flour');
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(ELSEWHERE, 1, 'another') }));
    api.replace.and.returnValue(throwError(() => conflictWith(recipe(ID, 2, '2 cups flour'))));
    store.dispatch(changesActions.serverFound());
    await until(async () => (await keptDrafts()).every(({ id }) => id !== ID));
    expect(store.selectSignal(changesFeature.selectStuck)()).toEqual([]);
  });

  it('goes on waiting where the server is away again, or the recipe is gone', async () => {
    await kept('2 cups flour');
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(ELSEWHERE, 1, 'another') }));
    for (const status of [0, 404]) {
      api.replace.and.returnValue(throwError(() => new HttpErrorResponse({ status })));
      api.replace.calls.reset();
      store.dispatch(changesActions.serverFound());
      await until(() => api.replace.calls.count() === 1);
      await until(async () => (await recallDraft(ID)) !== null);
      expect(store.selectSignal(changesFeature.selectStuck)()).toEqual([]);
    }
  });

  it('that meets another change stays, and is told', async () => {
    await kept('2 cups flour');
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(ELSEWHERE, 1, 'another') }));
    api.replace.and.returnValue(throwError(() => conflictWith(recipe(ID, 2, '9 cups flour'))));
    store.dispatch(changesActions.serverFound());
    await until(() => store.selectSignal(changesFeature.selectStuck)().includes(ID));
    expect(await recallDraft(ID)).not.toBeNull();
  });
});

const conflictWith = (theirs: Recipe): HttpErrorResponse =>
  new HttpErrorResponse({ status: 409, error: { theirs } });
