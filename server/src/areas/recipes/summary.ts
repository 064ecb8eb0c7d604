import { drawerOfKitchen, type Kitchen, type Recipe, type RecipeSummary } from '@ypsigram/contract';
import { planBatch, readFactor } from '@ypsigram/core/batch';
import { ingredientById, shelfOf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import { Fraction } from '@ypsigram/core/amount';

const UNTITLED = 'Untitled recipe';

/** What a recipe's text says of itself: its title, and the ingredients to find it by. */
export function describeText(
  text: string,
  standard: Recipe['standard'],
): { title: string; ingredients: string } {
  const reading = readRecipe(text, standard);
  const names = new Set<string>();
  for (const { ingredientId, written, kind } of reading.lines) {
    if (kind !== 'ingredient') continue;
    names.add(written);
    const ingredient = ingredientId === null ? undefined : ingredientById(ingredientId);
    if (ingredient) names.add([ingredient.name, ...ingredient.aliases].join(' '));
  }
  return { title: reading.title ?? UNTITLED, ingredients: [...names].join('\n') };
}

/** Lines of the Book that were worked out lately; a revision never changes. */
const KNOWN = new Map<string, RecipeSummary>();
const MOST_KNOWN = 2000;

/** A line of the Book, worked out from the text. */
export function summarise(recipe: Recipe, kitchen: Kitchen): RecipeSummary {
  const key = `${recipe.id} ${recipe.revision} ${kitchen.revision}`;
  let summary = KNOWN.get(key);
  if (!summary) {
    summary = workOut(recipe, kitchen);
    if (KNOWN.size >= MOST_KNOWN) KNOWN.delete(KNOWN.keys().next().value!);
    KNOWN.set(key, summary);
  }
  return summary;
}

function workOut(recipe: Recipe, kitchen: Kitchen): RecipeSummary {
  const { id, title, batch, revision, updatedAt } = recipe;
  const reading = readRecipe(recipe.text, recipe.standard);
  const factor = readFactor(batch.factor);
  const lines = planBatch(reading, {
    factor: factor.ok ? factor.factor : new Fraction(1),
    methods: recipe.methods,
    drawer: drawerOfKitchen(kitchen),
    shelf: shelfOf(kitchen.weights),
  }).filter(({ kind }) => kind === 'ingredient');
  let totalGrams = 0;
  let measuredGrams = 0;
  let weighedGrams = 0;
  for (const { intended, measure, weight } of lines) {
    totalGrams += intended?.grams ?? 0;
    // Only what can be had by both routes goes on the beam.
    if (!measure || !weight) continue;
    measuredGrams += measure.grams;
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
