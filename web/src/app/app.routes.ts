import { inject } from '@angular/core';
import type { ActivatedRouteSnapshot, Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState } from '@ngrx/store';
import { first, map, type Observable } from 'rxjs';
import type { PlaceId } from './kit/about/place-id';
import * as bookEffects from './places/recipes/book.effects';
import { bookFeature } from './places/recipes/book.feature';
import { RecipesPage } from './places/recipes/recipes.page';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import { leaveRecipe } from './state/recipe/leave-recipe';
import { recallNewRecipe } from './state/recipe/new-recipe-memory';
import { recipeActions } from './state/recipe/recipe.actions';
import { recipeFeature } from './state/recipe/recipe.feature';

/** Addresses of earlier versions, which someone may have kept, and where they lead now with what follows. */
function leadingOn(places: Readonly<Record<string, string>>): Routes {
  return Object.entries(places).map(([path, redirectTo]) => ({ path, redirectTo }));
}

/** For who is not let into the house: no other place is offered. */
const ALONE = { isAlone: true };

/** What a route says of itself: which place it is. */
const at = (place: PlaceId) => ({ place });

const PLACES: Routes = [
  {
    path: 'text',
    data: at('text'),
    title: 'Text · Ypsigram',
    loadComponent: () => import('./places/text/text.page').then((m) => m.TextPage),
  },
  {
    path: 'amounts',
    data: at('amounts'),
    title: 'Amounts · Ypsigram',
    loadComponent: () => import('./places/amounts/amounts.page').then((m) => m.AmountsPage),
  },
  {
    path: 'how-sure',
    data: at('how-sure'),
    title: 'How sure · Ypsigram',
    loadComponent: () => import('./places/how-sure/how-sure.page').then((m) => m.HowSurePage),
  },
  {
    path: 'card',
    title: 'Card · Ypsigram',
    loadComponent: () => import('./places/card/card.page').then((m) => m.CardPage),
  },
  {
    path: 'measure',
    data: at('measure'),
    loadChildren: () => import('./places/measure/measure.routes').then((m) => m.measureRoutes),
  },
  {
    path: 'make',
    data: at('make'),
    loadChildren: () => import('./places/make/make.routes').then((m) => m.makeRoutes),
  },
  {
    path: 'log',
    data: at('log'),
    loadChildren: () => import('./places/log/log.routes').then((m) => m.recipeLogRoutes),
  },
  { path: '', pathMatch: 'full', redirectTo: 'amounts' },
  ...leadingOn({
    reading: 'text',
    balance: 'amounts',
    chance: 'how-sure',
    bench: 'measure',
    oven: 'make',
  }),
];

/** Opening an address opens its recipe, unless it is open already. */
function openRecipe(route: ActivatedRouteSnapshot): true {
  const store = inject(Store);
  const id = route.paramMap.get('id')!;
  if (store.selectSignal(recipeFeature.selectSaved)()?.id !== id) {
    store.dispatch(recipeActions.recipeAskedFor({ id }));
  }
  return true;
}

/** A new recipe starts with the kitchen's own cups and spoons, until its words say another country. */
function openNewRecipe(): Observable<true> {
  const store = inject(Store);
  return store.select(kitchenFeature.selectKitchenState).pipe(
    first(({ isLoaded, problem }) => isLoaded || problem !== null),
    map(({ current }) => {
      const draft = recallNewRecipe(current.standard);
      store.dispatch(recipeActions.newRecipeOpened({ draft }));
      return true;
    }),
  );
}

const recipePath = () => import('./shell/recipe-path').then((m) => m.RecipePath);

const authorsPage = () => import('./places/authors/authors.page').then((m) => m.AuthorsPage);

const joinPage = () => import('./places/practice/classes/join.page').then((m) => m.JoinPage);

const shelfPage = () =>
  import('./places/ingredients/ingredients.page').then((m) => m.IngredientsPage);

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'recipes' },
  {
    path: 'recipes',
    data: at('recipes'),
    pathMatch: 'full',
    title: 'Recipes · Ypsigram',
    component: RecipesPage,
    providers: [provideState(bookFeature), provideEffects(bookEffects)],
  },
  {
    path: 'recipes/import-and-export',
    data: at('files'),
    title: 'Import and export · Ypsigram',
    loadComponent: () => import('./places/files/files.page').then((m) => m.FilesPage),
  },
  {
    path: 'ingredients',
    data: at('ingredients'),
    title: 'Ingredients · Ypsigram',
    loadComponent: shelfPage,
  },
  {
    path: 'ingredients/chart',
    title: 'Conversion chart · Ypsigram',
    loadComponent: () => import('./places/ingredients/chart/chart.page').then((m) => m.ChartPage),
  },
  {
    path: 'ingredients/:id',
    data: at('ingredients'),
    title: 'Ingredients · Ypsigram',
    loadComponent: shelfPage,
  },
  {
    path: 'kitchen',
    data: at('kitchen'),
    pathMatch: 'full',
    title: 'Kitchen · Ypsigram',
    loadComponent: () => import('./places/kitchen/kitchen.page').then((m) => m.KitchenPage),
  },
  {
    path: 'kitchen/tools',
    data: at('tools'),
    title: 'Tools · Ypsigram',
    loadComponent: () => import('./places/tools/tools.page').then((m) => m.ToolsPage),
  },
  {
    path: 'kitchen/ovens',
    data: at('ovens'),
    title: 'Ovens · Ypsigram',
    loadComponent: () => import('./places/ovens/ovens.page').then((m) => m.OvensPage),
  },
  {
    path: 'log',
    data: at('log'),
    loadChildren: () => import('./places/log/log.routes').then((m) => m.logRoutes),
  },
  {
    path: 'kitchen/people',
    data: at('people'),
    title: 'People · Ypsigram',
    loadComponent: () => import('./places/people/people.page').then((m) => m.PeoplePage),
  },
  {
    path: 'practice',
    data: at('practice'),
    loadChildren: () => import('./places/practice/practice.routes').then((m) => m.practiceRoutes),
  },
  { path: 'join', data: ALONE, title: 'Join a class · Ypsigram', loadComponent: joinPage },
  { path: 'join/:code', data: ALONE, title: 'Join a class · Ypsigram', loadComponent: joinPage },
  {
    path: 'kitchen/authors',
    data: at('authors'),
    title: 'Authors · Ypsigram',
    loadComponent: authorsPage,
  },
  {
    path: 'kitchen/authors/:id',
    data: at('authors'),
    title: 'Authors · Ypsigram',
    loadComponent: authorsPage,
  },
  {
    path: 'kitchen/settings',
    data: at('settings'),
    title: 'Settings · Ypsigram',
    loadComponent: () => import('./places/settings/settings.page').then((m) => m.SettingsPage),
  },
  {
    path: 'pair',
    data: ALONE,
    title: 'Pair this device · Ypsigram',
    loadComponent: () => import('./places/settings/devices/pair.page').then((m) => m.PairPage),
  },
  { path: 'new', loadComponent: recipePath, canActivate: [openNewRecipe], children: PLACES },
  {
    path: 'recipes/:id',
    loadComponent: recipePath,
    canActivate: [openRecipe],
    canDeactivate: [leaveRecipe],
    children: PLACES,
  },
  ...leadingOn({
    book: 'recipes',
    shelf: 'ingredients',
    'drawer/ovens': 'kitchen/ovens',
    drawer: 'kitchen/tools',
    hand: 'kitchen/people',
    authors: 'kitchen/authors',
    settings: 'kitchen/settings',
  }),
  {
    path: '**',
    title: 'Page not found · Ypsigram',
    loadComponent: () => import('./places/not-found/not-found.page').then((m) => m.NotFoundPage),
  },
];
