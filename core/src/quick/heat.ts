import { heatsIn } from '../reading/facts/index.js';
import { celsiusOf, celsiusOfGas, FAN_OFFSET, gasMarkOf } from '../units/index.js';

/** An oven's heat on every scale. Degrees are unrounded. */
export interface HeatAnswer {
  readonly kind: 'heat';
  readonly celsius: number;
  readonly fahrenheit: number;
  /** The nearest mark; null where cookers have none so low or high. */
  readonly gasMark: number | null;
  /** What to set with the fan on, by the usual rule of thumb: 20 °C less. */
  readonly fanCelsius: number;
}

const DEGREES =
  /^(-?\d{1,3}(?:[.,]\d)?) ?(?:°|º|deg(?:rees?|\.)?)? ?(c|f|cel[sc]ius|fahrenheit|farenheit)\b\.?(?: ?(fan|convection))?$/i;
/** "350 degrees": nobody bakes at 350 °C, nor at 180 °F. */
const SCALE_LEFT_OUT = /^(\d{2,3}) ?(?:°|º|deg(?:rees?|\.)?)$/i;
/** "fan 160", "160 fan", "fan oven 160 C": an oven that blows. */
const BLOWN = /^(?:fan(?: oven)? (\d{2,3})|(\d{2,3}) ?(?:fan|convection))(?: ?°? ?(c|f))?$/i;
/** No oven is that hot in degrees Celsius. */
const HOTTEST_CELSIUS = 270;
/** No oven is set lower in degrees Fahrenheit. */
const COLDEST_FAHRENHEIT = 170;
const GAS = /^gas(?: mark)? ?(\d{1,2}|1\/[24]|[¼½])$/i;
const PARTS: Readonly<Record<string, number>> = { '1/4': 0.25, '¼': 0.25, '1/2': 0.5, '½': 0.5 };

/** Colder is no kitchen, hotter no oven. */
const COLDEST = -40;
const HOTTEST = 500;

/** "F", "celsius", "gas mark": a scale of heat without a figure on it. */
export const isHeatScale = (text: string): boolean =>
  /^(?:°? ?[cf]|cel[sc]ius|fahrenheit|farenheit|centigrade|gas(?: mark)?)$/i.test(text.trim());

/** "220c gas mark", "gas mark 4 fan": in which it is wanted. The answer has every scale anyway. */
const WANTED =
  /(?: (?:in|to)| =)? (?:gas(?: mark)?|fan|°? ?[cf]|cel[sc]ius|fahrenheit|farenheit|centigrade)$/i;

/** Words that may stand beside a heat, in the languages that are read: the answer has every scale anyway. */
const BESIDE: ReadonlySet<string> = new Set(
  `a an at in into to as is what convert oven ofen four preheat preheated temp temperature degrees deg
  c f celsius celcius fahrenheit farenheit centigrade gas mark fan convection conventional static
  grad auf umluft heißluft ober unterhitze oberhitze und en th thermostat degrés au à`.split(/\s+/),
);

/** A heat as the steps of a recipe tell it, where nothing else stands in the text. */
function heatInWords(text: string): HeatAnswer | null {
  const plain = text.replace(/^(?:oven|ofen|four) (\d{3})$/i, '$1 oven');
  const [heat, more] = heatsIn(plain);
  if (!heat || more || /-\d/.test(text)) return null;
  const rest = (plain.slice(0, heat.start) + plain.slice(heat.end)).toLowerCase();
  const isAlone = (rest.match(/[\p{L}\d]+/gu) ?? []).every((word) => BESIDE.has(word));
  return isAlone ? answer(heat.celsius) : null;
}

/** The heat that a text names: "350 F", "180°C fan", "gas mark 4", "th. 6". Null where it names none. */
export const heatIn = (text: string): HeatAnswer | null =>
  heatOf(text) ??
  (WANTED.test(text) ? heatOf(text.replace(WANTED, '')) : null) ??
  heatInWords(text);

function heatOf(text: string): HeatAnswer | null {
  const gas = GAS.exec(text.trim());
  if (gas) {
    const celsius = celsiusOfGas(PARTS[gas[1]!] ?? Number(gas[1]));
    return celsius === null ? null : answer(celsius);
  }
  const blown = BLOWN.exec(text.trim());
  if (blown) {
    const shown = Number(blown[1] ?? blown[2]);
    // "160 fan f": no oven bakes at 160 °F, so that is how it is wanted.
    const isFahrenheit =
      shown > HOTTEST_CELSIUS || (/^f/i.test(blown[3] ?? '') && shown >= COLDEST_FAHRENHEIT);
    return answer((isFahrenheit ? celsiusOf(shown) : shown) + FAN_OFFSET);
  }
  const bare = SCALE_LEFT_OUT.exec(text.trim());
  if (bare) {
    const shown = Number(bare[1]);
    return answer(shown > HOTTEST_CELSIUS ? celsiusOf(shown) : shown);
  }
  const found = DEGREES.exec(text.trim());
  if (!found) return null;
  const degrees = Number(found[1]!.replace(',', '.'));
  const set = /^f/i.test(found[2]!) ? celsiusOf(degrees) : degrees;
  const celsius = found[3] ? set + FAN_OFFSET : set;
  return celsius < COLDEST || celsius > HOTTEST ? null : answer(celsius);
}

const answer = (celsius: number): HeatAnswer => ({
  kind: 'heat',
  celsius,
  fahrenheit: (celsius * 9) / 5 + 32,
  gasMark: gasMarkOf(celsius),
  fanCelsius: celsius - FAN_OFFSET,
});
