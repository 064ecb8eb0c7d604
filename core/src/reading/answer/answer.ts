import type { NoteCode, OtherReading } from '../note.js';

/** What an answer is to: a note, or the line as a whole, which the baker corrected. */
export type AnswerTo = NoteCode | 'correction';

/** What a baker said a note means, wherever the same name gives rise to it. */
export interface Answer {
  readonly note: AnswerTo;
  /** The comparable words of the ingredient, as written: "coarse sea salt". */
  readonly name: string;
  /** The word that the note is about, "sifted"; null where it is about none. */
  readonly word: string | null;
  readonly reading: OtherReading;
}

/** What a baker said of one line of one recipe. */
export interface LineAnswer extends Answer {
  /** The line as written, without blanks around it. */
  readonly written: string;
}

/** All that was answered, the nearest first: for the line, for its author, for this kitchen. */
export interface Answers {
  readonly recipe: readonly LineAnswer[];
  readonly author: readonly Answer[];
  readonly kitchen: readonly Answer[];
}

/** Whether two answers are to the same note about the same name, of the same line if of one. */
export function sameAnswer(a: Answer, b: Answer): boolean {
  const lineOf = (answer: Answer | LineAnswer): string | null =>
    'written' in answer ? answer.written : null;
  return a.note === b.note && a.name === b.name && a.word === b.word && lineOf(a) === lineOf(b);
}

/** Where nothing was answered yet. */
export const NO_ANSWERS: Answers = { recipe: [], author: [], kitchen: [] };
