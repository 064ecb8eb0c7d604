import { Fraction, showKitchen } from '@ypsigram/core/amount';
import type {
  CountAnswer,
  HeatAnswer,
  LengthAnswer,
  InsteadAnswer,
  MeasureAnswer,
  NoAnswer,
  PanAnswer,
  QuickAnswer,
} from '@ypsigram/core/quick';
import { isMassUnit, type Unit } from '@ypsigram/core/units';
import { fixed, measureText, nounFor, short, unitName } from '../wording/index.js';

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
  // What is told as one is one: "about 1 cup".
  return `${exact ? '' : 'about '}${text} ${text === '1' ? unitName(unit, false) : name}`;
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

/** "about 6 egg whites, of 33 g each": pieces are told by halves, as nobody cuts them finer. */
function countText({ ingredient, counted, pieces, gramsEach }: CountAnswer): string {
  const halves = new Fraction(Math.round(2 * pieces), 2);
  const count = halves.valueOf();
  const noun = nounFor(count, counted.name.toLowerCase());
  if (count === 0) return `less than half ${noun}`;
  // What a fruit gives is less than it weighs.
  const each =
    counted === ingredient ? `of ${massText(gramsEach)} each` : `${massText(gramsEach)} from each`;
  return `about ${halves.toFraction(true)} ${noun}, ${each}`;
}

const REASONS: Readonly<Record<NoAnswer['reason'], string>> = {
  empty:
    'Ask for an amount, a heat or a pan: “1 3/4 cups cocoa in grams”, “350 F”, “20 cm round to 23 cm”.',
  'no-amount': 'Write an amount too, such as “2 cups”.',
  'no-heat': 'How hot? Write the figure too, such as “350 F”.',
  'unknown-ingredient': 'No ingredient has that name.',
  'two-things': 'There is no way from one of these to the other. Ask for a unit: grams, cups, mL.',
  several: 'Ask for one ingredient at a time, or write each on a line of its own.',
  'unknown-weight': 'Its weight is not known yet. Weigh it once in Ingredients.',
};

function lengthText({ into, sides }: LengthAnswer): string {
  const figures = sides.map(({ centimetres, inches }) =>
    short(into === 'cm' ? centimetres : inches, 1),
  );
  return `${figures.join(' × ')} ${into === 'cm' ? 'cm' : 'inches'}`;
}

/** The answer in a few words, to be read and copied. */
export function quickText(answer: QuickAnswer): string {
  switch (answer.kind) {
    case 'measure':
      return amountText(answer);
    case 'units':
      return unitAmountText(answer.wanted.amount, answer.wanted.unit);
    case 'count':
      return countText(answer);
    case 'heat':
      return heatText(answer);
    case 'length':
      return lengthText(answer);
    case 'pan':
      return panText(answer);
    case 'instead':
      return insteadText(answer);
    case 'none':
      return REASONS[answer.reason];
  }
}
