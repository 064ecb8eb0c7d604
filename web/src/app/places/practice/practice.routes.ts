import { inject } from '@angular/core';
import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState } from '@ngrx/store';
import * as practiceEffects from '../../state/practice/practice.effects';
import { practiceActions, practiceFeature } from '../../state/practice/practice.feature';
import { TodayPage } from './today/today.page';

/** What was practised is read once, with whichever page is opened first. */
function loadTries(): true {
  const store = inject(Store);
  if (!store.selectSignal(practiceFeature.selectIsLoaded)()) {
    store.dispatch(practiceActions.triesAskedFor());
  }
  return true;
}

/** Practice: the counter, the jugs, the questions and the classes. */
export const practiceRoutes: Routes = [
  {
    path: '',
    providers: [provideState(practiceFeature), provideEffects(practiceEffects)],
    children: [
      {
        path: '',
        canActivate: [loadTries],
        children: [
          { path: '', pathMatch: 'full', title: 'Practice · Ypsigram', component: TodayPage },
          {
            path: 'sitting',
            title: 'Five minutes · Ypsigram',
            loadComponent: () => import('./today/sitting.page').then((m) => m.SittingPage),
          },
          {
            path: 'fill',
            title: 'Fill and weigh · Ypsigram',
            loadComponent: () => import('./fill/fill.page').then((m) => m.FillPage),
          },
          {
            path: 'jug',
            title: 'Read the jug · Ypsigram',
            loadComponent: () => import('./jug/jug.page').then((m) => m.JugPage),
          },
          {
            path: 'which',
            title: 'Say which · Ypsigram',
            loadComponent: () => import('./which/which.page').then((m) => m.WhichPage),
          },
        ],
      },
      {
        path: 'classes',
        loadChildren: () => import('./classes/classes.routes').then((m) => m.classesRoutes),
      },
    ],
  },
];
