import { midpoint, readAmount, Fraction } from '../amount/index.js';

const PARTS: Readonly<Record<string, Fraction>> = {
  half: new Fraction(1, 2),
  third: new Fraction(1, 3),
  quarter: new Fraction(1, 4),
};
const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3 };
const TIMES: Readonly<Record<string, Fraction>> = {
  double: new Fraction(2),
  twice: new Fraction(2),
  triple: new Fraction(3),
  doubled: new Fraction(2),
  tripled: new Fraction(3),
  halved: new Fraction(1, 2),
};

/** What is multiplied is an amount: "half and half" is none. */
const AMOUNT = '(?=.*(?:\\d|[½¼¾⅓⅔⅛]))';
const PART_OF = new RegExp(`^(?:(an?|one|two|three) )?(half|third|quarter)s? of ${AMOUNT}`, 'i');
const SHARE_OF = new RegExp(`^(\\d+/\\d+) of ${AMOUNT}`);
const BEFORE = new RegExp(`^(double|twice|triple) ${AMOUNT}`, 'i');
const BEHIND = /[, ]+(halved|doubled|tripled)$/i;
const FACTOR = /[, ]*(?:×|x|\*|times) ?(\d+(?:[./]\d+)?)(?: times)?$/i;

/** "half of 3/4 cup", "2 cups flour, doubled", "1/3 of 1 cup": what is asked, already multiplied. */
export function multiplied(text: string): string {
  const part = PART_OF.exec(text);
  if (part) {
    const times = PARTS[part[2]!.toLowerCase()]!.mul(COUNTS[(part[1] ?? '').toLowerCase()] ?? 1);
    return by(text.slice(part[0].length), times);
  }
  const share = SHARE_OF.exec(text);
  if (share) return by(text.slice(share[0].length), new Fraction(share[1]!));
  const before = BEFORE.exec(text);
  if (before) return by(text.slice(before[0].length), TIMES[before[1]!.toLowerCase()]!);
  const behind = BEHIND.exec(text);
  if (behind) return by(text.slice(0, behind.index), TIMES[behind[1]!.toLowerCase()]!);
  const factor = FACTOR.exec(text);
  return factor ? by(text.slice(0, factor.index), new Fraction(factor[1]!)) : text;
}

function by(text: string, times: Fraction): string {
  const found = readAmount(text);
  if (!found) return text;
  return `${midpoint(found.amount).mul(times).toFraction(true)}${text.slice(found.length)}`;
}
