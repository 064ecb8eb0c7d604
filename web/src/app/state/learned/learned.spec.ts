import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { Recipe } from '@ypsigram/contract';
import type { LearnedReply } from '@ypsigram/contract/log';
import { USUAL_BALANCE } from '@ypsigram/core/batch';
import { LogApi } from '../../api/log-api';
import { recipeActions } from '../recipe/recipe.actions';
import { recipeFeature } from '../recipe/recipe.feature';
import * as effects from './learned.effects';
import { learnedActions, learnedFeature } from './learned.feature';

const RECIPE: Recipe = {
  id: '00000000-0000-4000-8000-000000000001',
  title: 'Buns',
  text: 'Buns\n2 cups flour',
  standard: 'us-customary',
  authorId: null,
  batch: { by: 'factor', factor: '1' },
  methods: {},
  balance: { ...USUAL_BALANCE, lines: {} },
  answers: [],
  photos: [],
  revision: 1,
  createdAt: '2026-03-14T09:00:00.000Z',
  updatedAt: '2026-03-14T09:00:00.000Z',
  deletedAt: null,
};
const limit = (part: 'water' | 'salt', bakes: number) => ({
  part,
  limit: 0.12,
  low: 0.1,
  high: 0.15,
  usual: 0.1,
  bakes,
  isUsed: bakes > 3,
});
const LEARNED: LearnedReply = {
  kind: 'cake',
  proven: [],
  limits: [limit('water', 4), limit('salt', 2)],
  bakes: 4,
  good: 0,
};

describe('what the log has taught', () => {
  let api: jasmine.SpyObj<LogApi>;
  let store: Store;

  beforeEach(() => {
    api = jasmine.createSpyObj<LogApi>('api', ['learned']);
    api.learned.and.returnValue(of(LEARNED));
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(recipeFeature),
        provideState(learnedFeature),
        provideEffects(effects),
        { provide: LogApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
  });
  const state = () => store.selectSignal(learnedFeature.selectLearnedState)();

  it('is asked for with its recipe, and again when a bake says something new', () => {
    store.dispatch(recipeActions.recipeLoaded({ recipe: RECIPE }));
    expect(api.learned).toHaveBeenCalledOnceWith(RECIPE.id);
    store.dispatch(learnedActions.logChanged());
    expect(api.learned).toHaveBeenCalledTimes(2);
    expect(state().recipeId).toBe(RECIPE.id);
  });

  it('is planned by where enough bakes were far enough off', () => {
    store.dispatch(recipeActions.recipeLoaded({ recipe: RECIPE }));
    const { forgives } = store.selectSignal(learnedFeature.selectToPlanBy)();
    expect(forgives).toEqual({ kind: 'cake', limits: { water: 0.12 } });
  });

  it('stays the same object while nothing new is learned: no plan is worked out again', () => {
    store.dispatch(recipeActions.recipeLoaded({ recipe: RECIPE }));
    const before = state();
    store.dispatch(learnedActions.logChanged());
    expect(state()).toBe(before);
  });

  it('says why it is not known', () => {
    api.learned.and.returnValue(throwError(() => new Error('no')));
    store.dispatch(recipeActions.recipeLoaded({ recipe: RECIPE }));
    expect(state().problem).toContain('went wrong');
  });
});
