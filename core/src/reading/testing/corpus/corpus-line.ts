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

/** A written line, and what is to be read from it: one for each of its ingredients. */
export interface CorpusLine {
  readonly written: string;
  readonly expected: readonly Fields[];
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

/** Reads a line as it would stand in the middle of a recipe, in US customary cups: its parts. */
export function readInRecipe(written: string): readonly Line[] {
  return readText(`A title of no importance\n${written}`).lines;
}

const EXPECTATION =
  /^(?<amount>\S+(?: \d+\/\d+)?(?:\.\.\S+(?: \d+\/\d+)?)?) (?<unit>[a-z-]+) (?<ingredient>[a-z-]+|\?)(?: \((?<form>[^)]+\)?)\))?(?: (?<method>[a-z]+))?(?: \+(?<heap>[a-z]+))?(?: =(?<stated>[\d.]+) g)?(?:; (?<notes>.*))?$/;

/** Between what is expected of the ingredients of one line. */
const AND_ALSO = ' && ';

function expectedOf(expectation: string): Fields {
  const found = EXPECTATION.exec(expectation)?.groups;
  if (!found) return { ...BLANK, kind: expectation };
  const given = Object.entries(found).filter(([, value]) => value !== undefined);
  const fields = { ...BLANK, ...(Object.fromEntries(given) as Partial<Fields>) };
  return { ...fields, notes: fields.notes.split(' ').sort().join(' ') };
}

/**
 * The lines of a corpus: `written => expected`, where what is expected is the kind of the line
 * or `amount unit ingredient (form) method +heap =grams g; notes`. A hyphen stands for no
 * amount or unit, a question mark for an ingredient that is not known. What is expected of a further
 * ingredient of the line stands behind `&&`.
 */
export function corpusLines(text: string): CorpusLine[] {
  return text
    .split('\n')
    .filter((row) => row.includes(' => '))
    .map((row) => {
      const at = row.lastIndexOf(' => ');
      const expected = row
        .slice(at + 4)
        .split(AND_ALSO)
        .map(expectedOf);
      return { written: row.slice(0, at), expected };
    });
}

/** The fields in which a line was read otherwise than expected; all, of ingredients it has not or has too many. */
export function wrongFields({ written, expected }: CorpusLine): Field[] {
  const read = readInRecipe(written).map(fieldsOf);
  if (read.length !== expected.length) return [...FIELDS];
  return FIELDS.filter((field) => read.some((one, at) => one[field] !== expected[at]![field]));
}
