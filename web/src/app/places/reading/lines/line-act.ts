import type { KeptAnswer, SentLineAnswer } from '@ypsigram/contract';
import {
  nameOfLine,
  wordOfNote,
  type AnsweredBy,
  type Line,
  type OtherReading,
  type ReadingNote,
} from '@ypsigram/core/reading';

/** What a baker says of a line. */
export type LineAct =
  | { readonly what: 'answer'; readonly answer: SentLineAnswer }
  /** An answer goes for more, or for less, than it did. */
  | {
      readonly what: 'keep';
      readonly answer: SentLineAnswer;
      readonly from: AnsweredBy;
      readonly to: AnsweredBy;
    }
  | { readonly what: 'ask again'; readonly answer: SentLineAnswer; readonly from: AnsweredBy }
  /** Its second ingredient gets a line of its own. */
  | { readonly what: 'split'; readonly line: Line; readonly words: string }
  /** It is taken from the public table onto the shelf, under the words of the line. */
  | { readonly what: 'take'; readonly ingredientId: string; readonly words: string }
  /** The Shelf lacks it. */
  | { readonly what: 'add'; readonly words: string };

/** The answer that gives a note of this line another reading; null for the line as a whole. */
export function answerOf(
  line: Line,
  note: ReadingNote | null,
  reading: OtherReading,
): SentLineAnswer {
  const { amount, ...rest } = reading;
  return {
    note: (note?.code ?? 'correction') as SentLineAnswer['note'],
    name: note === null ? '' : nameOfLine(line),
    word: note && wordOfNote(note),
    written: line.written.trim(),
    reading: { ...rest, ...(amount && { amount: [amount[0], amount[1]] }) },
  };
}

/** The answer without the line it was given on: it goes for all of them. */
export function keptOf({ note, name, word, reading }: SentLineAnswer): KeptAnswer {
  return { note, name, word, reading };
}
