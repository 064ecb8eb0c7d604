import {
  RECIPE_WORDS,
  batchProblemMessage,
  type Recipe,
  type RecipeSummary,
} from '@ypsigram/contract';
import {
  assembleRecipe,
  columnTotals,
  planBatch,
  provenLines,
  setBatch,
  unweighedLines,
  type ProvenWeight,
} from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import {
  readInKitchen,
  type AuthorKnowledge,
  type KitchenContext,
} from '../../context/kitchen-context.js';

const { untitled: UNTITLED } = RECIPE_WORDS;

/** A recipe's text, and its title where that is given beside it. */
interface TitledText extends Pick<Recipe, 'text' | 'standard'> {
  readonly title?: string | undefined;
}

/** What a recipe is listed and found by: its title, and the names of its ingredients. */
export function indexText(
  { title, text, standard }: TitledText,
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
  return { title: title ?? reading.title ?? UNTITLED, ingredients: [...names].join('\n') };
}

/** A summary, and what was known of its author and its bakes when it was worked out. */
interface RememberedSummary {
  readonly author: AuthorKnowledge;
  readonly proven: readonly ProvenWeight[];
  readonly summary: RecipeSummary;
}

/** Summaries by the kitchen they hold in; a revision of a recipe never changes. */
const SUMMARIES = new WeakMap<KitchenContext, Map<string, RememberedSummary>>();

const NOTHING_PROVEN: readonly ProvenWeight[] = [];

const NOT_WORKED_OUT =
  'This recipe could not be worked out. Open its Text and look through its lines.';

/** What is left to say of a recipe where nothing can be worked out. */
const bareSummary = ({
  id,
  title,
  batch,
  revision,
  updatedAt,
  authorId,
}: Recipe): RecipeSummary => ({
  id,
  title,
  batch,
  revision,
  updatedAt,
  authorId,
  yield: null,
  kind: null,
  lastBake: null,
  provenLines: 0,
  ingredientCount: 0,
  openCount: 0,
  totalGrams: 0,
  measuredGrams: 0,
  weighedGrams: 0,
  problem: NOT_WORKED_OUT,
});

/**
 * An entry of the list, worked out from the text. One that can't be takes no list down: it is
 * reported, and says so.
 */
export function summarise(
  recipe: Recipe,
  kitchen: KitchenContext,
  author: AuthorKnowledge,
  report: (error: unknown) => void,
  proven: readonly ProvenWeight[] = NOTHING_PROVEN,
): RecipeSummary {
  let known = SUMMARIES.get(kitchen);
  if (!known) SUMMARIES.set(kitchen, (known = new Map()));
  const before = known.get(recipe.id);
  if (
    before?.author === author &&
    before.proven === proven &&
    before.summary.revision === recipe.revision
  ) {
    return before.summary;
  }
  try {
    const summary = workOut(recipe, kitchen, author, proven);
    known.set(recipe.id, { author, proven, summary });
    return summary;
  } catch (error) {
    report(error);
    return bareSummary(recipe);
  }
}

function workOut(
  recipe: Recipe,
  kitchen: KitchenContext,
  author: AuthorKnowledge,
  proven: readonly ProvenWeight[],
): RecipeSummary {
  const { id, title, batch, revision, updatedAt, methods, balance } = recipe;
  const reading = readInKitchen(recipe, kitchen, author);
  const { weights } = author;
  const assembled = assembleRecipe({
    reading,
    kitchen,
    author: weights,
    hand: kitchen.hand,
    methods,
    balance,
    learned: { proven, forgives: null },
  });
  const set = setBatch(assembled, batch);
  const plan = set.ok ? planBatch(reading, set.batch) : [];
  const { intendedGrams, measuredGrams, weighedGrams } = columnTotals(plan);
  return {
    id,
    title,
    batch,
    revision,
    updatedAt,
    authorId: recipe.authorId,
    yield: reading.yield?.written.trim() ?? null,
    kind: assembled.basis.kind ?? null,
    lastBake: null,
    provenLines: provenLines(reading, proven).size,
    ingredientCount: reading.lines.filter(({ kind }) => kind === 'ingredient').length,
    openCount: unweighedLines(plan).filter((index) => plan[index]!.scaled !== null).length,
    totalGrams: intendedGrams,
    measuredGrams,
    weighedGrams,
    problem: set.ok ? null : batchProblemMessage(set.problem),
  };
}
