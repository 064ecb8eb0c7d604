import { effect, signal, type Signal } from '@angular/core';
import { isWorthAsking } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import { intendedMass, questionsOf, type Question } from '@ypsigram/core/conversion';
import type { KnownWeight } from '@ypsigram/core/measuring';
import type { Line } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import type { ReadingRow } from './rows';

/** A line with its questions, and by what they were worked out. */
interface Worked {
  readonly standard: Standard;
  readonly shelf: Shelf;
  readonly known: readonly KnownWeight[];
  readonly questions: readonly Question[];
}

/** A line that was not changed is the same object, and asks the same. */
const WORKED = new WeakMap<Line, Worked>();

/** The questions of a line; worked out once as long as nothing about it changes. */
export function questionsFor(
  line: Line,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[],
): readonly Question[] {
  const before = WORKED.get(line);
  if (before && before.standard === standard && before.shelf === shelf && before.known === known) {
    return before.questions;
  }
  const questions = questionsOf(line, standard, shelf, known);
  WORKED.set(line, { standard, shelf, known, questions });
  return questions;
}

/** A question that waits for an answer. */
export interface OpenQuestion {
  /** Which line of the reading it belongs to. */
  readonly index: number;
  readonly about: string;
  readonly gramsAtStake: number;
  readonly isUnknown: boolean;
}

/** What is asked of each line of a row. */
const openIn = ({ lines, index }: ReadingRow, by: Reader): readonly OpenQuestion[] =>
  lines.flatMap((line, at) => openOf(line, index + at, by) ?? []);

function openOf(line: Line, index: number, by: Reader): OpenQuestion | null {
  if (line.notes.length === 0 || by.proven.has(line)) return null;
  const { standard, shelf, known } = by;
  const intended = intendedMass(line, standard, shelf, known);
  const first = questionsFor(line, standard, shelf, known).find((question) =>
    isWorthAsking(question, line, intended, shelf),
  );
  return (
    (first && {
      index,
      about: line.written.trim(),
      gramsAtStake: first.gramsAtStake,
      isUnknown: intended === null,
    }) ??
    null
  );
}

/** By whose cups and weights a text is read. */
export interface Reader {
  readonly standard: Standard;
  readonly shelf: Shelf;
  readonly known: readonly KnownWeight[];
  /** Lines that good bakes have proved: nothing is asked of them. */
  readonly proven: ReadonlyMap<Line, unknown>;
}

/** First what has no weight at all, then by how much it moves. */
const inOrder = (open: readonly OpenQuestion[]): OpenQuestion[] =>
  [...open].sort(
    (a, b) => Number(b.isUnknown) - Number(a.isUnknown) || b.gramsAtStake - a.gramsAtStake,
  );

/** Rows that are looked at before the page gets its turn again. */
const SLICE = 150;

/** How far a text was looked through. */
export interface LookedThrough {
  readonly open: readonly OpenQuestion[];
  readonly done: number;
  readonly all: number;
}

/**
 * The questions of a text that may be long: it is looked through in slices, so that the page goes
 * on meanwhile, and from the start again whenever it changes.
 */
export function lookedThrough(
  rows: Signal<readonly ReadingRow[]>,
  by: Signal<Reader>,
): Signal<LookedThrough> {
  const looked = signal<LookedThrough>({ open: [], done: 0, all: 0 });
  effect((onCleanup) => {
    const all = rows();
    const reader = by();
    const open: OpenQuestion[] = [];
    let timer = 0;
    const look = (from: number): void => {
      const to = Math.min(all.length, from + SLICE);
      for (let row = from; row < to; row++) {
        open.push(...openIn(all[row]!, reader));
      }
      looked.set({ open: inOrder(open), done: to, all: all.length });
      if (to < all.length) timer = window.setTimeout(() => look(to));
    };
    look(0);
    onCleanup(() => window.clearTimeout(timer));
  });
  return looked.asReadonly();
}
