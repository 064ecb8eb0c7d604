import { midpoint } from '../amount/index.js';
import type { Ingredient, Method, NameMatch } from '../catalogue/index.js';
import { defaultMethod, densityLimits, methodsFor, pieceOf } from '../measuring/index.js';
import {
  isBorrowed,
  isMassUnit,
  isNominalUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../units/index.js';
import type { ReadingNote } from './note.js';
import type { Quantity } from './quantity.js';
import { HEAPING_WORDS } from './vocabulary/heaping.js';
import {
  FILLING_WORDS,
  LOOSENING_WORDS,
  ORDER_FORMS,
  ORDER_METHODS,
  SIZE_FORMS,
  SOLD_FORMS,
} from './vocabulary/filling.js';

/** What the words of a line say about one known ingredient. */
export interface Wording {
  readonly name: NameMatch;
  readonly ingredient: Ingredient;
  readonly quantity: Quantity | null;
  readonly stated: number | null;
  /** Comparable words before the name, and after it or in remarks. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly byFruit: boolean;
  readonly standard: Standard;
}

/** What follows from the wording: unit, form, the author's method, and what was assumed. */
export interface Description {
  readonly unit: Unit | null;
  readonly form: string | null;
  readonly method: Method | null;
  readonly fullness: number;
  readonly stated: { readonly grams: number } | null;
  readonly notes: readonly ReadingNote[];
}

/** A stated weight may differ from every table by this much before it is called a slip. */
const PLAUSIBLE_MARGIN = 0.15;

/** Works out what a line means for its ingredient. */
export function describe(wording: Wording): Description {
  const notes: ReadingNote[] = [];
  const ounce = readOunce(wording, notes);
  const unit = ounce.unit;
  noteKind(wording, notes);
  const filled = unit !== null && isVolumeUnit(unit);
  const form = filled ? volumeForm(wording, notes) : pieceForm(wording, unit, notes);
  const method = filled ? volumeMethod(wording, form, notes) : pieceMethod(wording, unit);
  if (!filled && unit !== null && !isMassUnit(unit)) noteAfterwards(wording, notes);
  const heap = heapingOf(wording);
  noteNominal(wording, unit, heap, notes);
  if (filled) notePlausible(wording, unit, ounce.stated, notes);
  if (wording.quantity === null) notes.push({ code: 'no-amount' });
  return {
    unit,
    form,
    method,
    fullness: heap === null ? 1 : HEAPING_WORDS[heap]!,
    stated: ounce.stated === null ? null : { grams: ounce.stated },
    notes,
  };
}

/** A bare ounce is mass for solids and volume for thin liquids; what could be either is asked. */
function readOunce(
  { ingredient, quantity, stated }: Wording,
  notes: ReadingNote[],
): { unit: Unit | null; stated: number | null } {
  if (!quantity) return { unit: null, stated };
  const unit = quantity.unit ?? 'each';
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

/** "8 oz (225 g)": the weight beside the ounces settles what they are. */
function hasOtherWeight(quantity: Quantity): boolean {
  const ounces = midpoint(quantity.amount).valueOf() * 28.349523125;
  return quantity.statedGrams !== null && Math.abs(quantity.statedGrams - ounces) > 1e-6;
}

function noteKind({ name }: Wording, notes: ReadingNote[]): void {
  if (name.otherKinds.length > 0) {
    const others = name.otherKinds.map((ingredientId) => ({ ingredientId, form: null }));
    notes.push({ code: 'kind-ambiguous', others });
  } else if (name.assumedKind) {
    notes.push({ code: 'assumed-kind', assumed: 'ingredient' });
  }
}

const volumeForms = (ingredient: Ingredient): readonly (string | null)[] =>
  ingredient.weights
    .filter(({ unit }) => unit === 'cup' || unit === 'tbsp' || unit === 'tsp')
    .map(({ form }) => form);

function usualForm(forms: readonly (string | null)[]): string | null {
  return forms.includes(null) ? null : (forms[0] ?? null);
}

function volumeForm({ ingredient, before, after }: Wording, notes: ReadingNote[]): string | null {
  const forms = volumeForms(ingredient);
  const usual = usualForm(forms);
  let form = usual;
  for (const word of before) {
    const cut = ORDER_FORMS[word];
    const sold = SOLD_FORMS[word] ?? SIZE_FORMS[word];
    if (cut !== undefined && forms.includes(cut)) {
      form = cut;
      if (cut !== usual) notes.push({ code: 'order-before', word, other: { form: usual } });
    } else if (sold !== undefined && forms.includes(sold)) {
      form = sold;
    }
  }
  for (const word of after) {
    const cut = ORDER_FORMS[word];
    if (cut !== undefined && forms.includes(cut) && cut !== form) {
      notes.push({ code: 'order-after', word, other: { form: cut } });
    }
  }
  return form;
}

function volumeMethod(
  { ingredient, quantity, before, after }: Wording,
  form: string | null,
  notes: ReadingNote[],
): Method {
  const allowed = methodsFor(ingredient);
  const usual = usualMethod(ingredient, form);
  const filling = quantity?.method ?? fillingIn(before) ?? fillingIn(after);
  const measuredAfter = after.includes('before') || after.includes('then');
  for (const word of [...before, ...(measuredAfter ? after : [])]) {
    const method = ORDER_METHODS[word];
    if (method && allowed.includes(method)) {
      notes.push({ code: 'order-before', word, other: { method: usual } });
      return method;
    }
  }
  if (filling && allowed.includes(filling)) return filling;
  for (const word of after) {
    const method = ORDER_METHODS[word];
    if (method && allowed.includes(method)) {
      notes.push({ code: 'order-after', word, other: { method } });
    }
  }
  if (ingredient.class === 'moist') notes.push({ code: 'assumed-kind', assumed: 'method' });
  return usual;
}

/** What is assumed of the author: the ingredient's usual method, or the only one this form has. */
function usualMethod(ingredient: Ingredient, form: string | null): Method {
  const usual = ingredient.class === 'egg' ? 'poured' : defaultMethod(ingredient);
  const ofForm = ingredient.weights.filter(
    (weight) => weight.form === form && weight.method !== 'count',
  );
  return ofForm.length === 0 || ofForm.some(({ method }) => method === usual)
    ? usual
    : ofForm[0]!.method;
}

function fillingIn(words: readonly string[]): Method | null {
  for (const [index, word] of words.entries()) {
    const method = FILLING_WORDS[word];
    if (!method) continue;
    const loosely = index > 0 && LOOSENING_WORDS.has(words[index - 1]!);
    return method === 'packed' && loosely ? 'loose' : method;
  }
  return null;
}

function pieceForm(
  { ingredient, before, byFruit }: Wording,
  unit: Unit | null,
  notes: ReadingNote[],
): string | null {
  if (unit !== 'each' && unit !== 'packet' && unit !== 'stick') return null;
  const forms = ingredient.weights.filter((weight) => weight.unit === unit).map(({ form }) => form);
  if (forms.length === 0) return null;
  if (byFruit) return forms[0] ?? null;
  if (unit !== 'each') return forms[0] ?? null;
  const said = SIZE_FORMS[before.join(' ').match(/extra large/)?.[0] ?? ''] ?? sizeIn(before);
  if (said !== undefined && forms.includes(said)) return said;
  notes.push({ code: 'assumed-kind', assumed: 'size' });
  return forms.includes('large') ? 'large' : (forms[0] ?? null);
}

function sizeIn(words: readonly string[]): string | undefined {
  return words.map((word) => SIZE_FORMS[word]).find((size) => size !== undefined);
}

function pieceMethod({ ingredient, quantity }: Wording, unit: Unit | null): Method | null {
  if (unit === 'stick') return methodsFor(ingredient).includes('block') ? 'block' : null;
  if ((unit !== 'each' && unit !== 'packet') || quantity?.container) return null;
  return pieceOf(ingredient, unit, null) ? 'count' : null;
}

/** Sticks and packets are weighed out before anything is done to them. */
function noteAfterwards({ after, quantity }: Wording, notes: ReadingNote[]): void {
  if (quantity?.unit !== 'stick') return;
  const word = after.find((item) => ORDER_METHODS[item] ?? ORDER_FORMS[item]);
  if (word) notes.push({ code: 'order-after', word, other: null });
}

/** The word that makes a fill fuller or emptier, wherever it stands; null when level. */
function heapingOf({ quantity, before }: Wording): string | null {
  return quantity?.heapingWord ?? before.find((word) => HEAPING_WORDS[word] !== undefined) ?? null;
}

function noteNominal(
  { byFruit, standard }: Wording,
  unit: Unit | null,
  heap: string | null,
  notes: ReadingNote[],
): void {
  if (heap !== null) notes.push({ code: 'nominal-size', word: heap });
  if (byFruit) notes.push({ code: 'nominal-size', word: 'fruit' });
  if (unit === null || !isVolumeUnit(unit)) return;
  if (isNominalUnit(unit)) notes.push({ code: 'nominal-size', word: unit });
  if (isBorrowed(unit, standard)) notes.push({ code: 'borrowed-unit', unit });
}

function notePlausible(
  { ingredient, quantity, standard }: Wording,
  unit: Unit,
  stated: number | null,
  notes: ReadingNote[],
): void {
  const limits = densityLimits(ingredient);
  if (stated === null || !quantity || !limits || !isVolumeUnit(unit)) return;
  const millilitres =
    midpoint(quantity.amount).valueOf() *
    quantity.fullness *
    millilitresIn(unit, standard).valueOf();
  const cup = millilitresIn('cup', standard).valueOf();
  const density = stated / millilitres;
  if (
    density < limits[0] * (1 - PLAUSIBLE_MARGIN) ||
    density > limits[1] * (1 + PLAUSIBLE_MARGIN)
  ) {
    notes.push({
      code: 'implausible-weight',
      gramsPerCup: density * cup,
      lowest: limits[0] * cup,
      highest: limits[1] * cup,
    });
  }
}
