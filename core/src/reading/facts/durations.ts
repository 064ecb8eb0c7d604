import { NUMBER_WORDS, TENS_WORDS } from '../../amount/index.js';

/*
 * How long something takes, in the languages that are read. A duration is found by its unit; what
 * stands before it is one amount or two ends of a range.
 */

/** A stretch of time in a text. */
export interface Duration {
  readonly minMinutes: number;
  readonly maxMinutes: number;
  /** Character offsets into the text, end exclusive. */
  readonly start: number;
  readonly end: number;
  /** Said in a word that leaves it open ("overnight"): a guess, and marked as one. */
  readonly isGuess: boolean;
}

const WORDS: Readonly<Record<string, number>> = {
  ...NUMBER_WORDS,
  ...TENS_WORDS,
  'thirty-five': 35,
  'forty-five': 45,
  a: 1,
  an: 1,
  half: 0.5,
  'half a': 0.5,
  'half an': 0.5,
  'a half': 0.5,
  'quarter of an': 0.25,
  'a quarter of an': 0.25,
  'three quarters of an': 0.75,
  'three-quarters of an': 0.75,
  'one and a half': 1.5,
  'two and a half': 2.5,
  'a couple of': 2,
  ein: 1,
  eine: 1,
  einer: 1,
  einem: 1,
  einen: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  fünf: 5,
  sechs: 6,
  sieben: 7,
  acht: 8,
  neun: 9,
  zehn: 10,
  zwölf: 12,
  fünfzehn: 15,
  zwanzig: 20,
  dreißig: 30,
  vierzig: 40,
  fünfundvierzig: 45,
  sechzig: 60,
  'eine halbe': 0.5,
  'einer halben': 0.5,
  halbe: 0.5,
  'eine dreiviertel': 0.75,
  dreiviertel: 0.75,
  anderthalb: 1.5,
  eineinhalb: 1.5,
  zweieinhalb: 2.5,
  un: 1,
  une: 1,
  deux: 2,
  trois: 3,
  quatre: 4,
  cinq: 5,
  sept: 7,
  huit: 8,
  neuf: 9,
  dix: 10,
  douze: 12,
  quinze: 15,
  vingt: 20,
  trente: 30,
  quarante: 40,
  'quarante-cinq': 45,
  soixante: 60,
};

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

const WORD = Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?: ?[½¼¾⅓⅔]| \d\/\d| and a half| et demie?)?|[½¼¾⅓⅔]|\d\/\d|(?<!\p{L})(?:${WORD})(?!\p{L}))`;
const RANGE = String.raw`(?: ?(?:-|to|or|bis|oder|à|a|ou) ?(?:(?:about|etwa|environ) )?)`;
const MORE = String.raw`(?:(?:full|good|more|further|additional|extra|weitere[nr]?|gute|autres?|bonnes?) )?`;
/** Units, in minutes; the longer spelling first. */
const UNITS: readonly (readonly [string, number])[] = [
  [String.raw`viertelstunden?`, 15],
  [String.raw`demi-?\s?heures?`, 30],
  [String.raw`quarts? d['’]heure`, 15],
  [String.raw`(?:seconds?|secs?|sekunden?|sek\.?|secondes?)`, 1 / 60],
  [String.raw`(?:minutes?|minuten?|mins?\.?|mn|['′](?=\s|$))`, 1],
  [String.raw`(?:hours?|hrs?\.?|stunden?|std\.?|heures?|h)`, 60],
  [String.raw`(?:days?|tagen?|tage?|jours?)`, 1440],
];
const UNIT = UNITS.map(([pattern]) => pattern).join('|');
/** What an hour is followed by: "1 h 30", "1 hour 10 min", "une heure et demie". */
const REST = String.raw`(?: ?(?:and |und |et )?(?:(\d{1,2})(?: ?(?:minutes?|minuten?|mins?\.?|mn))?(?!\d|[.,]\d| ?(?:-|to|à|bis|°|º|c\b|f\b|g\b|ml\b|cm\b|grad|degr|h\b|st|hour|times|mal|fois))|(a half|eine halbe|demie?|(?:a|one) quarter|quart|three quarters|trois quarts)))?`;
const DURATION = new RegExp(
  String.raw`(?<![\p{L}\d./,])(${NUMBER})(?:${RANGE}(${NUMBER}))?[ -]?${MORE}(${UNIT})(?!\p{L})${REST}`,
  'giu',
);
const OVERNIGHT = /(?<!\p{L})(?:overnight|über nacht|toute (?:la|une) nuit|une nuit)(?!\p{L})/giu;
/** A night is eight to twelve hours: a guess. */
const NIGHT = { min: 480, max: 720 } as const;

const QUARTERS: Readonly<Record<string, number>> = {
  'a half': 0.5,
  'eine halbe': 0.5,
  demi: 0.5,
  demie: 0.5,
  'a quarter': 0.25,
  'one quarter': 0.25,
  quart: 0.25,
  'three quarters': 0.75,
  'trois quarts': 0.75,
};

/** "1 1/2", "1½", "1,5", "anderthalb" as a number; NaN for what is none. */
function amount(written: string): number {
  const text = written.trim().toLowerCase();
  if (WORDS[text] !== undefined) return WORDS[text];
  if (FRACTIONS[text] !== undefined) return FRACTIONS[text];
  const [, whole = '', vulgar, top, bottom, half] =
    /^(\d+(?:[.,]\d+)?)?(?: ?([½¼¾⅓⅔])| ?(\d)\/(\d)|( and a half| et demie?))?$/.exec(text) ?? [];
  const base = whole === '' ? 0 : Number(whole.replace(',', '.'));
  if (vulgar) return base + FRACTIONS[vulgar]!;
  if (half) return base + 0.5;
  if (top !== undefined && bottom !== undefined) {
    // "1/2" is matched as a whole of its own where no other digit stands before it.
    return Number(bottom) === 0 ? NaN : base + Number(top) / Number(bottom);
  }
  return whole === '' ? NaN : base;
}

const isUnit = (pattern: string, unit: string): boolean =>
  new RegExp(`^(?:${pattern})$`, 'iu').test(unit);

const minutesPer = (unit: string): number =>
  UNITS.find(([pattern]) => isUnit(pattern, unit))?.[1] ?? NaN;

/** Said of how often, or of an age, and no stretch of the work. */
const NOT_SO_LONG = /\b(?:every|each|alle|jede|toutes les|chaque|serves|ab)\s*$/i;

/**
 * The stretches of time in a text, in its order: "25 to 30 minutes", "1 h 30", "une heure et demie",
 * "45 Minuten bis 1 Stunde". "Overnight" is eight to twelve hours, and marked as a guess.
 */
export function durationsIn(text: string): Duration[] {
  const found: Duration[] = [];
  for (const match of text.matchAll(DURATION)) {
    const [written, first, second, unit, more, quarter] = match;
    const per = minutesPer(unit!);
    const isHour = per === 60;
    const extra = !isHour ? 0 : quarter ? 60 * QUARTERS[quarter.toLowerCase()]! : Number(more ?? 0);
    // "1 h 30" and no more: after minutes a bare number is something else.
    const end = match.index + (isHour ? written : withoutRest(written, more, quarter)).length;
    const low = amount(first!) * per + extra;
    const high = second === undefined ? low : amount(second) * per + extra;
    if (!(low > 0) || !(high > 0) || NOT_SO_LONG.test(text.slice(0, match.index))) continue;
    const ends = [Math.min(low, high), Math.max(low, high)] as const;
    const span = { minMinutes: ends[0], maxMinutes: ends[1], start: match.index, end };
    found.push({ ...span, isGuess: false });
  }
  for (const match of text.matchAll(OVERNIGHT)) {
    const span = { start: match.index, end: match.index + match[0].length };
    found.push({ minMinutes: NIGHT.min, maxMinutes: NIGHT.max, ...span, isGuess: true });
  }
  return joined(
    found.sort((a, b) => a.start - b.start),
    text,
  );
}

function withoutRest(
  written: string,
  more: string | undefined,
  quarter: string | undefined,
): string {
  const rest = more ?? quarter;
  return rest === undefined ? written : written.slice(0, written.lastIndexOf(rest)).trimEnd();
}

/** Between the two ends of a range: "45 minutes to 1 hour", "2 Stunden, am besten über Nacht". */
const BETWEEN_ENDS =
  /^,?\s*(?:-|to|or|or up to|(?:or )?(?:better|preferably|ideally)(?: still)?|bis|bis zu|oder|(?:oder |noch )?(?:am besten|besser|idealerweise)|à|ou|(?:ou )?(?:idéalement|mieux|de préférence)),?\s*$/i;

/** "45 minutes to 1 hour" is one range of two units. */
function joined(all: readonly Duration[], text: string): Duration[] {
  const out: Duration[] = [];
  for (const next of all) {
    const last = out.at(-1);
    const between = last ? text.slice(last.end, next.start) : '';
    if (last && BETWEEN_ENDS.test(between)) {
      out[out.length - 1] = {
        minMinutes: Math.min(last.minMinutes, next.minMinutes),
        maxMinutes: Math.max(last.maxMinutes, next.maxMinutes),
        start: last.start,
        end: next.end,
        isGuess: last.isGuess || next.isGuess,
      };
    } else out.push(next);
  }
  return out;
}
