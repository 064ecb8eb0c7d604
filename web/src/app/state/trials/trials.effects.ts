import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import { catchError, concatMap, map, of, switchMap, type Observable } from 'rxjs';
import type { TrialRecord } from '@ypsigram/contract';
import { problemOf } from '../../api/recipes-api';
import { TrialsApi } from '../../api/trials-api';
import { trialsActions, trialsFeature, type TrialChange, type TrialUndo } from './trials.feature';

const notReached = (error: unknown) =>
  of(trialsActions.trialsNotReached({ problem: problemOf(error) }));

export const loadTrials = createEffect(
  (actions = inject(Actions), api = inject(TrialsApi)) =>
    actions.pipe(
      ofType(trialsActions.trialsAskedFor, trialsActions.tableCameIn),
      switchMap(() =>
        api.list().pipe(
          map((trials) => trialsActions.trialsLoaded({ trials })),
          catchError(notReached),
        ),
      ),
    ),
  { functional: true },
);

function judge(
  api: TrialsApi,
  { id, importId: _, ...said }: TrialRecord,
  by: Partial<TrialChange>,
): Observable<TrialRecord> {
  return api.replace(id, { ...said, ...by });
}

/** What a change does on the server, and what takes it back. One after another. */
export const changeTrials = createEffect(
  (actions = inject(Actions), api = inject(TrialsApi), store = inject(Store)) => {
    const trials = store.selectSignal(trialsFeature.selectTrials);
    const newest = (trial: TrialRecord): TrialRecord =>
      trials().find(({ id }) => id === trial.id) ?? trial;
    return actions.pipe(
      ofType(trialsActions.trialMade, trialsActions.trialJudged, trialsActions.trialDeleted),
      concatMap((action): Observable<Action> => {
        switch (action.type) {
          case trialsActions.trialMade.type:
            return api.create(action.draft).pipe(
              map((trial) => trialsActions.trialKept({ trial, undo: { kind: 'delete', trial } })),
              catchError(notReached),
            );
          case trialsActions.trialJudged.type: {
            const before = newest(action.trial);
            const { verdict, conditions } = before;
            return judge(api, before, action.by).pipe(
              map((trial) =>
                trialsActions.trialKept({
                  trial,
                  undo: { kind: 'judge', trial, by: { verdict, conditions } },
                }),
              ),
              catchError(notReached),
            );
          }
          case trialsActions.trialDeleted.type: {
            const { trial } = action;
            return api.remove(trial.id).pipe(
              map(() => trialsActions.trialGone({ trial, undo: { kind: 'restore', trial } })),
              catchError(notReached),
            );
          }
        }
      }),
    );
  },
  { functional: true },
);

export const undoTrials = createEffect(
  (actions = inject(Actions), api = inject(TrialsApi), store = inject(Store)) => {
    const trials = store.selectSignal(trialsFeature.selectTrials);
    const takeBack = (undo: TrialUndo): Observable<Action> => {
      switch (undo.kind) {
        case 'delete':
          return api
            .remove(undo.trial.id)
            .pipe(map(() => trialsActions.trialGone({ trial: undo.trial, undo: null })));
        case 'restore':
          return api
            .restore(undo.trial.id)
            .pipe(map((trial) => trialsActions.trialKept({ trial, undo: null })));
        case 'judge': {
          const current = trials().find(({ id }) => id === undo.trial.id) ?? undo.trial;
          return judge(api, current, undo.by).pipe(
            map((trial) => trialsActions.trialKept({ trial, undo: null })),
          );
        }
        case 'import':
          return api.removeImport(undo.importId).pipe(map(() => trialsActions.trialsAskedFor()));
      }
    };
    return actions.pipe(
      ofType(trialsActions.changeTakenBack),
      concatMap(({ undo }) => takeBack(undo).pipe(catchError(notReached))),
    );
  },
  { functional: true },
);
