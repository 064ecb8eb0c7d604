import { savedRecipe } from '../../testing/recipe';
import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { Subject, throwError, type Observable } from 'rxjs';
import type { Recipe, RecipeReplacement } from '@ypsigram/contract';
import { RecipesApi } from '../../api/recipes-api';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { saveChanges } from './recipe.effects';
import { recipeActions as actions } from './recipe.actions';
import { learnedFeature } from '../learned/learned.feature';
import { recipeFeature, type RecipeState } from './recipe.feature';

const RECIPE = savedRecipe();

/** Longer than a change rests before it is saved. */
const RESTED_MILLISECONDS = 450;

describe('saving what has changed', () => {
  let store: Store;
  let sent: RecipeReplacement[];
  let answers: Subject<Recipe>[];
  let answer: (index: number) => Observable<Recipe>;

  beforeEach(() => {
    jasmine.clock().install().mockDate();
    sent = [];
    answers = [];
    answer = (index) => (answers[index] = new Subject<Recipe>());
    const api: Pick<RecipesApi, 'replace'> = {
      replace: (_id, replacement) => {
        sent.push(replacement);
        return answer(sent.length - 1);
      },
    };
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        provideState(recipeFeature),
        provideState(learnedFeature),
        provideEffects({ saveChanges }),
        { provide: RecipesApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(actions.recipeLoaded({ recipe: RECIPE }));
  });
  afterEach(() => jasmine.clock().uninstall());

  const state = (): RecipeState => store.selectSignal(recipeFeature.selectRecipeState)();
  const setFactor = (factor: string): void => store.dispatch(actions.factorSet({ factor }));
  const rest = (): void => {
    jasmine.clock().tick(RESTED_MILLISECONDS);
  };
  const acknowledge = (index: number): void => {
    const { revision, batch } = sent[index]!;
    answers[index]!.next({
      ...RECIPE,
      batch: { by: 'factor', factor: String(batch!.factor) },
      revision: revision + 1,
    });
    answers[index]!.complete();
  };

  it('waits until the typing rests, and saves once', () => {
    for (const factor of ['1.', '1.2', '1.25']) setFactor(factor);
    expect(sent.length).toBe(0);
    rest();
    expect(sent.map(({ batch }) => batch?.factor)).toEqual(['1.25']);
    acknowledge(0);
    expect(state().status).toBe('saved');
  });

  it('saves what was typed meanwhile next, based on the revision that came back', () => {
    setFactor('2');
    rest();
    setFactor('3');
    rest();
    expect(sent.length).withContext('one request at a time').toBe(1);
    acknowledge(0);
    expect(sent.map(({ batch, revision }) => [batch?.factor, revision])).toEqual([
      ['2', 1],
      ['3', 2],
    ]);
    acknowledge(1);
    expect(state().status).toBe('saved');
    expect(state().draft.batch.factor).toBe('3');
  });

  it('saves every kind of decision', () => {
    const decisions = [
      actions.linesWeighed({ lines: ['0'] }),
      actions.lineDecided({ line: '0', change: { grams: 250 } }),
      actions.massesPinned({ grams: { 0: 260 } }),
      actions.methodChosen({ line: '0', method: 'dipped' }),
      actions.balanceSet({ change: { strictness: 'strict' } }),
      actions.decisionUndone(),
      actions.decisionRedone(),
    ];
    for (const [at, decision] of decisions.entries()) {
      store.dispatch(decision);
      jasmine.clock().tick(RESTED_MILLISECONDS);
      expect(sent.length)
        .withContext(decision.type)
        .toBe(at + 1);
      answers[at]!.next({ ...RECIPE, ...sent[at], title: 'Buns', revision: at + 2 } as Recipe);
      answers[at]!.complete();
    }
    expect(sent[0]!.balance?.lines).toEqual({ '0': { weighed: true } });
  });

  it('sends nothing when a change was taken back in time', () => {
    setFactor('2');
    setFactor('1');
    rest();
    expect(sent.length).toBe(0);
  });

  it('does not save an emptied text over a recipe', () => {
    store.dispatch(actions.textEdited({ text: '  ', carried: { methods: {}, lines: {} } }));
    rest();
    expect(sent.length).toBe(0);
  });

  it('keeps the change when the server is gone, and saves it when asked again', () => {
    answer = () => throwError(() => new HttpErrorResponse({ status: 0 }));
    setFactor('2');
    rest();
    expect(state().status).toBe('failed');
    expect(state().problem).toContain('can’t be reached');
    answer = (index) => (answers[index] = new Subject<Recipe>());
    store.dispatch(actions.saveWanted());
    acknowledge(1);
    expect(state().status).toBe('saved');
    expect(state().draft.batch.factor).toBe('2');
  });

  it('asks when somebody else was quicker, and saves over theirs only when told', () => {
    const theirs: Recipe = { ...RECIPE, revision: 7 };
    answer = () => throwError(() => new HttpErrorResponse({ status: 409, error: { theirs } }));
    setFactor('2');
    rest();
    expect(state().status).toBe('conflict');
    setFactor('3');
    rest();
    expect(sent.length).withContext('nothing is sent until it is decided').toBe(1);
    answer = (index) => (answers[index] = new Subject<Recipe>());
    store.dispatch(actions.mineKept());
    expect(sent.at(-1)?.revision).toBe(7);
    expect(sent.at(-1)?.batch?.factor).toBe('3');
  });
});
