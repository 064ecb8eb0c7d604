import { intendedMass, type Intended } from '../conversion/index.js';
import type { Ingredient } from '../catalogue/index.js';
import { pieceOf } from '../measuring/index.js';
import { readLine, type Line } from '../reading/index.js';
import { unitIn } from './measure-words.js';
import type { QuickKitchen } from './quick-kitchen.js';

/** How many pieces a mass of something is: "200 g egg white in eggs". */
export interface CountAnswer {
  readonly kind: 'count';
  readonly ingredient: Ingredient;
  /** What is counted: the ingredient itself, or the fruit that it is taken from. */
  readonly counted: Ingredient;
  readonly intended: Intended;
  /** Unrounded. */
  readonly pieces: number;
  /** What one weighs. */
  readonly gramsEach: number;
}

/** What is counted, and an amount without it: "150 g" of "how many egg whites in 150 g". */
const isBare = (of: string, kitchen: QuickKitchen): boolean =>
  unitIn(of.replace(/^[\d\s./,½¼¾⅓⅔⅛]+/, ''), kitchen) !== null;

/** "3 tbsp lemon juice in lemons": what is taken from a fruit is counted by it. */
export const TAKEN_FROM_FRUIT: readonly string[] = ['juice', 'zest'];

function takenFrom(line: Line, into: string, { standard, shelf }: QuickKitchen): Line | undefined {
  return TAKEN_FROM_FRUIT.map((taken) => readLine(`${taken} of 2 ${into}`, standard, shelf)).find(
    ({ unit, ingredientId }) => unit === 'each' && ingredientId === line.ingredientId,
  );
}

/**
 * How many pieces an amount is, which may be of pieces of another size: "3 large eggs in medium". Whites and yolks may be asked for in eggs, as each has one of them.
 * Null where `into` names no pieces of what is asked about, or a piece has no weight.
 */
export function countedIn(of: string, into: string, kitchen: QuickKitchen): CountAnswer | null {
  const { standard, shelf, author } = kitchen;
  // "12 muffins to 24": a number is no piece of anything.
  if (/^\d/.test(into)) return null;
  const line = readLine(isBare(of, kitchen) ? `${of} ${into}` : of, standard, shelf);
  const taken = line.ingredientId === null ? undefined : takenFrom(line, into, kitchen);
  const asked =
    taken ??
    [into, `${into} ${of.split(' ').at(-1)!}`]
      .map((words) => readLine(`2 ${words}`, standard, shelf))
      .find(({ unit, ingredientId }) => unit === 'each' && ingredientId !== null);
  if (!asked) return null;
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  // "3 large eggs in eggs" asks nothing; in medium ones it does.
  const isSame = line.unit === 'each' && line.form === asked.form;
  if (!ingredient || isSame) return null;
  const isOfEggs = ingredient.class === 'egg' && asked.ingredientId === 'egg-whole';
  if (line.ingredientId !== asked.ingredientId && !isOfEggs) return null;
  const isPart = line.ingredientId !== asked.ingredientId;
  const piece = pieceOf(ingredient, 'each', isPart ? null : asked.form);
  const intended = intendedMass(line, standard, shelf, author ?? []);
  if (!piece || !intended) return null;
  const { gramsEach } = piece;
  const fruit = taken ? readLine(`2 ${into}`, standard, shelf).ingredientId : null;
  const counted = (fruit === null ? null : shelf.ingredient(fruit)) ?? ingredient;
  const pieces = intended.grams / gramsEach;
  return { kind: 'count', ingredient, counted, intended, pieces, gramsEach };
}
