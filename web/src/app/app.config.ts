import { provideHttpClient, withFetch } from '@angular/common/http';
import {
  type ApplicationConfig,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import {
  provideRouter,
  withComponentInputBinding,
  withInMemoryScrolling,
  withRouterConfig,
} from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import * as authorsEffects from './state/authors/authors.effects';
import { authorsFeature } from './state/authors/authors.feature';
import * as bakesEffects from './state/bakes/bakes.effects';
import { bakesFeature } from './state/bakes/bakes.feature';
import * as kitchenEffects from './state/kitchen/kitchen.effects';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import * as learnedEffects from './state/learned/learned.effects';
import { learnedFeature } from './state/learned/learned.feature';
import * as recipeEffects from './state/recipe/recipe.effects';
import { recipeFeature } from './state/recipe/recipe.feature';
import * as timersEffects from './state/timers/timers.effects';
import { timersFeature } from './state/timers/timers.feature';
import * as trialsEffects from './state/trials/trials.effects';
import { trialsFeature } from './state/trials/trials.feature';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideHttpClient(withFetch()),
    provideRouter(
      routes,
      withComponentInputBinding(),
      // A place on a recipe's path knows the recipe.
      withRouterConfig({ paramsInheritanceStrategy: 'always' }),
      withInMemoryScrolling({ scrollPositionRestoration: 'enabled' }),
    ),
    provideStore(),
    provideState(kitchenFeature),
    provideState(trialsFeature),
    provideState(authorsFeature),
    provideState(recipeFeature),
    provideState(bakesFeature),
    provideState(learnedFeature),
    provideState(timersFeature),
    provideEffects(
      kitchenEffects,
      trialsEffects,
      authorsEffects,
      recipeEffects,
      bakesEffects,
      learnedEffects,
      timersEffects,
    ),
  ],
};
