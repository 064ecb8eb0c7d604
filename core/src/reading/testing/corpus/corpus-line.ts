import { readText } from '../../../testing/usual.js';
import type { Line } from '../../line.js';

/** The fields of a line that reading can get right or wrong, one by one. */
export const FIELDS = [
  'kind',
  'amount',
  'unit',
  'ingredient',
  'form',
  'method',
  'heap',
  'stated',
  'notes',
] as const;
/** One of `FIELDS`. */
export type Field = (typeof FIELDS)[number];
export type Fields = Readonly<Record<Field, string>>;

/** A written line, and what is to be read from it. */
export interface CorpusLine {
  readonly written: string;
  readonly expected: Fields;
}

const BLANK: Fields = {
  kind: 'ingredient',
  amount: '-',
  unit: '-',
  ingredient: '-',
  form: '-',
  method: '-',
  heap: 'level',
  stated: '-',
  notes: '',
};

const grams = (value: number): string => value.toFixed(1);

/** What was read, in the words of the corpus. */
export function fieldsOf(line: Line): Fields {
  const { kind, amount, unit, ingredientId, form, authorMethod, heap, stated, notes } = line;
  if (kind !== 'ingredient') return { ...BLANK, kind };
  const ends = amount && [amount.min.toFraction(true), amount.max.toFraction(true)];
  return {
    kind,
    amount: ends ? [...new Set(ends)].join('..') : '-',
    unit: unit ?? '-',
    ingredient: ingredientId ?? '?',
    form: form ?? '-',
    method: authorMethod ?? '-',
    heap: heap ?? 'level',
    stated: stated ? grams(stated.grams) : '-',
    notes: notes
      .map(({ code }) => code)
      .sort()
      .join(' '),
  };
}

/** Reads a line as it would stand in the middle of a recipe, in US customary cups. */
export function readInRecipe(written: string): Line {
  return readText(`A title of no importance\n${written}`).lines[0]!;
}

const EXPECTATION =
  /^(?<amount>\S+(?: \d+\/\d+)?(?:\.\.\S+(?: \d+\/\d+)?)?) (?<unit>[a-z-]+) (?<ingredient>[a-z-]+|\?)(?: \((?<form>[^)]+\)?)\))?(?: (?<method>[a-z]+))?(?: \+(?<heap>[a-z]+))?(?: =(?<stated>[\d.]+) g)?(?:; (?<notes>.*))?$/;

/**
 * The lines of a corpus: `written => expected`, where what is expected is the kind of the line
 * or `amount unit ingredient (form) method +heap =grams g; notes`. A hyphen stands for no
 * amount or unit, a question mark for an ingredient that is not known.
 */
export function corpusLines(text: string): CorpusLine[] {
  return text
    .split('\n')
    .filter((row) => row.includes(' => '))
    .map((row) => {
      const at = row.lastIndexOf(' => ');
      const [written, expectation] = [row.slice(0, at), row.slice(at + 4)];
      const found = EXPECTATION.exec(expectation)?.groups;
      if (!found) return { written, expected: { ...BLANK, kind: expectation } };
      const given = Object.entries(found).filter(([, value]) => value !== undefined);
      const fields = { ...BLANK, ...(Object.fromEntries(given) as Partial<Fields>) };
      return { written, expected: { ...fields, notes: fields.notes.split(' ').sort().join(' ') } };
    });
}

/** The fields in which a line was read otherwise than expected. */
export function wrongFields({ written, expected }: CorpusLine): Field[] {
  const read = fieldsOf(readInRecipe(written));
  return FIELDS.filter((field) => read[field] !== expected[field]);
}
