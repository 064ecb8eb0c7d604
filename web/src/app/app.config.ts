import { provideHttpClient, withFetch } from '@angular/common/http';
import {
  type ApplicationConfig,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import { provideRouter, withComponentInputBinding, withInMemoryScrolling } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import * as authorsEffects from './authors/authors.effects';
import { authorsFeature } from './authors/authors.feature';
import * as kitchenEffects from './kitchen/kitchen.effects';
import { kitchenFeature } from './kitchen/kitchen.feature';
import * as recipeEffects from './recipe/recipe.effects';
import { recipeFeature } from './recipe/recipe.feature';
import * as trialsEffects from './trials/trials.effects';
import { trialsFeature } from './trials/trials.feature';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideHttpClient(withFetch()),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withInMemoryScrolling({ scrollPositionRestoration: 'enabled' }),
    ),
    provideStore(),
    provideState(kitchenFeature),
    provideState(trialsFeature),
    provideState(authorsFeature),
    provideState(recipeFeature),
    provideEffects(kitchenEffects, trialsEffects, authorsEffects, recipeEffects),
  ],
};
