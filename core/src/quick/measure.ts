import { Fraction, midpoint, type Amount } from '../amount/index.js';
import { planLine, type PlanLine } from '../batch/index.js';
import {
  closestIngredients,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Shelf,
} from '../catalogue/index.js';
import { intendedMass, type Intended } from '../conversion/index.js';
import {
  defaultMethod,
  densityOf,
  fillFactorOf,
  measureSize,
  methodsFor,
  pieceOf,
} from '../measuring/index.js';
import { LANGUAGES, readLine, readLineAs, type Line } from '../reading/index.js';
import { unitIn } from './measure-words.js';
import type { QuickKitchen, WantedAmount } from './quick-kitchen.js';
import {
  STANDARDS,
  gramsIn,
  isMassUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../units/index.js';

/** The same written amount, filled by another method. */
export interface WayAnswer {
  readonly method: Method;
  readonly intended: Intended;
}

/** The same written amount, by another country's cups and spoons. */
export interface StandardAnswer {
  readonly standard: Standard;
  readonly grams: number;
}

/** The same as so many batches of it. */
export interface TimesAnswer {
  readonly times: Fraction;
  readonly plan: PlanLine;
}

/** An amount of an ingredient, by every way there is to say it. */
export interface MeasureAnswer {
  readonly kind: 'measure';
  readonly line: Line;
  readonly ingredient: Ingredient;
  readonly intended: Intended;
  /** In the unit that was asked for; null where none was, or nothing tells its density. */
  readonly wanted: WantedAmount | null;
  /** By this kitchen's tools and scales. */
  readonly plan: PlanLine;
  /** By each way of filling; empty where it was not filled. */
  readonly ways: readonly WayAnswer[];
  /** By each standard that makes a difference; empty where it was not filled. */
  readonly standards: readonly StandardAnswer[];
  readonly times: readonly TimesAnswer[];
}

/** Why a question has no answer. */
export const NO_ANSWERS = [
  'empty',
  'no-amount',
  'no-heat',
  'unknown-ingredient',
  'unknown-weight',
  'two-things',
  'several',
] as const;

/** Nothing that could be worked out, and why. */
export interface NoAnswer {
  readonly kind: 'none';
  readonly reason: (typeof NO_ANSWERS)[number];
  /** What it may be instead, by its ids, the closest first. */
  readonly closest: readonly string[];
}

const MOST_CLOSEST = 3;
/** What is filled lies as it does in this. */
const FILLED = '1c';
const TIMES = [new Fraction(1, 2), new Fraction(2), new Fraction(3)] as const;

export const noAnswer = (reason: NoAnswer['reason']): NoAnswer => ({
  kind: 'none',
  reason,
  closest: [],
});

/** "100 g chopped walnuts" as they lie in a cup: what was weighed says nothing of it. */
function asFilled(
  line: Line,
  standard: Standard,
  shelf: Shelf,
): Pick<Line, 'form' | 'authorMethod'> {
  if (line.unit === null || !isMassUnit(line.unit)) return line;
  const unit = line.spans.find(({ part }) => part === 'unit');
  if (!unit) return line;
  const filled = readLine(`${FILLED} ${line.written.slice(unit.end)}`, standard, shelf);
  return filled.ingredientId === line.ingredientId ? filled : line;
}

function wantedIn(
  unit: Unit,
  { grams }: Intended,
  line: Line,
  ingredient: Ingredient,
  { standard, shelf, hand }: QuickKitchen,
): WantedAmount | null {
  if (isMassUnit(unit)) return { unit, amount: grams / gramsIn(unit).valueOf() };
  if (!isVolumeUnit(unit) && unit !== 'stick') return null;
  const written = writtenMillilitres(line, ingredient.class, standard);
  if (unit === 'stick') {
    const stick = pieceOf(ingredient, unit, null);
    return (
      stick && { unit, amount: written ? written / STICK_MILLILITRES : grams / stick.gramsEach }
    );
  }
  const millilitres = millilitresIn(unit, standard).valueOf();
  // A volume in another volume is the same volume: no density comes between.
  if (written !== null) return { unit, amount: written / millilitres };
  const { form, authorMethod } = asFilled(line, standard, shelf);
  const method = authorMethod ?? defaultMethod(ingredient);
  const size = measureSize(unit, millilitres);
  const density = densityOf({ ingredient, form, method, size }, hand ?? []);
  return density && { unit, amount: grams / density.gramsPerMillilitre / millilitres };
}

/** A stick is half a US cup, by its marks. */
const STICK_MILLILITRES = millilitresIn('cup', 'us-customary').valueOf() / 2;

/** How much a line takes up, where it says it by volume or in sticks, which are half a US cup. */
function writtenMillilitres(
  { amount, unit, stated, heap }: Line,
  ofClass: IngredientClass,
  standard: Standard,
): number | null {
  if (amount === null || unit === null || stated !== null) return null;
  const times = midpoint(amount).valueOf();
  if (isVolumeUnit(unit)) {
    const level = times * millilitresIn(unit, standard).valueOf();
    return level * fillFactorOf(heap, measureSize(unit, level), ofClass).times;
  }
  return unit === 'stick' ? times * STICK_MILLILITRES : null;
}

const isFilled = ({ unit, stated }: Line): boolean =>
  unit !== null && isVolumeUnit(unit) && stated === null;

function waysOf(line: Line, ingredient: Ingredient, kitchen: QuickKitchen): WayAnswer[] {
  if (!isFilled(line)) return [];
  return methodsFor(ingredient).flatMap((method): WayAnswer[] => {
    if (method === 'count' || method === 'block' || method === 'displaced') return [];
    const { standard, shelf, author } = kitchen;
    const intended = intendedMass({ ...line, authorMethod: method }, standard, shelf, author ?? []);
    return intended ? [{ method, intended }] : [];
  });
}

function standardsOf(line: Line, kitchen: QuickKitchen): StandardAnswer[] {
  if (!isFilled(line)) return [];
  const found: StandardAnswer[] = [];
  for (const standard of [kitchen.standard, ...STANDARDS]) {
    const intended = intendedMass(line, standard, kitchen.shelf, kitchen.author ?? []);
    // Two standards whose cups are the same say nothing more.
    if (!intended || found.some(({ grams }) => Math.abs(grams / intended.grams - 1) < 1e-9))
      continue;
    found.push({ standard, grams: intended.grams });
  }
  return found;
}

const hasAmount = (amount: Amount | null): boolean =>
  amount !== null && midpoint(amount).valueOf() > 0;

/** "almonds sliced" in a question is what lies in the cup: nobody asks for what is done to it later. */
function preparedFirst({ written, notes, spans }: Line): string | null {
  const name = spans.find(({ part }) => part === 'ingredient');
  const isAfter = notes.some(({ code }) => code === 'order-after');
  if (!name || !isAfter || written.includes(',')) return null;
  const behind = written.slice(name.end).trim();
  return `${written.slice(0, name.start)}${behind} ${written.slice(name.start, name.end)}`;
}

/** A question is too short to show its language: where English names nothing, the others are tried. */
function readQuestion(text: string, { standard, shelf }: QuickKitchen): Line {
  const line = readLine(text, standard, shelf);
  const prepared = preparedFirst(line);
  if (prepared !== null) return readLine(prepared, standard, shelf);
  if (line.ingredientId !== null || line.partOf) return line;
  const others = LANGUAGES.map(({ id }) => readLineAs(text, id, standard, shelf));
  return others.find(({ ingredientId }) => ingredientId !== null) ?? line;
}

/** "1 gram 300 flour": an answer that leaves a number out is an answer to another question. */
const hasNumberBehindUnit = ({ written, spans }: Line): boolean =>
  spans.some(({ part, end }) => part === 'unit' && /^ \d/.test(written.slice(end)));

/** No ingredient has the name in a text, and which come closest: only asked for once nothing else is left. */
export function unknownIn(text: string, kitchen: QuickKitchen): NoAnswer {
  const unknown = readQuestion(text, kitchen).notes.find(
    ({ code }) => code === 'unknown-ingredient',
  );
  const words = unknown?.code === 'unknown-ingredient' ? unknown.words : text;
  const closest = closestIngredients(words, kitchen.shelf, MOST_CLOSEST);
  return { ...noAnswer('unknown-ingredient'), closest };
}

/** What an amount of an ingredient weighs and is filled by; or why that can't be said. */
export function measureIn(
  text: string,
  into: string | null,
  kitchen: QuickKitchen,
): MeasureAnswer | NoAnswer {
  const { standard, shelf, author } = kitchen;
  const line = readQuestion(text, kitchen);
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  if (!ingredient) {
    return noAnswer('unknown-ingredient');
  }
  if (!hasAmount(line.amount) && !line.stated) return noAnswer('no-amount');
  if (line.partOf) return noAnswer('several');
  if (hasNumberBehindUnit(line)) return noAnswer('no-amount');
  const intended = intendedMass(line, standard, shelf, author ?? []);
  if (!intended) return noAnswer('unknown-weight');
  const planAt = (factor: Fraction): PlanLine => planLine(line, standard, { ...kitchen, factor });
  const unit = into === null ? null : unitIn(into, kitchen, ingredient.name);
  return {
    kind: 'measure',
    line,
    ingredient,
    intended,
    wanted: unit && wantedIn(unit, intended, line, ingredient, kitchen),
    plan: planAt(new Fraction(1)),
    ways: waysOf(line, ingredient, kitchen),
    standards: standardsOf(line, kitchen),
    times: TIMES.map((times) => ({ times, plan: planAt(times) })),
  };
}
