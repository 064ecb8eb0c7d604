import type { Routes } from '@angular/router';
import { ClassesPage } from './classes.page';

/** Classes: all of them, one under way, and its sheet. */
export const classesRoutes: Routes = [
  { path: '', pathMatch: 'full', title: 'Class · Ypsigram', component: ClassesPage },
  {
    path: ':id',
    title: 'Class · Ypsigram',
    loadComponent: () => import('./class.page').then((m) => m.ClassPage),
  },
  {
    path: ':id/sheet',
    title: 'Class sheet · Ypsigram',
    loadComponent: () => import('./sheet.page').then((m) => m.ClassSheetPage),
  },
];
