import { VULGAR_FRACTIONS, readAmount } from '../../amount/index.js';

/** An oven setting that a text names, in degrees Celsius. */
export interface OvenSetting {
  readonly celsius: number;
  /** With the fan on, where the text says; otherwise null. */
  readonly fanCelsius: number | null;
  /** As a gas mark, where the text says; otherwise null. */
  readonly gasMark: number | null;
  readonly written: string;
}

/** An oven colder or hotter than this is something else: milk, sugar, a thermometer in meat. */
const COOLEST = 70;
const HOTTEST = 300;

const CELSIUS = /(\d{2,3}) ?(?:°|º|degrees?|deg\.?)? ?C(?:elsius)?\b/i;
const FAHRENHEIT = /(\d{3}) ?(?:°|º|degrees?|deg\.?)? ?F(?:ahrenheit)?\b/i;
const GAS = /\bgas(?: mark)? ?(\d{1,2}|[¼½]|1\/[24])(?![\d/])/i;
const FAN =
  /(\d{2,3}) ?(?:°|º|degrees?)? ?C? ?(?:\(?fan\b)|\bfan(?:[- ]assisted| oven| forced)?:? ?(?:at |to )?(\d{2,3}) ?(?:°|º)? ?C?\b/i;
/** An oven that is named without its unit: "a 180 oven", "preheat the oven to 350". */
const BARE = /\boven\b[^.;\d]{0,30}?(\d{3})(?! ?(?:g|ml|cm))\b|\b(\d{3})-?(?:degree)? oven\b/i;
/** From here on a bare number is Fahrenheit. */
const LEAST_BARE_FAHRENHEIT = 275;

/** An oven with its fan on bakes as if it were this much hotter, by the usual rule of thumb. */
export const FAN_OFFSET = 20;

/** Gas marks, in degrees Celsius: 25 °F to a mark from 275 °F at mark 1, rounded as cookers are. */
const GAS_CELSIUS: ReadonlyMap<number, number> = new Map([
  [0.25, 110],
  [0.5, 130],
  [1, 140],
  [2, 150],
  [3, 170],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
  [10, 260],
]);

/**
 * Degrees Celsius of so many degrees Fahrenheit, unrounded.
 *
 * @example
 * celsiusOf(350) // 176.67
 */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/**
 * The gas mark nearest to so many degrees Celsius; null where cookers have none so low or high.
 *
 * @example
 * gasMarkOf(180) // 4
 */
export function gasMarkOf(celsius: number): number | null {
  const marks = [...GAS_CELSIUS];
  const [first, last] = [marks[0]![1], marks.at(-1)![1]];
  if (celsius < first - GAS_STEP || celsius > last + GAS_STEP) return null;
  return marks.reduce((best, one) =>
    Math.abs(one[1] - celsius) < Math.abs(best[1] - celsius) ? one : best,
  )[0];
}

/** Degrees Celsius of a gas mark; null for one that no cooker has. */
export const celsiusOfGas = (mark: number): number | null => GAS_CELSIUS.get(mark) ?? null;

/** Half a step between gas marks, in degrees Celsius. */
const GAS_STEP = 10;

const isOven = (celsius: number): boolean => celsius >= COOLEST && celsius <= HOTTEST;

function gasMarkIn(text: string): number | null {
  const mark = GAS.exec(text)?.[1];
  return mark === undefined
    ? null
    : (readAmount(VULGAR_FRACTIONS[mark] ?? mark)?.amount.min.valueOf() ?? null);
}

/** Degrees that stand without a scale: American ovens begin where European ones end. */
function bareCelsius(text: string): number | null {
  const bare = BARE.exec(text);
  if (!bare) return null;
  const degrees = Number(bare[1] ?? bare[2]);
  return degrees >= LEAST_BARE_FAHRENHEIT ? celsiusOf(degrees) : degrees;
}

/** The setting without the fan: of several scales Celsius, then Fahrenheit, then the gas mark. */
function celsiusIn(text: string, gasMark: number | null): number | null {
  const celsius = CELSIUS.exec(text);
  if (celsius) return Number(celsius[1]);
  const fahrenheit = FAHRENHEIT.exec(text);
  if (fahrenheit) return celsiusOf(Number(fahrenheit[1]));
  return gasMark === null ? bareCelsius(text) : (GAS_CELSIUS.get(gasMark) ?? null);
}

/**
 * The oven setting in a text: "180 °C (160 °C fan), gas 4", "350 °F", "gas mark 6". Of several
 * scales Celsius is taken, then Fahrenheit, then the gas mark. Null where no oven is spoken of.
 */
export function ovenIn(text: string): OvenSetting | null {
  const fan = FAN.exec(text);
  const fanDegrees = fan && Number(fan[1] ?? fan[2]);
  const fanCelsius = fanDegrees !== null && isOven(fanDegrees) ? fanDegrees : null;
  const gasMark = gasMarkIn(text);
  const withoutFan = fan ? text.replace(fan[0], ' ') : text;
  const celsius =
    celsiusIn(withoutFan, gasMark) ?? (fanCelsius === null ? null : fanCelsius + FAN_OFFSET);
  const isSpokenOf =
    gasMark !== null || fan !== null || /\boven|\bbake|\bpreheat|\broast/i.test(text);
  if (celsius === null || !isOven(celsius) || !isSpokenOf) return null;
  return { celsius, fanCelsius, gasMark, written: text };
}
