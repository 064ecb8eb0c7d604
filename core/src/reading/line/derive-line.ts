import { midpoint, type Amount } from '../../amount/index.js';
import type { Ingredient, Method } from '../../catalogue/index.js';
import {
  defaultMethod,
  densityBounds,
  fillFactorOf,
  measureSize,
  type Heap,
} from '../../measuring/index.js';
import {
  gramsIn,
  isBorrowed,
  isMassUnit,
  isNominalUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../../units/index.js';
import type { ReadingNote } from '../note.js';
import type { Quantity } from '../amounts/index.js';
import { pieceForm, pieceMethod } from './piece-form.js';
import { HEAPING_WORDS, ORDER_FORMS, ORDER_METHODS } from '../vocabulary/index.js';
import { volumeForm, volumeMethod } from './volume-form.js';
import type { Wording } from './line-parts.js';

/** What follows from the wording: unit, form, the author's method, and what was assumed. */
export interface DerivedLine {
  /** Where it is another than the quantity's: cans of a liquid, in fluid ounces. */
  readonly amount: Amount | null;
  readonly unit: Unit | null;
  readonly form: string | null;
  readonly method: Method | null;
  readonly heap: Heap | null;
  readonly stated: { readonly grams: number } | null;
  readonly notes: readonly ReadingNote[];
}

/** A weight in whole grams is rounded by up to this. */
const HALF_A_GRAM = 0.5;

/** A stated weight is held against what can be with the cup of its author, which may be so far off. */
const PLAUSIBLE_MARGIN = 0.05;

/** Works out what a line means for its ingredient. */
export function deriveLine(wording: Wording): DerivedLine {
  const notes: ReadingNote[] = [];
  const ounce = readOunce(wording, notes);
  const unit = ounce.unit;
  const stated = ofEggs(wording, unit, ofPackets(wording, unit, ounce.stated));
  noteKind(wording, notes);
  const filled = unit !== null && isVolumeUnit(unit);
  const form = filled ? volumeForm(wording, notes) : pieceForm(wording, unit, notes);
  const method = filled ? volumeMethod(wording, form, notes) : pieceMethod(wording, unit);
  if (!filled && unit !== null && !isMassUnit(unit)) noteAfterwards(wording, notes);
  const heapingWord = filled ? heapingOf(wording) : null;
  const heap = heapingWord === null ? null : HEAPING_WORDS[heapingWord]!;
  noteNominal(wording, unit, heapingWord, notes);
  if (filled) notePlausible(wording, { unit, form, heap }, stated, notes);
  const other = filled ? wording.quantity?.otherMillilitres : null;
  if (other && stated === null) {
    const amount = [other.min.toFraction(), other.max.toFraction()] as const;
    notes.push({ code: 'volumes-disagree', other: { unit: 'ml', amount } });
  }
  if (wording.quantity === null) notes.push({ code: 'no-amount' });
  return {
    amount: ounce.amount ?? null,
    unit,
    form,
    method,
    heap,
    stated: stated === null ? null : { grams: stated },
    notes,
  };
}

/** Packets whose weight is within this of what one is sold in were meant. */
const SAME_PACKET = 0.3;

/** "2 sachets (14 g) yeast" says what both hold, where one is known to hold half of that. */
function ofPackets(
  { ingredient, quantity }: Wording,
  unit: Unit | null,
  stated: number | null,
): number | null {
  const sold = ingredient.weights.find((weight) => weight.unit === 'packet');
  const count = quantity?.amount.min.valueOf() ?? 1;
  if (stated === null || unit !== 'packet' || !sold || count <= 1) return stated;
  const each = stated / count;
  const isTotal = Math.abs(each / count / sold.grams - 1) < SAME_PACKET;
  return isTotal && each > sold.grams * (1 + SAME_PACKET) ? each : stated;
}

/** An egg this heavy was weighed in its shell, of which so much is egg (section of European grades). */
const LIGHTEST_IN_SHELL = 53;
const EGG_IN_SHELL = 0.88;

/** "2 x 60 g eggs": eggs are graded in the shell, and none is that heavy without. */
function ofEggs(
  { ingredient, quantity }: Wording,
  unit: Unit | null,
  stated: number | null,
): number | null {
  const isWhole = ingredient.id === 'egg-whole' && unit === 'each';
  const count = quantity?.amount.min.valueOf() ?? 0;
  if (stated === null || !isWhole || count <= 0) return stated;
  return stated / count >= LIGHTEST_IN_SHELL ? stated * EGG_IN_SHELL : stated;
}

/**
 * "1 can condensed milk" is one as it is sold, and "1 bag onions" no onion: of what comes in pieces a
 * container holds several, and how many is not known.
 */
function containerOr(
  { unit, container, packageOunces }: Quantity,
  { class: ofClass, weights }: Ingredient,
  stated: number | null,
): Unit {
  if ((unit ?? 'each') !== 'each' || !container || stated !== null || packageOunces) {
    return unit ?? 'each';
  }
  const isSoldSo = weights.some((weight) => weight.unit === 'packet');
  const isInPieces =
    ofClass === 'egg' ||
    ofClass === 'chunk' ||
    weights.some((weight) => weight.unit === 'each' && weight.form === null);
  return isSoldSo || isInPieces ? 'packet' : 'each';
}

/** A bare ounce is mass for solids and volume for thin liquids; what could be either is asked. */
function readOunce(
  { ingredient, quantity, stated, standard }: Wording,
  notes: ReadingNote[],
): { amount?: Amount; unit: Unit | null; stated: number | null } {
  if (!quantity) return { unit: null, stated };
  const unit = containerOr(quantity, ingredient, stated);
  if (quantity.packageOunces && ingredient.class === 'liquid') {
    notes.push({ code: 'ounce-read-as', as: 'volume' });
    return { amount: quantity.packageOunces, unit: 'fl-oz', stated: null };
  }
  if (
    unit !== 'oz' &&
    isSameInFluidOunces(quantity, stated, standard) &&
    ingredient.class === 'liquid'
  ) {
    notes.push({ code: 'ounce-read-as', as: 'volume' });
    return { unit, stated: null };
  }
  if (unit !== 'oz' || hasOtherWeight(quantity)) return { unit, stated };
  switch (ingredient.class) {
    case 'liquid':
      notes.push({ code: 'ounce-read-as', as: 'volume' });
      return { unit: 'fl-oz', stated: null };
    case 'paste':
    case 'syrup':
      notes.push({
        code: 'ounce-ambiguous',
        other: { unit: 'fl-oz', method: defaultMethod(ingredient) },
      });
      return { unit, stated };
    default:
      notes.push({ code: 'ounce-read-as', as: 'mass' });
      return { unit, stated };
  }
}

/** Volumes that are written with ounces beside them agree this closely. */
const SAME_VOLUME = 0.02;

/** "1 cup (8 oz) milk": the ounces say the cup again, and no weight. */
function isSameInFluidOunces(
  { amount, unit }: Quantity,
  stated: number | null,
  standard: Standard,
): boolean {
  if (stated === null || unit === null || !isVolumeUnit(unit)) return false;
  const ounces = stated / gramsIn('oz').valueOf();
  // Grams that happen to be so many ounces are no whole quarters of one.
  if (Math.abs(4 * ounces - Math.round(4 * ounces)) > 1e-6) return false;
  const inOunces = midpoint(amount)
    .mul(millilitresIn(unit, standard))
    .div(millilitresIn('fl-oz', standard));
  return Math.abs(ounces / inOunces.valueOf() - 1) <= SAME_VOLUME;
}

/** "8 oz (225 g)": the weight beside the ounces settles what they are. */
function hasOtherWeight(quantity: Quantity): boolean {
  const byOunces = midpoint(quantity.amount).mul(gramsIn('oz')).valueOf();
  return quantity.statedGrams !== null && Math.abs(quantity.statedGrams - byOunces) > 1e-6;
}

function noteKind({ name }: Wording, notes: ReadingNote[]): void {
  if (name.otherKinds.length > 0) {
    const others = name.otherKinds.map((ingredientId) => ({ ingredientId }));
    notes.push({ code: 'kind-ambiguous', others });
  } else if (name.assumedKind) {
    notes.push({ code: 'assumed-kind', assumed: 'ingredient' });
  }
}

/** Sticks and packets are weighed out before anything is done to them. */
function noteAfterwards({ after, quantity }: Wording, notes: ReadingNote[]): void {
  if (quantity?.unit !== 'stick') return;
  const word = after.find((item) => ORDER_METHODS[item] ?? ORDER_FORMS[item]);
  if (word) notes.push({ code: 'order-after', word, other: null });
}

/** Before the name these speak of the ingredient: "good-quality honey". */
const OF_QUALITY: ReadonlySet<string> = new Set(['good', 'generous']);

/** The word that makes a fill fuller or emptier, wherever it stands; null when level. */
function heapingOf({ quantity, before, after }: Wording): string | null {
  const isHeaping = (word: string | undefined): boolean =>
    word !== undefined && HEAPING_WORDS[word] !== undefined && !OF_QUALITY.has(word);
  // "1 tbsp cornstarch, heaped": alone or at an end; elsewhere it may speak of another spoon.
  const behind = [after[0], after.at(-1)].find(isHeaping);
  return quantity?.heapingWord ?? before.find(isHeaping) ?? behind ?? null;
}

function noteNominal(
  { byFruit, standard, quantity }: Wording,
  unit: Unit | null,
  heap: string | null,
  notes: ReadingNote[],
): void {
  if (heap !== null) notes.push({ code: 'nominal-size', word: heap });
  if (byFruit) notes.push({ code: 'nominal-size', word: 'fruit' });
  if (quantity?.household) {
    notes.push({ code: 'nominal-size', word: quantity.household, household: true });
  }
  if (unit === null || !isVolumeUnit(unit)) return;
  if (isNominalUnit(unit)) notes.push({ code: 'nominal-size', word: unit });
  if (isBorrowed(unit, standard)) notes.push({ code: 'borrowed-unit', unit });
}

function notePlausible(
  { ingredient, quantity, standard }: Wording,
  { unit, form, heap }: { unit: Unit; form: string | null; heap: Heap | null },
  stated: number | null,
  notes: ReadingNote[],
): void {
  if (stated === null || !quantity || !isVolumeUnit(unit)) return;
  const limits = densityBounds(ingredient, form);
  const level = midpoint(quantity.amount).valueOf() * millilitresIn(unit, standard).valueOf();
  const size = measureSize(unit, level);
  const millilitres = level * fillFactorOf(heap, size, ingredient.class).times;
  const cup = millilitresIn('cup', standard).valueOf();
  const density = stated / millilitres;
  // "1 tsp (5 g)" may be anything that rounds to five.
  const rounding = (Number.isInteger(stated) ? HALF_A_GRAM : HALF_A_GRAM / 10) / millilitres;
  if (
    density + rounding < limits[0] * (1 - PLAUSIBLE_MARGIN) ||
    density - rounding > limits[1] * (1 + PLAUSIBLE_MARGIN)
  ) {
    notes.push({
      code: 'implausible-weight',
      gramsPerCup: density * cup,
      lowest: limits[0] * cup,
      highest: limits[1] * cup,
    });
  }
}
