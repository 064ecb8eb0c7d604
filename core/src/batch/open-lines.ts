import type { Shelf } from '../catalogue/index.js';
import { intendedMass, questionsOf } from '../conversion/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { PlanLine } from './plan-line.js';
import { isWorthAsking } from './worth-asking.js';

/** What is open on a line, wherever its recipe is used. */
export type OpenLine = {
  /** Index in the reading. */
  readonly line: number;
} & (
  | {
      /** A second ingredient of the line that is not counted. */
      readonly is: 'left-out';
      readonly words: string;
    }
  /** An amount of something whose weight is not known: it is in no total. */
  | { readonly is: 'no-weight' }
  /** A question whose answers move more than matters. */
  | { readonly is: 'question' }
);

/** What lines are looked at with: whose cups, and what is known of them. */
export interface OpenBy {
  readonly shelf: Shelf;
  readonly author: readonly KnownWeight[];
}

const ASKED = new WeakMap<Line, OpenBy & { readonly isAsked: boolean }>();

/** Worked out once as long as nothing about a line changes. */
function isAsked(line: Line, { standard }: Reading, { shelf, author }: OpenBy): boolean {
  const before = ASKED.get(line);
  if (before?.shelf === shelf && before.author === author) return before.isAsked;
  const intended = intendedMass(line, standard, shelf, author);
  const asked = questionsOf(line, standard, shelf, author).some((question) =>
    isWorthAsking(question, line, intended, shelf),
  );
  ASKED.set(line, { shelf, author, isAsked: asked });
  return asked;
}

/** The second ingredient of a line that is not counted, in the line's own words; null for none. */
export const leftOutOf = ({ notes }: Pick<Line, 'notes'>): string | null =>
  notes.find((note) => note.code === 'second-ingredient')?.words ?? null;

/** What is open in a recipe, a line at most once, what is missing before what is asked. */
export function openLines(
  reading: Reading,
  plan: readonly PlanLine[],
  by: OpenBy,
): readonly OpenLine[] {
  return plan.flatMap(({ kind, scaled, intended }, line): OpenLine[] => {
    const read = reading.lines[line];
    if (kind !== 'ingredient' || !read) return [];
    const words = leftOutOf(read);
    if (words !== null) return [{ line, is: 'left-out', words }];
    if (scaled && !intended) return [{ line, is: 'no-weight' }];
    // What bakes have proved is not asked any more.
    if (intended?.basis.rung === 'proven' || read.notes.length === 0) return [];
    return isAsked(read, reading, by) ? [{ line, is: 'question' }] : [];
  });
}
