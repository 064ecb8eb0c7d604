import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as timerEffects from '../../state/bake/answered-timers.effects';
import * as bakeEffects from '../../state/bake/bake.effects';
import { bakeFeature } from '../../state/bake/bake.feature';

/** The Log of the whole kitchen. */
export const logRoutes: Routes = [
  {
    path: '',
    pathMatch: 'full',
    title: 'Log · Ypsigram',
    loadComponent: () => import('./entries/log.page').then((m) => m.LogPage),
  },
  {
    path: 'over-time',
    title: 'Over time · Ypsigram',
    loadComponent: () => import('./over-time/over-time.page').then((m) => m.OverTimePage),
  },
  {
    path: 'compare',
    title: 'Two bakes · Ypsigram',
    loadComponent: () => import('./compare/compare.page').then((m) => m.ComparePage),
  },
];

/** The Log of a recipe, and of each of its bakes. */
export const recipeLogRoutes: Routes = [
  {
    path: '',
    providers: [provideState(bakeFeature), provideEffects(bakeEffects, timerEffects)],
    children: [
      {
        path: '',
        pathMatch: 'full',
        title: 'Log · Ypsigram',
        loadComponent: () => import('./entries/recipe-log.page').then((m) => m.RecipeLogPage),
      },
      {
        path: ':bake',
        title: 'Bake · Ypsigram',
        loadComponent: () => import('./record/bake-log.page').then((m) => m.BakeLogPage),
      },
    ],
  },
];
