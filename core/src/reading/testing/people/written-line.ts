import { intendedMass } from '../../../conversion/index.js';
import { BUILT_IN_SHELF } from '../../../shelf/index.js';
import { readText } from '../../../testing/usual.js';
import type { Standard } from '../../../units/index.js';
import type { Line } from '../../line.js';
import { fieldsOf } from '../corpus/corpus-line.js';

/** A line as somebody wrote it, and what anybody would take it to say. */
export interface WrittenLine {
  readonly written: string;
  readonly standard: Standard;
  /** `step`, `heading`, or what is measured. */
  readonly kind: string;
  readonly amount: string;
  readonly unit: string;
  /** A question mark where the shelf has none. */
  readonly ingredient: string;
  /** Null where the words leave it open, or nobody would go by it. */
  readonly method: string | null;
  readonly statedGrams: number | null;
  /** Further ingredients of the same line. */
  readonly also: readonly WrittenLine[];
}

/** Right, or no figure where there is one, or another figure than what is written. */
export type ReadingOutcome = 'right' | 'missing' | 'wrong';

const SAYS =
  /^(?<amount>\S+(?: \d+\/\d+)?(?:\.\.\S+(?: \d+\/\d+)?)?) (?<unit>[a-z-]+) (?<ingredient>[a-z0-9-]+|\?)(?: (?<method>[a-z]+))?(?: =(?<stated>[\d.]+))?$/;
/** Around the line stand others of the same language, as they would in a recipe. */
const GERMAN = '300 g Weizenmehl\n2 EL Zucker\n3 Eier, verquirlt';
const FRENCH = '300 g de farine\n2 cuillères à soupe de sucre\n3 œufs battus';

/** Between what the ingredients of one line are. */
const AND_ALSO = ' && ';

/** The lines of a text: `written => amount unit ingredient method =grams`, for each ingredient. */
export function readingsOf(text: string, standard: Standard): WrittenLine[] {
  return text
    .split('\n')
    .filter((row) => row.includes(' => '))
    .map((row) => {
      const at = row.lastIndexOf(' => ');
      const written = row.slice(0, at);
      const [first, ...also] = row
        .slice(at + 4)
        .split(AND_ALSO)
        .map((says) => saidOf(written, says, standard));
      return { ...first!, also };
    });
}

function saidOf(written: string, says: string, standard: Standard): WrittenLine {
  const found = SAYS.exec(says)?.groups;
  const blank = { written, standard, amount: '-', unit: '-', ingredient: '?', also: [] };
  if (!found) return { ...blank, kind: says, method: null, statedGrams: null };
  return {
    ...blank,
    kind: 'ingredient',
    amount: found['amount']!,
    unit: found['unit']!,
    ingredient: found['ingredient']!,
    method: found['method'] ?? null,
    statedGrams: found['stated'] === undefined ? null : Number(found['stated']),
  };
}

/** The ingredients of the line, as it is read among others. */
export function readAsWritten({ written, standard }: WrittenLine, group: string): readonly Line[] {
  const among = group === 'German' ? GERMAN : group === 'French' ? FRENCH : '2 cups flour';
  const { lines } = readText(`A title of no importance\n${among}\n${written}`, standard);
  return lines.slice(among.split('\n').length);
}

const gramsOf = (line: Line, standard: Standard): number | null =>
  intendedMass(line, standard, BUILT_IN_SHELF)?.grams ?? null;

/**
 * What became of a line: the worst of its ingredients. One that is not there is missing, a weight of
 * one that nobody wrote is wrong.
 */
export function outcomeOf(lines: readonly Line[], expected: WrittenLine): ReadingOutcome {
  const all = [expected, ...expected.also];
  const each = all.map((one, at) => (lines[at] ? partOutcome(lines[at], one) : 'missing'));
  const isTooMuch = lines
    .slice(all.length)
    .some((line) => gramsOf(line, expected.standard) !== null);
  if (isTooMuch || each.includes('wrong')) return 'wrong';
  return each.includes('missing') ? 'missing' : 'right';
}

/** A wrong figure is worse than none; what asks instead of guessing is missing. */
function partOutcome(line: Line, expected: WrittenLine): ReadingOutcome {
  const read = fieldsOf(line);
  const { kind, amount, unit, ingredient, method, statedGrams, standard } = expected;
  const isSame =
    read.kind === kind &&
    (kind !== 'ingredient' ||
      (read.amount === amount &&
        read.unit === unit &&
        read.ingredient === ingredient &&
        (method === null || read.method === method) &&
        (statedGrams === null || Math.abs(Number(read.stated) - statedGrams) < 0.06)));
  if (isSame && !read.notes.includes('implausible')) return 'right';
  if (isSame) return 'missing';
  // The right weight of something that nobody knows is only half of what is written.
  const isUnknown =
    read.ingredient === '?' &&
    (statedGrams === null || Math.abs(Number(read.stated) - statedGrams) < 0.06);
  if (isUnknown || line.kind !== 'ingredient') return 'missing';
  return gramsOf(line, standard) === null ? 'missing' : 'wrong';
}
