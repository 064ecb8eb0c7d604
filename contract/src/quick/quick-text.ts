import { Fraction, showKitchen } from '@ypsigram/core/amount';
import type {
  HeatAnswer,
  InsteadAnswer,
  MeasureAnswer,
  NoAnswer,
  PanAnswer,
  QuickAnswer,
} from '@ypsigram/core/quick';
import { isMassUnit, type Unit } from '@ypsigram/core/units';
import { fixed, measureText, short, unitName } from '../wording/index.js';

/** Below this, tenths of a gram count. */
const FINE_GRAMS = 20;

/** A mass as it is told: "151 g", "3.4 g", "a pinch (under 0.1 g)". */
export function massText(grams: number): string {
  if (grams > 0 && grams < 0.05) return 'a pinch (under 0.1 g)';
  return `${fixed(grams, grams < FINE_GRAMS ? 1 : 0)} g`;
}

/** An amount of a unit as a baker says it: "9 1/2 tbsp", "151 g", "5.3 oz". */
function unitAmountText(amount: number, unit: Unit): string {
  const name = unitName(unit, amount > 1);
  if (unit === 'g') return massText(amount);
  if (isMassUnit(unit)) return `${short(amount, amount < 10 ? 2 : 1)} ${name}`;
  if (unit === 'ml') return `${fixed(amount, amount < FINE_GRAMS ? 1 : 0)} ${name}`;
  if (unit === 'dl' || unit === 'l') return `${short(amount, 2)} ${name}`;
  const { text, exact } = showKitchen(new Fraction(amount.toPrecision(12)));
  return `${exact ? '' : 'about '}${text} ${name}`;
}

/** "+2 °C", as whole degrees. */
const degrees = (value: number): string => String(Math.round(value));

const GAS_PARTS: ReadonlyMap<number, string> = new Map([
  [0.25, '1/4'],
  [0.5, '1/2'],
]);

function heatText({ celsius, fahrenheit, gasMark, fanCelsius }: HeatAnswer): string {
  const gas = gasMark === null ? '' : `, gas mark ${GAS_PARTS.get(gasMark) ?? gasMark}`;
  const fan = gasMark === null ? '' : `, ${degrees(fanCelsius)} °C with a fan`;
  return `${degrees(celsius)} °C, ${degrees(fahrenheit)} °F${gas}${fan}`;
}

const panText = ({ factor }: PanAnswer): string =>
  `${short(factor.valueOf(), 2)} times the batch, filled as high`;

/** Less water than this is not worth a word, in grams. */
const LEAST_WATER = 1;

/** "7.0 g instant yeast (2 1/4 tsp) for 21 g fresh yeast"; flours also with the water they take. */
function insteadText(answer: InsteadAnswer): string {
  const { instead, ingredient, intended, grams, waterMore, plan } = answer;
  const water = Math.abs(waterMore);
  const more = waterMore > 0 ? 'more' : 'less';
  return [
    `${massText(grams)} ${instead.name.toLowerCase()}`,
    plan.measure ? ` (${measureText(plan.measure)})` : '',
    ` for ${massText(intended.grams)} ${ingredient.name.toLowerCase()}`,
    water < LEAST_WATER ? '' : `, and about ${fixed(water, 0)} g ${more} water`,
  ].join('');
}

function amountText({ wanted, intended, plan }: MeasureAnswer): string {
  if (wanted && wanted.unit !== 'g') return unitAmountText(wanted.amount, wanted.unit);
  const isWeighed = intended.basis.rung === 'stated' && !wanted;
  return isWeighed && plan.measure ? measureText(plan.measure) : massText(intended.grams);
}

const REASONS: Readonly<Record<NoAnswer['reason'], string>> = {
  empty:
    'Ask for an amount, a heat or a pan: “1 3/4 cups cocoa in grams”, “350 F”, “20 cm round to 23 cm”.',
  'no-amount': 'Write an amount too, such as “2 cups”.',
  'unknown-ingredient': 'That ingredient is not on the Shelf.',
  'unknown-weight': 'Its weight is not known yet. Weigh it once on the Shelf.',
};

/** The answer in a few words, to be read and copied. */
export function quickText(answer: QuickAnswer): string {
  switch (answer.kind) {
    case 'measure':
      return amountText(answer);
    case 'units':
      return unitAmountText(answer.wanted.amount, answer.wanted.unit);
    case 'heat':
      return heatText(answer);
    case 'pan':
      return panText(answer);
    case 'instead':
      return insteadText(answer);
    case 'none':
      return REASONS[answer.reason];
  }
}
