import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as bakeEffects from '../../state/bake/bake.effects';
import { bakeFeature } from '../../state/bake/bake.feature';
import { MeasureStartPage } from './start/measure-start.page';

/** Measure: what is under way, a bake at work, and its labels. */
export const measureRoutes: Routes = [
  {
    path: '',
    providers: [provideState(bakeFeature), provideEffects(bakeEffects)],
    children: [
      { path: '', pathMatch: 'full', title: 'Measure · Ypsigram', component: MeasureStartPage },
      {
        path: ':bake',
        data: { isAtWork: true },
        title: 'Measure · Ypsigram',
        loadComponent: () => import('./work/measure-work.page').then((m) => m.MeasureWorkPage),
      },
      {
        path: ':bake/labels',
        title: 'Labels · Ypsigram',
        loadComponent: () => import('./labels/labels.page').then((m) => m.LabelsPage),
      },
    ],
  },
];
