import type { Shelf } from '../catalogue/index.js';
import { intendedMass, questionsOf, type Question } from '../conversion/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { PlanLine } from './plan-line.js';
import { isWorthAsking } from './worth-asking.js';

/** What is open on a line, wherever its recipe is used. */
export type OpenLine = {
  /** Index in the reading. */
  readonly line: number;
} &
  /** An amount of something whose weight is not known: it is in no total. */
  (
    | { readonly is: 'no-weight' }
    /** Questions whose answers move more than matters. */
    | { readonly is: 'question'; readonly questions: readonly Question[] }
  );

/** What lines are looked at with: whose cups, and what is known of them. */
export interface OpenBy {
  readonly shelf: Shelf;
  readonly author: readonly KnownWeight[];
}

const ASKED = new WeakMap<Line, OpenBy & { readonly asked: readonly Question[] }>();

/** Worked out once as long as nothing about a line changes. */
function askedOf(
  line: Line,
  { standard }: Reading,
  { shelf, author }: OpenBy,
): readonly Question[] {
  const before = ASKED.get(line);
  if (before?.shelf === shelf && before.author === author) return before.asked;
  const intended = intendedMass(line, standard, shelf, author);
  const asked = questionsOf(line, standard, shelf, author).filter((question) =>
    isWorthAsking(question, line, intended, shelf),
  );
  ASKED.set(line, { shelf, author, asked });
  return asked;
}

/** What is open in a recipe, a line at most once, what is missing before what is asked. */
export function openLines(
  reading: Reading,
  plan: readonly PlanLine[],
  by: OpenBy,
): readonly OpenLine[] {
  return plan.flatMap(({ kind, scaled, intended }, line): OpenLine[] => {
    const read = reading.lines[line];
    if (kind !== 'ingredient' || !read) return [];
    if (scaled && !intended) return [{ line, is: 'no-weight' }];
    // What bakes have proved is not asked any more.
    if (intended?.basis.rung === 'proven' || read.notes.length === 0) return [];
    const questions = askedOf(read, reading, by);
    return questions.length > 0 ? [{ line, is: 'question', questions }] : [];
  });
}
