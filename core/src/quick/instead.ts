import { Fraction } from '../amount/index.js';
import { planLine, substitutesFor, type PlanLine, type Substitute } from '../batch/index.js';
import type { Ingredient } from '../catalogue/index.js';
import { intendedMass, type Intended } from '../conversion/index.js';
import { readLine, type Line } from '../reading/index.js';
import type { QuickKitchen } from './quick-kitchen.js';

/** Another kind that takes the place of what is asked about. */
export interface InsteadAnswer {
  readonly kind: 'instead';
  readonly instead: Substitute;
  /** What was asked about, and what it weighs. */
  readonly ingredient: Ingredient;
  readonly intended: Intended;
  /** Of the other kind, unrounded. */
  readonly grams: number;
  /** Grams of water that it takes more; negative for less. */
  readonly waterMore: number;
  /** The other kind by this kitchen's tools and scales. */
  readonly plan: PlanLine;
}

const PER = 100;
/** Of what is read again as a line: far finer than any scale. */
const DIGITS = 9;

/** "fresh yeast" into "instant": what they have in common is not said twice. */
function* namesOf(into: string, matter: string): Generator<string> {
  yield into;
  yield `${into} ${matter.split(' ').at(-1)!}`;
}

/** "20 g yeast to dry yeast": what leaves its kind open is not the kind that is asked for. */
function meantBeside(line: Line, into: string, { standard, shelf }: QuickKitchen): Line {
  const other = readLine(`1 g ${into}`, standard, shelf);
  const open = line.notes.find((note) => note.code === 'kind-ambiguous');
  if (!open || other.ingredientId !== line.ingredientId) return line;
  // Of the others the one that differs most: fresh against dry.
  const instead = open.others.at(-1)?.ingredientId;
  return instead === undefined ? line : { ...line, ingredientId: instead };
}

/**
 * How much of another kind takes the place of an amount of this one, as `substitutesFor` has it:
 * one salt for another, fresh for dry yeast, one wheat flour for another. Null where `into` is no
 * other kind of it, or the amount has no weight.
 */
export function insteadOf(
  matter: string,
  into: string,
  kitchen: QuickKitchen,
): InsteadAnswer | null {
  const { standard, shelf, author } = kitchen;
  const read = readLine(matter, standard, shelf);
  const line = meantBeside(read, into, kitchen);
  const kinds = substitutesFor(line, shelf).filter(
    ({ ingredientId }) => ingredientId !== line.ingredientId,
  );
  if (kinds.length === 0 || line.ingredientId === null) return null;
  const ingredient = shelf.ingredient(line.ingredientId);
  const intended = intendedMass(line, standard, shelf, author ?? []);
  if (!intended || !ingredient) return null;
  for (const name of namesOf(into, matter)) {
    const other = readLine(`1 g ${name}`, standard, shelf);
    const instead = kinds.find(({ ingredientId }) => ingredientId === other.ingredientId);
    if (!instead) continue;
    const grams = intended.grams * instead.gramsEach;
    const asWeighed = readLine(`${grams.toFixed(DIGITS)} g ${name}`, standard, shelf);
    return {
      kind: 'instead',
      instead,
      ingredient,
      intended,
      grams,
      waterMore: (grams * instead.waterMore) / PER,
      plan: planLine(asWeighed, standard, { ...kitchen, factor: new Fraction(1) }),
    };
  }
  return null;
}
