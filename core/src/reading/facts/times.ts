import { clausesOf, deedAt, type Clause } from './clauses.js';
import type { Deed } from './deeds.js';
import type { Duration } from './durations.js';
import { sentencesOf } from './sentences.js';

/** What a stretch of time is for. */
export type Purpose =
  | 'preparing'
  | 'baking'
  | 'cooking'
  | 'mixing'
  | 'total'
  | 'proving'
  | 'chilling'
  | 'resting'
  | 'other';

/** A time or a range of times in a text, in minutes. */
export interface TimeSpan {
  readonly purpose: Purpose;
  readonly minMinutes: number;
  readonly maxMinutes: number;
  /** Said in a word that leaves it open ("overnight"). */
  readonly isGuess: boolean;
  /** The words that say it. */
  readonly written: string;
}

const PURPOSES: Readonly<Partial<Record<Deed, Purpose>>> = {
  bake: 'baking',
  'bake-or-cook': 'baking',
  'turn-down': 'baking',
  rise: 'proving',
  chill: 'chilling',
  rest: 'resting',
  cool: 'resting',
  cook: 'cooking',
  fry: 'cooking',
  sugar: 'cooking',
  knead: 'mixing',
  cream: 'mixing',
  combine: 'mixing',
};

/** Labels of times that are about the whole recipe. */
const LABELS: readonly (readonly [Purpose, RegExp])[] = [
  [
    'preparing',
    /(?<!\p{L})(?:prep(?:aration)?|active|hands-on|vorbereitung(?:szeit)?|zubereitung(?:szeit)?|arbeitszeit|préparation)(?!\p{L})/giu,
  ],
  [
    'total',
    /(?<!\p{L})(?:total|ready in|gesamt(?:zeit)?|insgesamt|temps total|durée totale)(?!\p{L})/giu,
  ],
];

/** What a time of a clause is for: by its label, else by the deed nearest to it. */
export function purposeOf(clause: Clause, time: Duration): Purpose {
  const deed = deedAt(clause, time.start);
  const before = clause.text.slice(0, time.start - clause.start);
  let nearest = deed && deed.at <= time.start ? deed.at : -1;
  let purpose = (deed && PURPOSES[deed.deed]) ?? 'other';
  for (const [label, words] of LABELS) {
    for (const found of before.matchAll(words)) {
      if (clause.start + found.index < nearest) continue;
      nearest = clause.start + found.index;
      purpose = label;
    }
  }
  return purpose;
}

/**
 * The times in a text, in its order: "bake for 25 to 30 minutes", "1 hour 10 min", "30 Minuten gehen
 * lassen", "laissez lever 1 h 30". Each with what it is for, by the words around it.
 */
export const timesIn = (text: string): TimeSpan[] =>
  sentencesOf(text).flatMap((sentence) =>
    clausesOf(sentence).flatMap((clause) =>
      clause.times.map((time): TimeSpan => {
        const { minMinutes, maxMinutes, isGuess, start, end } = time;
        const written = sentence.slice(start, end);
        return { purpose: purposeOf(clause, time), minMinutes, maxMinutes, isGuess, written };
      }),
    ),
  );
