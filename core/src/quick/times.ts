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
const SHARE_OF = new RegExp(`^(\\d+/[1-9]\\d*) of ${AMOUNT}`);
/** "3 x 125 g" */
const COUNT_OF = /^(\d{1,3}) ?(?:×|x|\*|times) ?(?=\d+(?:[.,]\d+)? ?[a-z]+(?: [a-z]|$))/i;
const BEFORE = new RegExp(`^(double|twice|triple) ${AMOUNT}`, 'i');
const BEHIND = /[, ]+(halved|doubled|tripled)$/i;
const DIVIDED =
  /[, ]*(?:÷|(?:split|divided?|shared?|cut)(?: (?:in|into|between|by))?) ?(\d+|half|halves|thirds|quarters)(?: ways)?$/i;
const SHARES: Readonly<Record<string, number>> = { half: 2, halves: 2, thirds: 3, quarters: 4 };
/** "scale 1/3 cup by 1.5" */
const SCALED = /^(?:scale|multiply) (.+) (?:by|times) (\d+(?:\.\d+|\/[1-9]\d*)?)$/i;
const FACTOR = /[, ]*(?:×|x|\*|times) ?(\d+(?:\.\d+|\/[1-9]\d*)?)(?: times)?$/i;

/** "half of 3/4 cup", "2 cups flour, doubled", "1/3 of 1 cup": what is asked, already multiplied. */
export function multiplied(text: string): string {
  const count = COUNT_OF.exec(text);
  if (count) return by(text.slice(count[0].length), new Fraction(count[1]!));
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
  const divided = DIVIDED.exec(text);
  const shares = divided ? (SHARES[divided[1]!.toLowerCase()] ?? Number(divided[1])) : 0;
  if (divided && shares > 0) return by(text.slice(0, divided.index), new Fraction(1, shares));
  const scaled = SCALED.exec(text);
  if (scaled) return by(scaled[1]!, new Fraction(scaled[2]!));
  const factor = FACTOR.exec(text);
  return factor ? by(text.slice(0, factor.index), new Fraction(factor[1]!)) : text;
}

/** "1 cup flour + 2 tbsp": more of it stands behind its name; null where nothing does. */
const MORE_BEHIND =
  /^(\S+(?: \d\/\d)? [a-z-]+\.?) (.+?) ?(?:\+|plus) ?((?:\d|[½¼¾⅓⅔⅛])\S*(?: \d\/\d)? [a-z-]+\.?)$/i;

/** Both amounts before the name, as a line is read. */
export function together(text: string): string {
  const [, first, name, more] = MORE_BEHIND.exec(text) ?? [];
  return first && name && more ? `${first} + ${more} ${name}` : text;
}

function by(text: string, times: Fraction): string {
  const found = readAmount(text);
  if (!found) return text;
  return `${midpoint(found.amount).mul(times).toFraction(true)}${text.slice(found.length)}`;
}
