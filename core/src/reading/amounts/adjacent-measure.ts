import { Fraction, readAmount, scale, type Amount } from '../../amount/index.js';
import { gramsIn, isMassUnit, isVolumeUnit, type Unit } from '../../units/index.js';
import { match, unitAt } from './unit-at.js';

const STATED_LINK =
  / ?(?:[([] ?|\/ ?|= ?|\| ?|or |, ?)?(?:about |approx\.? |approximately |around |~ ?|ca\.? )?/y;
const CLOSING = /(?: (?:each|per \w+)\b)?(?: ?[)\]])?/iy;
/** What can open a measure beside another; anything else is the ingredient's name. */
const BESIDE_OPENER = / ?[\d([/=|,~]| ?(?:or|about|approx|around|ca)\b/y;
const STARTS_WITH_AMOUNT = / ?(?:half|one|two|three|four|an?)\b/iy;

/** The middle of an amount in grams; null when the unit is not one of mass. */
export function toGrams(amount: Amount, unit: Unit): number | null {
  if (!isMassUnit(unit)) return null;
  return amount.min.add(amount.max).div(2).mul(gramsIn(unit)).valueOf();
}

/** A measure standing beside another: "(150 g)", "/ 5 oz", "or 240 ml". */
export interface AdjacentMeasure {
  readonly amount: Amount;
  readonly unit: Unit;
  readonly end: number;
  readonly each: boolean;
  /** Nothing but a blank in between: "1 cup 2 tbsp". */
  readonly bare: boolean;
}

/** Reads the measure that stands beside another at `at`; null when something else does. */
export function readAdjacentMeasure(text: string, at: number): AdjacentMeasure | null {
  if (!match(BESIDE_OPENER, text, at) && !match(STARTS_WITH_AMOUNT, text, at)) return null;
  const link = match(STATED_LINK, text, at);
  const start = at + (link?.[0].length ?? 0);
  const amount = readAmount(text, start);
  if (!amount) return null;
  let unitStart = start + amount.length;
  if (text[unitStart] === ' ' || text[unitStart] === '-') unitStart++;
  const unit = unitAt(text, unitStart);
  if (!unit || !(isMassUnit(unit.unit) || isVolumeUnit(unit.unit) || unit.unit === 'stick')) {
    return null;
  }
  const close = match(CLOSING, text, unit.end)?.[0] ?? '';
  // A bracket that goes on holds more than one measure, and is read as a whole.
  if (/[([]/.test(link?.[0] ?? '') && !/[)\]]/.test(close)) return null;
  return {
    amount: unit.times ? scale(amount.amount, new Fraction(unit.times)) : amount.amount,
    unit: unit.unit,
    end: unit.end + close.length,
    each: /each|per/i.test(close),
    bare: (link?.[0] ?? '').trim() === '',
  };
}

/** Between two measures of one thing: "6 oz/170 g", "2 sticks, 226 g". */
const BETWEEN_MEASURES = /(?<=[a-z.]) ?[/=|,;] ?(?=[\d~])| or /i;

/** A weight, and whether it is that of each piece. */
export interface WrittenWeight {
  readonly grams: number;
  readonly each: boolean;
  readonly isMetric: boolean;
}

/**
 * A weight on its own somewhere in the line, "(150 g)", "(400 g each)", also beside another
 * measure, "(6 oz/170 g)"; metric before ounces, since those are rounded more. Null without one.
 */
export function weightIn(text: string): WrittenWeight | null {
  const whole = weightOf(text);
  if (whole) return whole;
  const parts = text.split(BETWEEN_MEASURES).flatMap((part) => weightOf(part) ?? []);
  return parts.find(({ isMetric }) => isMetric) ?? parts[0] ?? null;
}

/** "350 g drained weight", "about 300 g when peeled": which weight it is. */
const OF_WHAT_IS_LEFT =
  /^(?:drained|net|total|peeled) weight:? | ?,? ?(?:when |after )?(?:peeled|drained|net|total|trimmed|shelled|pitted|in total|in all|altogether)?(?: weight)?$/gi;

function weightOf(text: string): WrittenWeight | null {
  const plain = text.replace(OF_WHAT_IS_LEFT, '');
  const beside = readAdjacentMeasure(plain, 0);
  const grams = beside && toGrams(beside.amount, beside.unit);
  if (!beside || grams === null || beside.end < plain.trimEnd().length) return null;
  return { grams, each: beside.each, isMetric: beside.unit === 'g' || beside.unit === 'kg' };
}
