import { VULGAR_FRACTIONS, readAmount } from '../../amount/index.js';
import { FAN_OFFSET, celsiusOf, celsiusOfGas } from '../../units/index.js';
import { ovensInWords, type OvenInWords } from './oven-words.js';

/** A temperature in a text, in degrees Celsius, wherever it belongs. */
export interface Heat {
  readonly celsius: number;
  /** With the fan on, where the text says; otherwise null. */
  readonly fanCelsius: number | null;
  /** As a gas mark, where the text says; otherwise null. */
  readonly gasMark: number | null;
  /** Character offsets into the text, end exclusive. */
  readonly start: number;
  readonly end: number;
  /** Said by a word ("a moderate oven"): a guess, and marked as one. */
  readonly isGuess?: true;
}

/** A French thermostat is 30 °C to a step. */
const CELSIUS_PER_THERMOSTAT = 30;
/** From here on a bare number is Fahrenheit. */
const LEAST_BARE_FAHRENHEIT = 275;

const DEGREES = String.raw`(?:°|º|˚|degrees?|deg\.?|grad|degrés?)`;
const FAN_WORD = String.raw`(?:fan(?:[- ](?:assisted|oven|forced|bake))?(?: oven)?|convection|umluft|heißluft|chaleur tournante)`;
const STATIC_WORD = String.raw`(?:ober-? ?(?:\/|und) ?-?unterhitze|ober-unterhitze|conventional|static|chaleur statique)`;

interface FoundHeat {
  readonly kind: 'celsius' | 'fahrenheit' | 'gas' | 'thermostat' | 'bare';
  readonly degrees: number;
  readonly isFan: boolean;
  readonly start: number;
  readonly end: number;
}

const scaled = (scale: string): RegExp =>
  new RegExp(
    String.raw`(?:(${FAN_WORD}):? ?(?:at |to |bei |à )?)?(?<![\d.,])(\d{2,3})(?: ?(?:-|to|bis|à) ?\d{2,3})? ?${scale}(?: ?\(?(${FAN_WORD}|${STATIC_WORD})(?!\p{L}|[ :]*(?:at |bei |à )?\d))?`,
    'giu',
  );
const CELSIUS = scaled(String.raw`${DEGREES}? ?c(?:elsius)?(?!\p{L})`);
const FAHRENHEIT = scaled(String.raw`${DEGREES}? ?f(?:ahrenheit)?(?!\p{L})`);
/** Degrees without a scale: "180 °", "200 Grad", "à 180 degrés". */
const OPEN = scaled(String.raw`${DEGREES}(?! ?[cf](?!\p{L}))`);
/** Said of an oven without any sign of degrees: "fan 160", "160 Umluft". */
const BARE_FAN = new RegExp(
  String.raw`(?<!\p{L})${FAN_WORD}:? ?(?:at |to |bei |à )?(\d{3})(?!\d| ?${DEGREES}| ?[cf](?!\p{L}))|(?<![\d.,])(\d{3}) ${FAN_WORD}(?!\p{L})`,
  'giu',
);
const GAS = /(?<!\p{L})gas(?: ?mark)? ?(\d{1,2}|[¼½]|1\/[24])(?![\d/])/giu;
const THERMOSTAT = /(?<!\p{L})(?:th\.?|thermostat) ?(\d{1,2})(?:[-/]\d)?(?![\d/])/giu;
/** A bare number that an oven is set to: "at 230", "to 190", "a 350 oven", "auf 200". */
const BARE =
  /(?:(?<!\p{L})(?:at|to|auf|bei|à)|@) (\d{3})(?! ?(?:g|ml|cm|kg|min\w*|hours?|stunden|heures?|°|º|[cf]\b|degrees?|grad|degrés?|calories|kcal|[.,]\d)|\d)(?=$|[\s,.;:)])|(?<![\d.,])(\d{3})-?(?:degree)?(?= oven)/giu;

function foundBy(pattern: RegExp, kind: FoundHeat['kind'], text: string): FoundHeat[] {
  return [...text.matchAll(pattern)].map((match): FoundHeat => {
    const span = { start: match.index, end: match.index + match[0].length };
    const fan = new RegExp(FAN_WORD, 'iu');
    return { kind, degrees: Number(match[2]), isFan: fan.test(match[0]), ...span };
  });
}

/** Every figure of heat in a text, in whatever scale, in its order; none counted twice. */
function figuresIn(text: string): FoundHeat[] {
  const gas = [...text.matchAll(GAS)].flatMap((match): FoundHeat[] => {
    const mark = readAmount(VULGAR_FRACTIONS[match[1]!] ?? match[1]!)?.amount.min.valueOf();
    const span = { start: match.index, end: match.index + match[0].length, isFan: false };
    return mark === undefined ? [] : [{ kind: 'gas', degrees: mark, ...span }];
  });
  const thermostat = [...text.matchAll(THERMOSTAT)].map((match): FoundHeat => {
    const span = { start: match.index, end: match.index + match[0].length, isFan: false };
    return { kind: 'thermostat', degrees: Number(match[1]), ...span };
  });
  const bare = [BARE, BARE_FAN].flatMap((pattern) =>
    [...text.matchAll(pattern)].map((match): FoundHeat => {
      const span = { start: match.index, end: match.index + match[0].length };
      const degrees = Number(match[1] ?? match[2]);
      return { kind: 'bare', degrees, isFan: pattern === BARE_FAN, ...span };
    }),
  );
  const all = [
    ...foundBy(CELSIUS, 'celsius', text),
    ...foundBy(FAHRENHEIT, 'fahrenheit', text),
    ...foundBy(OPEN, 'bare', text),
    ...gas,
    ...thermostat,
    ...bare,
  ].sort((a, b) => a.start - b.start || b.end - a.end);
  return all.filter((one, at) => !all.slice(0, at).some(({ end }) => one.start < end));
}

/** How far apart in the text two scales of one setting stand at most: "350 °F (175 °C)". */
const BESIDE =
  /^[\s()/,;|:·-]*(?:(?:or|and|bzw\.?|oder|ou|soit|conventional|ofen|four|static|electric|o\/u)[\s()/,;|:-]*)*$/i;

const inCelsius = ({ kind, degrees }: FoundHeat): number | null => {
  switch (kind) {
    case 'celsius':
      return degrees;
    case 'fahrenheit':
      return celsiusOf(degrees);
    case 'gas':
      return celsiusOfGas(degrees);
    case 'thermostat':
      return degrees * CELSIUS_PER_THERMOSTAT;
    case 'bare':
      return degrees >= LEAST_BARE_FAHRENHEIT ? celsiusOf(degrees) : degrees;
  }
};

const RANKS: readonly FoundHeat['kind'][] = ['celsius', 'fahrenheit', 'gas', 'thermostat', 'bare'];

/** One setting in several scales: Celsius is taken, then Fahrenheit, then marks. */
function settingOf(group: readonly FoundHeat[]): Heat | null {
  const still = group.filter(({ isFan }) => !isFan);
  const fan = group.find(({ isFan }) => isFan);
  const best = RANKS.flatMap((kind) => still.filter((one) => one.kind === kind))[0];
  const fanCelsius = fan ? inCelsius(fan) : null;
  const celsius = best ? inCelsius(best) : fanCelsius === null ? null : fanCelsius + FAN_OFFSET;
  if (celsius === null) return null;
  return {
    celsius,
    fanCelsius,
    gasMark: group.find(({ kind }) => kind === 'gas')?.degrees ?? null,
    start: group[0]!.start,
    end: group.at(-1)!.end,
  };
}

/**
 * The temperatures in a text, in its order: "350 °F (175 °C)", "180C/160C fan/gas 4", "200 °C
 * Ober-/Unterhitze", "th. 6". Several scales of one setting are one.
 * "A moderate oven" is a heat too, a guess, where no figure stands beside it.
 */
export function heatsIn(text: string): Heat[] {
  const groups: FoundHeat[][] = [];
  for (const one of figuresIn(text)) {
    const last = groups.at(-1);
    const between = last ? text.slice(last.at(-1)!.end, one.start) : '';
    const isSame =
      last !== undefined &&
      BESIDE.test(between) &&
      !last.some(({ kind, isFan }) => kind === one.kind && isFan === one.isFan);
    if (isSame) last.push(one);
    else groups.push([one]);
  }
  const settings = groups.flatMap((group) => settingOf(group) ?? []);
  return [...settings, ...inWords(text, settings)].sort((a, b) => a.start - b.start);
}

/** So near to a word for the oven a figure says it closer: "a hot oven (425 °F)", "a hot oven, 220". */
const NEAR_CHARACTERS = 16;

function inWords(text: string, settings: readonly Heat[]): Heat[] {
  const isTold = ({ start, end }: OvenInWords): boolean =>
    settings.some((one) => one.start < end + NEAR_CHARACTERS && start < one.end + NEAR_CHARACTERS);
  return ovensInWords(text).flatMap((named) =>
    isTold(named) ? [] : [{ ...named, fanCelsius: null, gasMark: null, isGuess: true as const }],
  );
}
