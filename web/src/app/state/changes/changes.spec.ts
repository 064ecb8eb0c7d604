import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Actions, ofType } from '@ngrx/effects';
import { Store, provideState, provideStore, type Action } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import { USUAL_KITCHEN, type Kitchen, type Recipe } from '@ypsigram/contract';
import type { ChangeEvent, Changes } from '@ypsigram/contract/house';
import { KitchenApi } from '../../api/kitchen-api';
import { RecipesApi } from '../../api/recipes-api';
import { kitchenActions, kitchenChanges } from '../kitchen/kitchen.actions';
import * as kitchenEffects from '../kitchen/kitchen.effects';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { EMPTY_DRAFT } from '../recipe/draft';
import { recipeActions } from '../recipe/recipe.actions';
import { refreshRecipe } from '../recipe/recipe.effects';
import { recipeFeature } from '../recipe/recipe.feature';
import { followChanges, lookWhenLost } from './changes.effects';
import { changesActions, changesFeature } from './changes.feature';
import { newToPage } from './new-to-page';

const COUNTS: Changes = {
  kitchen: 1,
  trials: 1,
  authors: 1,
  recipes: 1,
  bakes: 1,
  timers: 1,
  practice: 1,
};
const OWN = '00000000-0000-4000-8000-00000000000a';
const OTHER = '00000000-0000-4000-8000-00000000000b';
const told = (change: Partial<Changes>, by: string | null = OTHER) => {
  const event: ChangeEvent = {
    changes: { ...COUNTS, ...change },
    areas: Object.keys(change) as ChangeEvent['areas'],
    by,
  };
  return { is: 'changes', event } as const;
};

describe('what is new to a page', () => {
  it('is what another page wrote, and not what it wrote itself', () => {
    const areas = newToPage(OWN);
    expect(areas(told({}))).toEqual([]);
    expect(areas(told({ recipes: 2 }))).toEqual(['recipes']);
    expect(areas(told({ recipes: 3 }, OWN))).toEqual([]);
    expect(areas(told({ kitchen: 2 }, null))).toEqual(['kitchen']);
    expect(areas({ is: 'lost' })).toEqual([]);
  });

  it('is after a pause whatever was counted meanwhile', () => {
    const areas = newToPage(OWN);
    areas(told({}));
    areas(told({ recipes: 2 }, OWN));
    // The first event of a stream names no areas.
    const again = told({ recipes: 2, trials: 5 });
    expect(areas({ ...again, event: { ...again.event, areas: [] } })).toEqual(['trials']);
  });
});

describe('a change on another device', () => {
  let store: Store;
  let seen: Action[];
  let kitchens: jasmine.SpyObj<KitchenApi>;
  let recipes: jasmine.SpyObj<RecipesApi>;
  let http: jasmine.SpyObj<HttpClient>;

  const kitchen = (revision: number, currency: string | null = null): Kitchen => ({
    ...USUAL_KITCHEN,
    revision,
    currency,
  });
  const recipe = (revision: number, text: string): Recipe => ({
    ...EMPTY_DRAFT,
    id: OWN,
    title: 'Buns',
    text,
    revision,
    createdAt: '2026-03-14T09:00:00.000Z',
    updatedAt: '2026-03-14T09:00:00.000Z',
    deletedAt: null,
  });

  beforeEach(() => {
    kitchens = jasmine.createSpyObj<KitchenApi>('kitchens', ['read', 'replace']);
    recipes = jasmine.createSpyObj<RecipesApi>('recipes', ['read']);
    http = jasmine.createSpyObj<HttpClient>('http', ['get']);
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(changesFeature),
        provideState(kitchenFeature),
        provideState(recipeFeature),
        provideEffects({ followChanges, lookWhenLost, refreshRecipe }, kitchenEffects),
        { provide: KitchenApi, useValue: kitchens },
        { provide: RecipesApi, useValue: recipes },
        { provide: HttpClient, useValue: http },
      ],
    });
    store = TestBed.inject(Store);
    seen = [];
    TestBed.inject(Actions)
      .pipe(ofType(kitchenActions.kitchenRefreshed, recipeActions.recipeRefreshed))
      .subscribe((action) => seen.push(action));
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen: kitchen(1) }));
    store.dispatch(recipeActions.recipeLoaded({ recipe: recipe(1, '1 cup flour') }));
  });
  const currency = () => store.selectSignal(kitchenFeature.selectCurrent)().currency;
  const text = () => store.selectSignal(recipeFeature.selectText)();

  it('is taken over where nothing is being edited', () => {
    kitchens.read.and.returnValue(of(kitchen(2, 'kr')));
    recipes.read.and.returnValue(of(recipe(2, '2 cups flour')));
    store.dispatch(changesActions.areasChanged({ areas: ['kitchen', 'recipes'] }));
    expect(currency()).toBe('kr');
    expect(text()).toBe('2 cups flour');
    expect(seen.length).toBe(2);
  });

  it('never overwrites what is being edited, and brings nothing old back', () => {
    kitchens.replace.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    store.dispatch(kitchenChanges.settingsChosen({ change: { currency: 'zł' } }));
    const carried = { methods: {}, lines: {} };
    store.dispatch(recipeActions.textEdited({ text: '3 cups flour', carried }));
    kitchens.read.and.returnValue(of(kitchen(2, 'kr')));
    recipes.read.and.returnValue(of(recipe(2, '2 cups flour')));
    store.dispatch(changesActions.areasChanged({ areas: ['kitchen', 'recipes'] }));
    expect(currency()).toBe('zł');
    expect(text()).toBe('3 cups flour');
  });

  it('that the server can’t tell of just now changes nothing', () => {
    kitchens.read.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    recipes.read.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    store.dispatch(changesActions.areasChanged({ areas: ['kitchen', 'recipes'] }));
    expect(text()).toBe('1 cup flour');
    expect(store.selectSignal(recipeFeature.selectProblem)()).toBeNull();
  });

  it('after one’s own is taken over too: what was saved is being edited no longer', () => {
    kitchens.replace.and.returnValue(of(kitchen(2, 'zł')));
    store.dispatch(kitchenChanges.settingsChosen({ change: { currency: 'zł' } }));
    kitchens.read.and.returnValue(of(kitchen(3, 'kr')));
    store.dispatch(changesActions.areasChanged({ areas: ['kitchen'] }));
    expect(currency()).toBe('kr');
  });

  it('is not heard where the server is lost: then it is looked whether it lets one in', () => {
    http.get.and.returnValue(throwError(() => new HttpErrorResponse({ status: 401 })));
    store.dispatch(changesActions.serverLost());
    expect(http.get).toHaveBeenCalledTimes(1);
    expect(store.selectSignal(changesFeature.selectIsReached)()).toBeFalse();
    store.dispatch(changesActions.serverFound());
    expect(store.selectSignal(changesFeature.selectIsReached)()).toBeTrue();
  });
});
