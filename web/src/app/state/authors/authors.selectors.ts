// What is worked out of the authors by core: apart from their feature, which the first view needs.
import { createSelector } from '@ngrx/store';
import { knownOfAuthor } from '@ypsigram/core/calibration';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { selectShelf } from '../kitchen/kitchen.selectors';
import { authorsFeature } from './authors.feature';

const NOBODY: readonly KnownWeight[] = [];

/** What is known of each author's cups, by id. */
export const selectKnownByAuthor = createSelector(
  authorsFeature.selectAuthors,
  selectShelf,
  (authors, shelf) =>
    new Map(
      authors.map(({ id, name, conventions, inferred }) => [
        id,
        knownOfAuthor({ name, given: conventions, inferred }, shelf),
      ]),
    ),
);

/** What is known of an author's cups; the same empty list for nobody. */
export const knownOf = (
  known: ReadonlyMap<string, readonly KnownWeight[]>,
  authorId: string | null,
): readonly KnownWeight[] => (authorId === null ? undefined : known.get(authorId)) ?? NOBODY;
