import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as bakeEffects from '../../state/bake/bake.effects';
import { bakeFeature } from '../../state/bake/bake.feature';
import { BenchStartPage } from './start/bench-start.page';

/** The Bench: what is under way, a bake at work, and its labels. */
export const benchRoutes: Routes = [
  {
    path: '',
    providers: [provideState(bakeFeature), provideEffects(bakeEffects)],
    children: [
      { path: '', pathMatch: 'full', title: 'Bench · Ypsigram', component: BenchStartPage },
      {
        path: ':bake',
        title: 'Bench · Ypsigram',
        loadComponent: () => import('./work/bench-work.page').then((m) => m.BenchWorkPage),
      },
      {
        path: ':bake/labels',
        title: 'Labels · Ypsigram',
        loadComponent: () => import('./labels/labels.page').then((m) => m.LabelsPage),
      },
    ],
  },
];
