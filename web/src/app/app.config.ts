import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import {
  type ApplicationConfig,
  ErrorHandler,
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
import { leadToPairing } from './api/lead-to-pairing';
import { lastSeen } from './offline/last-seen';
import { noticeAway } from './api/notice-away';
import { namePage } from './api/page-id';
import { routes } from './app.routes';
import { TellErrors } from './shell/tell-errors';
import * as authorsEffects from './state/authors/authors.effects';
import { authorsFeature } from './state/authors/authors.feature';
import * as bakesEffects from './state/bakes/bakes.effects';
import { bakesFeature } from './state/bakes/bakes.feature';
import * as changesEffects from './state/changes/changes.effects';
import { changesFeature } from './state/changes/changes.feature';
import * as kitchenEffects from './state/kitchen/kitchen.effects';
import * as tableEffects from './state/kitchen/table.effects';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import * as learnedEffects from './state/learned/learned.effects';
import { learnedFeature } from './state/learned/learned.feature';
import * as keptDraftEffects from './state/recipe/kept-draft.effects';
import * as recipeEffects from './state/recipe/recipe.effects';
import { recipeFeature } from './state/recipe/recipe.feature';
import * as timersEffects from './state/timers/timers.effects';
import { timersFeature } from './state/timers/timers.feature';
import * as trialsEffects from './state/trials/trials.effects';
import { trialsFeature } from './state/trials/trials.feature';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    { provide: ErrorHandler, useClass: TellErrors },
    provideZonelessChangeDetection(),
    provideHttpClient(
      withFetch(),
      withInterceptors([namePage, lastSeen, leadToPairing, noticeAway]),
    ),
    provideRouter(
      routes,
      withComponentInputBinding(),
      // A place on a recipe's path knows the recipe.
      withRouterConfig({ paramsInheritanceStrategy: 'always' }),
      withInMemoryScrolling({
        scrollPositionRestoration: 'enabled',
        anchorScrolling: 'enabled',
      }),
    ),
    provideStore(),
    provideState(kitchenFeature),
    provideState(trialsFeature),
    provideState(authorsFeature),
    provideState(recipeFeature),
    provideState(bakesFeature),
    provideState(learnedFeature),
    provideState(timersFeature),
    provideState(changesFeature),
    provideEffects(
      kitchenEffects,
      tableEffects,
      trialsEffects,
      authorsEffects,
      recipeEffects,
      keptDraftEffects,
      bakesEffects,
      learnedEffects,
      timersEffects,
      changesEffects,
    ),
  ],
};
