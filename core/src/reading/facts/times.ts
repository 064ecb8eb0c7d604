/** What a stretch of time is for. */
export type Purpose =
  'preparing' | 'baking' | 'cooking' | 'total' | 'proving' | 'chilling' | 'resting' | 'other';

/** A time or a range of times in a text, in minutes. */
export interface TimeSpan {
  readonly purpose: Purpose;
  readonly minMinutes: number;
  readonly maxMinutes: number;
  /** The words that say it. */
  readonly written: string;
}

const PER: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60, d: 1440 };
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?: ?\d\/\d)?|\d\/\d|an?|one|two|three|four|half an?|overnight)`;
const UNIT = String.raw`(seconds?|secs?|minutes?|mins?|min\.|hours?|hrs?|hr\.|h|days?)\b`;
const TIME = new RegExp(
  String.raw`(${NUMBER})(?: ?(?:-|to|or) ?(${NUMBER}))? ?-?${UNIT}(?: (?:and )?(a half|(?:\d+) ?(?:minutes?|mins?)))?`,
  'gi',
);

/** Words before a time that say what it is for; the nearest one counts. */
const PURPOSES: readonly (readonly [RegExp, Purpose])[] = [
  [/\b(?:prep(?:aration)?|active)\b/gi, 'preparing'],
  [/\btotal\b/gi, 'total'],
  [/\b(?:bak(?:e|ed|ing))\b/gi, 'baking'],
  [/\b(?:cook(?:ing)?|simmer|boil|fry)\b/gi, 'cooking'],
  [/\b(?:prov(?:e|ing)|proof|ris(?:e|ing)|double|ferment)/gi, 'proving'],
  [/\b(?:chill(?:ing)?|refrigerate|fridge|freeze)\b/gi, 'chilling'],
  [/\b(?:rest(?:ing)?|cool(?:ing)?|stand|soak)\b/gi, 'resting'],
];

const WORDS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4 };

function amount(written: string): number {
  const word = written.toLowerCase();
  if (WORDS[word] !== undefined) return WORDS[word];
  if (word.startsWith('half')) return 0.5;
  const [whole, part] = word.includes('/') && word.includes(' ') ? word.split(' ') : [null, word];
  const [top, bottom] = part!.replace(',', '.').split('/').map(Number);
  return Number(whole ?? 0) + (bottom === undefined ? top! : bottom === 0 ? 0 : top! / bottom);
}

function purposeOf(before: string): Purpose {
  let nearest = -1;
  let purpose: Purpose = 'other';
  for (const [pattern, candidate] of PURPOSES) {
    for (const found of before.matchAll(pattern)) {
      if (found.index < nearest) continue;
      nearest = found.index;
      purpose = candidate;
    }
  }
  return purpose;
}

/**
 * The times in a text, in its order: "bake for 25 to 30 minutes", "1 hour 10 min", "rest half an
 * hour". Each with what it is for, by the nearest word before it.
 */
export function timesIn(text: string): TimeSpan[] {
  const times: TimeSpan[] = [];
  let from = 0;
  for (const found of text.matchAll(TIME)) {
    const [written, first, second, unit, rest] = found;
    const per = PER[unit!.toLowerCase()[0]!]!;
    const more = !rest ? 0 : /half/i.test(rest) ? per / 2 : parseInt(rest, 10);
    const low = amount(first!) * per + more;
    const high = second ? amount(second) * per + more : low;
    const purpose = purposeOf(text.slice(from, found.index));
    from = found.index + written.length;
    if (!(low > 0) || !Number.isFinite(high)) continue;
    const ends = [Math.min(low, high), Math.max(low, high)] as const;
    times.push({ purpose, minMinutes: ends[0], maxMinutes: ends[1], written });
  }
  return times;
}
