import { HttpClient } from '@angular/common/http';
import { DOCUMENT, Injector, inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  debounceTime,
  exhaustMap,
  filter,
  from,
  map,
  mergeMap,
  switchMap,
  timer,
  withLatestFrom,
} from 'rxjs';
import type { Health } from '@ypsigram/contract';
import type { ChangingArea } from '@ypsigram/contract/house';
import { putOff } from '../../api/notice-away';
import { PAGE_ID } from '../../api/page-id';
import { unharmed } from '../../api/unharmed';
import { LastSeen } from '../../offline/last-seen';
import { authorsActions } from '../authors/authors.feature';
import { bakesActions } from '../bakes/bakes.feature';
import { kitchenActions } from '../kitchen/kitchen.actions';
import { learnedActions } from '../learned/learned.feature';
import { recipeActions } from '../recipe/recipe.actions';
import { recipeFeature } from '../recipe/recipe.feature';
import { timersActions } from '../timers/timers.feature';
import { trialsActions } from '../trials/trials.feature';
import { newToPage } from './new-to-page';
import { changesStream } from './changes-stream';
import { changesActions } from './changes.feature';

const HEALTH = '/api/health';
/** Where the page says which one it is: the server writes it in. */
const PAGE_MARK = 'meta[name="yg-page"]';
/** Several that are put off at once come again together. */
const GATHER_MILLISECONDS = 100;

/** Listens from then on when the kitchen has been seen: a device that is not paired hears nothing. */
export const listenToChanges = createEffect(
  (actions = inject(Actions), seen = inject(LastSeen)) =>
    actions.pipe(
      ofType(kitchenActions.kitchenLoaded),
      exhaustMap(() => {
        const areasNew = newToPage(PAGE_ID);
        return changesStream().pipe(
          mergeMap((heard): Action[] => {
            if (heard.is === 'found') {
              const found = changesActions.serverFound();
              // What was shown from memory may be old by now, whatever was counted meanwhile.
              const isOld = seen.forget();
              return isOld ? [found, changesActions.areasChanged({ areas: EVERYTHING })] : [found];
            }
            if (heard.is === 'lost') return [changesActions.serverLost()];
            const areas = areasNew(heard);
            return areas.length > 0 ? [changesActions.areasChanged({ areas })] : [];
          }),
        );
      }),
    ),
  { functional: true },
);

/** Whether the server is away, or lets this device in no more: that is told where anything is asked. */
export const lookWhenLost = createEffect(
  (actions = inject(Actions), http = inject(HttpClient)) =>
    actions.pipe(
      ofType(changesActions.serverLost),
      exhaustMap(() => http.get(HEALTH).pipe(unharmed('that the server is away is told already'))),
    ),
  { functional: true, dispatch: false },
);

/** Whether the server has a newer page than this one, whenever it is found again. */
export const lookForNewerPage = createEffect(
  (actions = inject(Actions), http = inject(HttpClient), document = inject(DOCUMENT)) => {
    const own = document.querySelector<HTMLMetaElement>(PAGE_MARK)?.content;
    return actions.pipe(
      ofType(changesActions.serverFound),
      exhaustMap(() =>
        http.get<Health>(HEALTH).pipe(unharmed('it is looked for again when the server is back')),
      ),
      filter(({ page }) => page !== null && Boolean(own) && page !== own),
      map(() => changesActions.newerPageFound()),
    );
  },
  { functional: true },
);

/** A server that had no time has it later: what waits is sent then. */
export const comeAgain = createEffect(
  () =>
    putOff.pipe(
      debounceTime(GATHER_MILLISECONDS),
      switchMap((milliseconds) => timer(milliseconds)),
      map(() => changesActions.serverFound()),
    ),
  { functional: true },
);

/** What is asked for anew where an area has changed; each takes care of what is being edited. */
const ASKED: Readonly<Record<ChangingArea, readonly Action[]>> = {
  kitchen: [kitchenActions.kitchenChangedElsewhere()],
  trials: [trialsActions.trialsAskedFor()],
  authors: [authorsActions.authorsAskedFor()],
  recipes: [recipeActions.recipeChangedElsewhere()],
  bakes: [bakesActions.bakesAskedFor(), learnedActions.logChanged()],
  timers: [timersActions.timersAskedFor()],
  // Only where somebody practises: `state/practice` listens by itself.
  practice: [],
};

const EVERYTHING = Object.keys(ASKED) as ChangingArea[];

export const followChanges = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(changesActions.areasChanged),
      mergeMap(({ areas }) => from(areas.flatMap((area) => ASKED[area]))),
    ),
  { functional: true },
);

/** What was done at the bench and is not on the server yet goes there, whatever is open now. */
export const sendActsWhenFound = createEffect(
  (actions = inject(Actions), injector = inject(Injector)) =>
    actions.pipe(
      ofType(changesActions.serverFound),
      mergeMap(async () => {
        const { BakeSender } = await import('../bake/bake-sender');
        await injector.get(BakeSender).send();
      }),
    ),
  { functional: true, dispatch: false },
);

/** What was done at a bake that is gone is not wanted any more. */
export const letGoOfStuck = createEffect(
  (actions = inject(Actions), injector = inject(Injector)) =>
    actions.pipe(
      ofType(changesActions.stuckActsLetGo),
      mergeMap(async ({ bakeId }) => {
        const { BakeSender } = await import('../bake/bake-sender');
        await injector.get(BakeSender).letGo(bakeId);
      }),
    ),
  { functional: true, dispatch: false },
);

/** Settings and tools that could not be saved. */
export const saveKitchenWhenFound = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(changesActions.serverFound),
      map(() => kitchenActions.saveWanted()),
    ),
  { functional: true },
);

/** A change that could not be saved is tried again as soon as the server is back. */
export const saveWhenFound = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(changesActions.serverFound),
      withLatestFrom(store.select(recipeFeature.selectRecipeState)),
      filter(([, { saved, status }]) => saved !== null && status === 'failed'),
      map(() => recipeActions.saveWanted()),
    ),
  { functional: true },
);
