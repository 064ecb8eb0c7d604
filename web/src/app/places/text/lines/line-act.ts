import type { KeptAnswer, SentLineAnswer } from '@ypsigram/contract';
import type { AnsweredBy } from '@ypsigram/core/reading';

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
  /** It is taken from the public table onto the shelf, under the words of the line. */
  | { readonly what: 'take'; readonly ingredientId: string; readonly words: string }
  /** The Shelf lacks it. */
  | { readonly what: 'add'; readonly words: string };

/** The answer without the line it was given on: it goes for all of them. */
export function keptOf({ note, name, word, reading }: SentLineAnswer): KeptAnswer {
  return { note, name, word, reading };
}
