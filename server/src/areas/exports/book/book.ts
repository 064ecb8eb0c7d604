import { BOOK_WORDS as WORDS, allergenText, standardName } from '@ypsigram/contract';
import type { Ingredient, Shelf } from '@ypsigram/core/catalogue';
import { conversionChart, type ChartKitchen } from '@ypsigram/core/quick';
import type { BookRecipe } from './book-recipe.js';
import { cardOf } from './card.js';
import { chartOf } from './chart.js';
import { html, type Html } from './html.js';

/** A book of recipes: what stands in it, and what it is printed by. */
export interface Book {
  readonly title: string;
  readonly date: string;
  readonly recipes: readonly BookRecipe[];
  readonly shelf: Shelf;
  /** Null for a book without a conversion chart. */
  readonly chart: ChartKitchen | null;
}

/** The ingredients of a recipe that weigh something, each once. */
function ingredientsOf({ plans, at }: BookRecipe, shelf: Shelf): readonly Ingredient[] {
  const ids = new Set(
    plans[at]!.lines.flatMap(({ ingredientId, intended }) =>
      ingredientId !== null && intended ? [ingredientId] : [],
    ),
  );
  return [...ids].flatMap((id) => shelf.ingredient(id) ?? []);
}

const linkTo = (number: number): Html => html`<a href="#recipe-${number}">${number}</a>`;

function indexOf(of: readonly (readonly Ingredient[])[]): Html {
  const numbers = new Map<string, number[]>();
  for (const [at, ingredients] of of.entries()) {
    for (const { name } of ingredients) {
      numbers.set(name, [...(numbers.get(name) ?? []), at + 1]);
    }
  }
  const entries = [...numbers].sort(([a], [b]) => a.localeCompare(b));
  return html`<section class="index">
    <h2>${WORDS.index}</h2>
    <ul>
      ${entries.map(([name, where]) => html`<li>${name} <span>${where.map(linkTo)}</span></li>`)}
    </ul>
  </section>`;
}

/** The body of a book: its title page, contents, a card for each recipe, index and chart. */
export function bookBody({ title, date, recipes, shelf, chart }: Book): Html {
  const ingredients = recipes.map((recipe) => ingredientsOf(recipe, shelf));
  const used = [...new Set(ingredients.flat())].sort((a, b) => a.name.localeCompare(b.name));
  return html`
    <section class="title-page">
      <h1>${title}</h1>
      <p>${WORDS.made(recipes.length, date)}</p>
    </section>
    <nav class="contents">
      <h2>${WORDS.contents}</h2>
      <ol>
        ${recipes.map((recipe, at) => html`<li><a href="#recipe-${at + 1}">${recipe.title}</a></li>`)}
      </ol>
    </nav>
    ${recipes.map((recipe, at) =>
      cardOf(recipe, at + 1, allergenText(ingredients[at]!.flatMap(({ allergens }) => allergens))),
    )}
    ${indexOf(ingredients)}
    ${chart && chartOf(conversionChart(used, 'usual', chart), standardName(chart.standard))}
  `;
}
