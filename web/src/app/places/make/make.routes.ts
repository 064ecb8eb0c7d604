import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as timerEffects from '../../state/bake/answered-timers.effects';
import * as bakeEffects from '../../state/bake/bake.effects';
import { bakeFeature } from '../../state/bake/bake.feature';

/** The Oven: what is mixed, risen and baked of one bake. */
export const makeRoutes: Routes = [
  {
    path: '',
    providers: [provideState(bakeFeature), provideEffects(bakeEffects, timerEffects)],
    children: [
      // Without a bake there is nothing in the oven: bakes begin at the bench.
      {
        path: '',
        pathMatch: 'full',
        redirectTo: ({ params }) => `/recipes/${params['id']}/measure`,
      },
      {
        path: ':bake',
        data: { isAtWork: true },
        title: 'Make · Ypsigram',
        loadComponent: () => import('./make.page').then((m) => m.MakePage),
      },
    ],
  },
];
