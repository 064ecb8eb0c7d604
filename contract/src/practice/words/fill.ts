import type { FillCause, FillLook, FillReason } from '@ypsigram/core/practice';
import { fixed } from '../../wording/figures.js';
import { METHOD_NAMES } from '../../wording/names.js';

const grams = (value: number): string => `${fixed(value, Math.abs(value) < 10 ? 1 : 0)} g`;

/** What was done, and what to do about it. */
const REASONS: Readonly<Record<FillCause, readonly [what: string, instead: string]>> = {
  settled: ['It lay settled in the bin', 'Stir it up first.'],
  sifted: ['It was sifted before it was measured', 'Spoon it straight from the bin.'],
  'not-sifted': ['It was not sifted', 'Sift it onto paper first, then spoon it in.'],
  dipped: ['The cup was plunged in', 'Spoon it in lightly.'],
  'not-dipped': ['It was spooned in', 'Dip the cup into the bin instead.'],
  pressed: ['It was pressed', 'Leave it as it falls.'],
  tapped: ['It was tapped down', 'Keep the cup still.'],
  'too-loose': ['It lies too loose', 'Press it in firmly, a little at a time, and fill up again.'],
  heaped: ['A heap stands above the rim', 'Sweep it level.'],
  'blade-lifted': ['One end of the blade was lifted', 'Lay the blade flat on the rim.'],
  'not-full': ['It does not reach the rim', 'Heap it up before you sweep.'],
  'blade-dug-in': ['The blade dug in', 'Lay the blade flat on the rim.'],
  chance: ['No two fills are alike', ''],
};

/** One of the reasons of a fill, in two short sentences: what it made, and what to do. */
export function reasonMessage({ cause, grams: made }: FillReason): string {
  const [what, instead] = REASONS[cause];
  const much = `${grams(Math.abs(made))} ${made > 0 ? 'more' : 'less'}`;
  return `${what}: ${much}. ${instead}`.trim();
}

/** What a real fill looks like, in a sentence with what to do. */
export function lookMessage(look: FillLook): string {
  switch (look.code) {
    case 'as-asked':
      return 'Just as asked.';
    case 'like-method':
      return `That is what it weighs ${METHOD_NAMES[look.method]} (${grams(look.grams)}).`;
    case 'heaped':
      return 'It looks heaped or pressed. Fill it loosely, and sweep it level.';
    case 'not-full':
      return 'It looks not quite full. Heap it up, then sweep it level.';
    case 'ounces':
      return `Read as ounces it would be ${grams(look.grams)}. Set the scale to grams.`;
    case 'several-fills':
      return look.fills === 2
        ? 'That is two fills. Was the first one still on the scale?'
        : `That is ${look.fills} fills. Were the others still on the scale?`;
    case 'too-heavy':
      return 'No way of filling gives that much. Press tare with the empty cup or bowl on the scale.';
    case 'too-light':
      return 'Far too little for a full measure. Is it the right cup?';
  }
}
