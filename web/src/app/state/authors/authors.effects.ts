import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import { catchError, concatMap, map, of, switchMap, type Observable } from 'rxjs';
import type { Author } from '@ypsigram/contract';
import { AuthorsApi } from '../../api/authors-api';
import { problemOf } from '../../api/recipes-api';
import { authorsActions, authorsFeature, type AuthorChange } from './authors.feature';

const notReached = (error: unknown) =>
  of(authorsActions.authorsNotReached({ problem: problemOf(error) }));

const kept = (answer: Observable<Author>) =>
  answer.pipe(
    map((author) => authorsActions.authorKept({ author })),
    catchError(notReached),
  );

export const loadAuthors = createEffect(
  (actions = inject(Actions), api = inject(AuthorsApi)) =>
    actions.pipe(
      ofType(authorsActions.authorsAskedFor),
      switchMap(() =>
        api.list().pipe(
          map((authors) => authorsActions.authorsLoaded({ authors })),
          catchError(notReached),
        ),
      ),
    ),
  { functional: true },
);

/**
 * One change after another, each based on the revision that the last one left: an answer that
 * comes late can't bring back what was removed meanwhile.
 */
export const changeAuthors = createEffect(
  (actions = inject(Actions), api = inject(AuthorsApi), store = inject(Store)) => {
    const authors = store.selectSignal(authorsFeature.selectAuthors);
    const change = (author: Author, by: Partial<AuthorChange>): Observable<Author> => {
      const current = authors().find(({ id }) => id === author.id) ?? author;
      const { id, name, kind, standard, note, conventions, revision } = current;
      return api.replace(id, { name, kind, standard, note, conventions, revision, ...by });
    };
    return actions.pipe(
      ofType(
        authorsActions.authorAdded,
        authorsActions.authorChanged,
        authorsActions.authorRemoved,
        authorsActions.removalUndone,
      ),
      concatMap((action): Observable<Action> => {
        switch (action.type) {
          case authorsActions.authorAdded.type:
            return kept(api.create(action.draft));
          case authorsActions.authorChanged.type:
            return kept(change(action.author, action.by));
          case authorsActions.authorRemoved.type:
            return api.remove(action.author.id).pipe(
              map(() => authorsActions.authorGone({ author: action.author })),
              catchError(notReached),
            );
          case authorsActions.removalUndone.type:
            return kept(api.restore(action.author.id));
        }
      }),
    );
  },
  { functional: true },
);
