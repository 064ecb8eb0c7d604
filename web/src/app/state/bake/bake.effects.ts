import { Injector, inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { BakeReadingReply } from '@ypsigram/contract';
import {
  Observable,
  auditTime,
  catchError,
  concatMap,
  exhaustMap,
  filter,
  from,
  map,
  merge,
  mergeMap,
  of,
  switchMap,
  takeUntil,
  withLatestFrom,
} from 'rxjs';
import { BakesApi, bakeStream } from '../../api/bakes-api';
import { problemOf } from '../../api/recipes-api';
import { bakesActions } from '../bakes/bakes.feature';
import { learnedActions } from '../learned/learned.feature';
import { BakeMemory } from './bake-memory';
import { bakeActions, bakeFeature } from './bake.feature';
import { selectBakeNow } from './bake.selectors';

/** What was seen last is remembered so long after it changed. */
const REMEMBER_MILLISECONDS = 250;
/** A stream that the browser has given up is opened anew after this. */
const REOPEN_MILLISECONDS = 1500;

/** What this browser remembers comes first, then what the server knows. */
export const openBake = createEffect(
  (actions = inject(Actions), api = inject(BakesApi), memory = inject(BakeMemory)) =>
    actions.pipe(
      ofType(bakeActions.bakeOpened),
      switchMap(({ id }) =>
        merge(
          from(Promise.all([memory.recall(id), memory.waiting()])).pipe(
            map(([bake, all]) =>
              bakeActions.bakeRecalled({
                bake,
                waiting: all.find(({ bakeId }) => bakeId === id)?.readings ?? [],
              }),
            ),
          ),
          api.read(id).pipe(
            map((bake) => bakeActions.bakeLoaded({ bake })),
            catchError((error: unknown) =>
              of(bakeActions.bakeNotLoaded({ problem: problemOf(error) })),
            ),
          ),
        ).pipe(takeUntil(actions.pipe(ofType(bakeActions.bakeLeft)))),
      ),
    ),
  { functional: true },
);

/** An act is on the disk of this browser before it is sent anywhere. */
export const rememberAct = createEffect(
  (actions = inject(Actions), memory = inject(BakeMemory), store = inject(Store)) =>
    actions.pipe(
      ofType(bakeActions.actDone),
      withLatestFrom(store.select(bakeFeature.selectId)),
      concatMap(([{ reading }, id]) =>
        from(memory.queue(id!, reading)).pipe(map(() => bakeActions.actRemembered())),
      ),
    ),
  { functional: true },
);

export const sendActs = createEffect(
  (actions = inject(Actions), injector = inject(Injector)) =>
    actions.pipe(
      ofType(bakeActions.actRemembered, bakeActions.bakeRecalled, bakeActions.serverFound),
      mergeMap(async () => {
        const { BakeSender } = await import('./bake-sender');
        await injector.get(BakeSender).send();
      }),
    ),
  { functional: true, dispatch: false },
);

export const rememberBake = createEffect(
  (actions = inject(Actions), memory = inject(BakeMemory), store = inject(Store)) =>
    actions.pipe(
      ofType(bakeActions.bakeLoaded, bakeActions.readingsKept),
      auditTime(REMEMBER_MILLISECONDS),
      withLatestFrom(store.select(bakeFeature.selectBake)),
      mergeMap(async ([, bake]) => {
        if (bake) await memory.remember(bake);
      }),
    ),
  { functional: true, dispatch: false },
);

/** Lists that show how far a bake is follow it. */
export const tellProgress = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(bakeActions.bakeLoaded, bakeActions.readingsKept, bakeActions.actDone),
      withLatestFrom(store.select(bakeFeature.selectId), store.select(selectBakeNow)),
      filter(([, id, now]) => id !== null && now !== null),
      map(([, id, now]) => {
        const { ready, stage, lines } = now!;
        return bakesActions.bakeChanged({ bake: { id: id!, ready, stage, of: lines.length } });
      }),
    ),
  { functional: true },
);

/** Acts that change what is learned of a recipe. */
const TEACHES = new Set(['result', 'good', 'weigh', 'judge', 'stage', 'undo']);

/** What the log knows is asked for again once a bake says something new. */
export const tellLog = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(bakeActions.readingsKept),
      filter(({ readings }) => readings.some(({ act }) => TEACHES.has(act.do))),
      map(() => learnedActions.logChanged()),
    ),
  { functional: true },
);

/** What is kept of a bake that was left meanwhile changes only how far it is. */
export const tellLateProgress = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(bakeActions.readingsKept),
      withLatestFrom(store.select(bakeFeature.selectId)),
      filter(([{ bakeId }, id]) => bakeId !== id),
      map(() => bakesActions.bakesAskedFor()),
    ),
  { functional: true },
);

type StreamEvent =
  | { readonly is: 'reading'; readonly reading: BakeReadingReply }
  | { readonly is: 'open' }
  | { readonly is: 'lost' };

/** What is done at a bake on any device, for as long as somebody listens. */
const streamOf = (id: string): Observable<StreamEvent> =>
  new Observable((subscriber) => {
    let source: EventSource;
    let retry: ReturnType<typeof setTimeout> | undefined;
    const listen = (): void => {
      source = new EventSource(bakeStream(id));
      source.addEventListener('open', () => subscriber.next({ is: 'open' }));
      source.addEventListener('reading', (event: MessageEvent<string>) => {
        subscriber.next({ is: 'reading', reading: JSON.parse(event.data) as BakeReadingReply });
      });
      source.addEventListener('error', () => {
        subscriber.next({ is: 'lost' });
        if (source.readyState === EventSource.CLOSED) {
          retry = setTimeout(listen, REOPEN_MILLISECONDS);
        }
      });
    };
    listen();
    return () => {
      source.close();
      clearTimeout(retry);
    };
  });

export const listenToBake = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(bakeActions.bakeLoaded, bakeActions.bakeRecalled),
      exhaustMap((action) => {
        const id = action.bake?.id;
        if (!id) return [];
        return streamOf(id).pipe(
          takeUntil(actions.pipe(ofType(bakeActions.bakeLeft, bakeActions.bakeOpened))),
          map((event) => {
            if (event.is === 'open') return bakeActions.serverFound();
            if (event.is === 'lost') return bakeActions.serverLost();
            return bakeActions.readingsKept({ bakeId: id, readings: [event.reading] });
          }),
        );
      }),
    ),
  { functional: true },
);

export const takeNewText = createEffect(
  (actions = inject(Actions), api = inject(BakesApi), store = inject(Store)) =>
    actions.pipe(
      ofType(bakeActions.newTextWanted),
      withLatestFrom(store.select(bakeFeature.selectId)),
      exhaustMap(([, id]) =>
        api.takeNewText(id!).pipe(
          map((reading) => bakeActions.readingsKept({ bakeId: id!, readings: [reading] })),
          catchError((error: unknown) =>
            of(bakeActions.bakeNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);
