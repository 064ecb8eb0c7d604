import { inject } from '@angular/core';
import type { ActivatedRouteSnapshot, Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState } from '@ngrx/store';
import { first, map, type Observable } from 'rxjs';
import * as bookEffects from './places/book/book.effects';
import { bookFeature } from './places/book/book.feature';
import { BookPage } from './places/book/book.page';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import { leaveRecipe } from './state/recipe/leave-recipe';
import { recallNewRecipe } from './state/recipe/new-recipe-memory';
import { recipeActions } from './state/recipe/recipe.actions';
import { recipeFeature } from './state/recipe/recipe.feature';

const PLACES: Routes = [
  {
    path: 'reading',
    title: 'Reading · Ypsigram',
    loadComponent: () => import('./places/reading/reading.page').then((m) => m.ReadingPage),
  },
  {
    path: 'balance',
    title: 'Balance · Ypsigram',
    loadComponent: () => import('./places/balance/balance.page').then((m) => m.BalancePage),
  },
  {
    path: 'chance',
    title: 'Chance · Ypsigram',
    loadComponent: () => import('./places/chance/chance.page').then((m) => m.ChancePage),
  },
  {
    path: 'card',
    title: 'Card · Ypsigram',
    loadComponent: () => import('./places/card/card.page').then((m) => m.CardPage),
  },
  {
    path: 'bench',
    loadChildren: () => import('./places/bench/bench.routes').then((m) => m.benchRoutes),
  },
  {
    path: 'oven',
    loadChildren: () => import('./places/oven/oven.routes').then((m) => m.ovenRoutes),
  },
  {
    path: 'log',
    loadChildren: () => import('./places/log/log.routes').then((m) => m.recipeLogRoutes),
  },
  { path: '', pathMatch: 'full', redirectTo: 'balance' },
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

const shelfPage = () => import('./places/shelf/shelf.page').then((m) => m.ShelfPage);

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'book' },
  {
    path: 'book',
    title: 'Book · Ypsigram',
    component: BookPage,
    providers: [provideState(bookFeature), provideEffects(bookEffects)],
  },
  {
    path: 'book/import-and-export',
    title: 'Import and export · Ypsigram',
    loadComponent: () => import('./places/files/files.page').then((m) => m.FilesPage),
  },
  {
    path: 'shelf',
    title: 'Shelf · Ypsigram',
    loadComponent: shelfPage,
  },
  { path: 'shelf/:id', title: 'Shelf · Ypsigram', loadComponent: shelfPage },
  {
    path: 'drawer',
    title: 'Drawer · Ypsigram',
    loadComponent: () => import('./places/drawer/drawer.page').then((m) => m.DrawerPage),
  },
  {
    path: 'drawer/ovens',
    title: 'Ovens · Ypsigram',
    loadComponent: () => import('./places/ovens/ovens.page').then((m) => m.OvensPage),
  },
  {
    path: 'log',
    loadChildren: () => import('./places/log/log.routes').then((m) => m.logRoutes),
  },
  {
    path: 'hand',
    title: 'Hand · Ypsigram',
    loadComponent: () => import('./places/hand/hand.page').then((m) => m.HandPage),
  },
  {
    path: 'practice',
    loadChildren: () => import('./places/practice/practice.routes').then((m) => m.practiceRoutes),
  },
  { path: 'join', title: 'Join a class · Ypsigram', loadComponent: joinPage },
  { path: 'join/:code', title: 'Join a class · Ypsigram', loadComponent: joinPage },
  {
    path: 'authors',
    title: 'Authors · Ypsigram',
    loadComponent: authorsPage,
  },
  { path: 'authors/:id', title: 'Authors · Ypsigram', loadComponent: authorsPage },
  {
    path: 'settings',
    title: 'Settings · Ypsigram',
    loadComponent: () => import('./places/settings/settings.page').then((m) => m.SettingsPage),
  },
  {
    path: 'pair',
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
  {
    path: '**',
    title: 'Page not found · Ypsigram',
    loadComponent: () => import('./places/not-found/not-found.page').then((m) => m.NotFoundPage),
  },
];
