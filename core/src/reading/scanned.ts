import type { CleanLine } from './clean.js';
import { UNIT_WORDS } from './vocabulary/index.js';

/** The line with what a pattern finds replaced; what is new comes from where the old stood. */
export function replace(
  { text, origin }: CleanLine,
  pattern: RegExp,
  by: (found: RegExpMatchArray) => string,
): CleanLine {
  let replaced = '';
  const from: number[] = [];
  let done = 0;
  const copy = (until: number): void => {
    for (; done < until; done++) {
      replaced += text[done]!;
      from.push(origin[done]!);
    }
  };
  for (const found of text.matchAll(pattern)) {
    copy(found.index);
    const end = found.index + found[0].length;
    const piece = by(found);
    for (let at = 0; at < piece.length; at++) {
      replaced += piece[at]!;
      // The last letter of what is new stands for the last of the old.
      const isLast = at === piece.length - 1;
      from.push(origin[isLast ? end - 1 : Math.min(found.index + at, end - 1)]!);
    }
    done = end;
  }
  copy(text.length);
  return { text: replaced, origin: from };
}

/** Letters and digits that scanners take for each other, where only one of them can stand. */
const SLIPS: readonly (readonly [pattern: RegExp, by: (found: RegExpMatchArray) => string])[] = [
  // "l/2", "1 I/2", "1l/2": a one above a fraction bar.
  [/(^|[ \d])[lI|](?=\/\d)/g, ([, before]) => (/\d/.test(before!) ? `${before} 1` : `${before}1`)],
  // "1/z": a two below it.
  [/\b1\/[zZ]\b/g, () => '1/2'],
  // "1O oz", "2O0 g": a zero among digits.
  [/\d[\dOo]*[Oo](?=[\dOo]* |[\dOo]*\d)[\dOo]*/g, ([digits]) => digits.replace(/[Oo]/g, '0')],
  // "tab1espoons", "fIour", "teaspo0n": inside a word there are only letters.
  [/[a-z][1I0][a-z]/g, ([three]) => three.replace(/[1I]/, 'l').replace('0', 'o')],
  // "3 x eggs": so many of them.
  [/^(\d+) ?[x×](?= [a-z])/gi, ([, count]) => count!],
  // "11/2 cups": nobody writes eleven halves; the blank was lost.
  [
    /^([1-9])(1\/[2348]|2\/3|3\/[48]|5\/8|7\/8)(?= [a-z])/gi,
    ([, whole, part]) => `${whole} ${part}`,
  ],
];

const LONE_ONE = /^[lI|](?=[ \d]? ?(?:\d\/\d\b|([A-Za-z]+)\b))/;
/** What is counted without a unit, and begins a line behind its one. */
const COUNTED = /^eggs?$/i;
const HAS_SLIP =
  /^\d+ ?[x×] [a-z]|^[lI|]|[lI|]\/\d|\/[zZ]\b|\d[Oo]|[a-z][1I0][a-z]|^[1-9][1-7]\/\d/;

/**
 * A line without the slips of a scanner that leave no doubt: "l cup" is one cup, "f1our" is flour.
 * The same line where there are none.
 */
export function withoutSlips(line: CleanLine): CleanLine {
  if (!HAS_SLIP.test(line.text)) return line;
  let mended = line;
  for (const [pattern, by] of SLIPS) {
    if (mended.text.search(pattern) >= 0) mended = replace(mended, pattern, by);
  }
  const one = LONE_ONE.exec(mended.text);
  const word = one?.[1];
  const isOne = one && (word === undefined || UNIT_WORDS[word.toLowerCase()] || COUNTED.test(word));
  return isOne ? replace(mended, /^[lI|] ?/g, () => '1 ') : mended;
}

/** What a scanner makes of letters, and what was there, the likeliest first. */
const MISREAD: readonly (readonly [pattern: RegExp, by: string])[] = [
  [/rn/g, 'm'],
  [/m/g, 'in'],
  [/(?<=[a-z])-(?=[a-z])/g, ''],
  [/c(?=[a-z])/g, 'e'],
  [/vv/g, 'w'],
  [/ii/g, 'n'],
  [/(?<=^\d{1,4}(?:g|ml|oz|kg))(?=[a-z]{3})/g, ' '],
];

/** Shortened words, as on a card that was small. */
const SHORTENED: Readonly<Record<string, string>> = {
  purp: 'purpose',
  bkg: 'baking',
  bak: 'baking',
  pdr: 'powder',
  pwdr: 'powder',
  powd: 'powder',
  conf: 'confectioners',
  gran: 'granulated',
  wh: 'white',
  b: 'brown',
  brn: 'brown',
  van: 'vanilla',
  cinn: 'cinnamon',
  cin: 'cinnamon',
  evap: 'evaporated',
  cond: 'condensed',
  choc: 'chocolate',
  marg: 'margarine',
  pkd: 'packed',
  unsw: 'unsweetened',
  butterm: 'buttermilk',
  buttrmlk: 'buttermilk',
  flr: 'flour',
  sug: 'sugar',
  short: 'shortening',
  nutm: 'nutmeg',
};
const SHORT_WORD = new RegExp(`\\b(?:${Object.keys(SHORTENED).join('|')})\\b\\.?`, 'gi');

/**
 * The ways in which a line whose ingredient nobody knows may have been meant: its letters misread
 * by a scanner, or its words shortened. Each is worth reading only where it names something.
 */
export function* otherSpellings(line: CleanLine): Generator<CleanLine> {
  const long = replace(
    line,
    SHORT_WORD,
    ([word]) => SHORTENED[word.replace('.', '').toLowerCase()]!,
  );
  if (long.text !== line.text) yield long;
  for (const [pattern, by] of MISREAD) {
    if (line.text.search(pattern) >= 0) yield replace(line, pattern, () => by);
  }
}
