import type { Ingredient, Method, Shelf } from '../catalogue/index.js';
import { defaultMethod, methodsFor } from '../measuring/index.js';
import type { Line } from '../reading/index.js';
import type { LineChoice } from './balance/index.js';
import type { Habits } from './plan-line.js';

/** The methods by which a line can be measured here; empty when it can only be weighed. */
export function methodsForLine(line: Line, shelf: Shelf): readonly Method[] {
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  return ingredient ? methodsFor(ingredient) : [];
}

/**
 * Your method for a line unless you choose another: the habit of this kitchen for its class, else
 * the author's, so that a recipe measured as it was written stays as it was written; the usual one
 * where the author weighed.
 */
export function usualMethod(line: Line, ingredient: Ingredient, habits: Habits = {}): Method {
  const { authorMethod, unit, form } = line;
  if (ingredient.class === 'egg') return authorMethod ?? 'count';
  const countable = authorMethod === 'count' && unit === 'each' && form !== 'of one fruit';
  if (countable) return 'count';
  const habit = habits[ingredient.class];
  if (habit && methodsFor(ingredient).includes(habit)) return habit;
  if (authorMethod === null || authorMethod === 'count' || authorMethod === 'block') {
    return defaultMethod(ingredient);
  }
  return authorMethod;
}

/** The chosen method, as far as what goes in can be filled so. */
export function methodFor(
  line: Line,
  ingredient: Ingredient,
  { method }: LineChoice,
  habits: Habits | undefined,
): Method {
  const isPossible = method !== undefined && methodsFor(ingredient).includes(method);
  return isPossible ? method : usualMethod(line, ingredient, habits);
}
