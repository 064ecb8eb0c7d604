import type { Recipe, RecipeSummary } from '@ypsigram/contract';
import { planBatch, readFactor } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import { Fraction } from '@ypsigram/core/amount';
import { readOwn, type AuthorKnowledge, type OwnKitchen } from '../../own-kitchen.js';

const UNTITLED = 'Untitled recipe';

/** What a recipe's text says of itself: its title, and the ingredients to find it by. */
export function describeText(
  text: string,
  standard: Recipe['standard'],
  shelf: Shelf,
): { title: string; ingredients: string } {
  const reading = readRecipe(text, standard, shelf);
  const names = new Set<string>();
  for (const { ingredientId, written, kind } of reading.lines) {
    if (kind !== 'ingredient') continue;
    names.add(written);
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    if (ingredient) names.add([ingredient.name, ...ingredient.aliases].join(' '));
  }
  return { title: reading.title ?? UNTITLED, ingredients: [...names].join('\n') };
}

/** Lines of the Book that were worked out lately in this kitchen; a revision never changes. */
const WORKED_OUT = new WeakMap<OwnKitchen, Map<string, RecipeSummary>>();

/** A line of the Book, worked out from the text. */
export function summarise(
  recipe: Recipe,
  kitchen: OwnKitchen,
  author: AuthorKnowledge,
): RecipeSummary {
  let known = WORKED_OUT.get(kitchen);
  if (!known) WORKED_OUT.set(kitchen, (known = new Map()));
  const cups = author.weights.map((weight) => [weight.ingredientId, weight.gramsPerMillilitre]);
  const key = `${recipe.id} ${recipe.revision} ${JSON.stringify([cups, author.answers])}`;
  let summary = known.get(key);
  if (!summary) known.set(key, (summary = workOut(recipe, kitchen, author)));
  return summary;
}

function workOut(recipe: Recipe, kitchen: OwnKitchen, author: AuthorKnowledge): RecipeSummary {
  const { id, title, batch, revision, updatedAt } = recipe;
  const { drawer, shelf, scales, weighedIn, habits, hand } = kitchen;
  const reading = readOwn(recipe, kitchen, author);
  const factor = readFactor(batch.factor);
  const lines = planBatch(reading, {
    factor: factor.ok ? factor.factor : new Fraction(1),
    methods: recipe.methods,
    choices: recipe.balance.lines,
    strictness: recipe.balance.strictness,
    drawer,
    shelf,
    scales,
    weighedIn,
    habits,
    hand,
    author: author.weights,
  }).filter(({ kind }) => kind === 'ingredient');
  let totalGrams = 0;
  let measuredGrams = 0;
  let weighedGrams = 0;
  for (const { intended, measure, weight, isWeighed } of lines) {
    totalGrams += intended?.grams ?? 0;
    // Only what can be had by both routes goes on the beam.
    if (!measure || !weight) continue;
    measuredGrams += isWeighed ? weight.grams : measure.grams;
    weighedGrams += weight.grams;
  }
  return {
    id,
    title,
    batch,
    revision,
    updatedAt,
    yield: reading.yield?.written.trim() ?? null,
    ingredientCount: lines.length,
    openCount: lines.filter(({ intended, scaled }) => scaled && !intended).length,
    totalGrams,
    measuredGrams,
    weighedGrams,
  };
}
