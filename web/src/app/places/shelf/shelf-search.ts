import MiniSearch from 'minisearch';
import { CATALOGUE, wordsOf, type Ingredient } from '@ypsigram/core/catalogue';

/** Names match first, then other names, then what it is made of or does. */
const BOOST = { name: 4, aliases: 3, allergens: 1 };
/** A typing error in every fifth letter is forgiven. */
const FUZZY = 0.2;

function buildIndex(): MiniSearch {
  const index = new MiniSearch({
    fields: ['name', 'aliases', 'allergens'],
    tokenize: (text) => wordsOf(text),
    processTerm: (term) => term,
    searchOptions: { boost: BOOST, prefix: true, fuzzy: FUZZY, combineWith: 'AND' },
  });
  index.addAll(
    CATALOGUE.map(({ id, name, aliases, loosely = [], allergens }) => ({
      id,
      name,
      aliases: [...aliases, ...loosely].join(' '),
      allergens: allergens.join(' '),
    })),
  );
  return index;
}

let index: MiniSearch | null = null;

/** Ingredients that answer to the words, best first; all of them, by name, for no words. */
export function searchShelf(query: string): readonly Ingredient[] {
  if (wordsOf(query).length === 0) {
    return [...CATALOGUE].sort((a, b) => a.name.localeCompare(b.name));
  }
  index ??= buildIndex();
  const byId = new Map(CATALOGUE.map((ingredient) => [ingredient.id, ingredient]));
  return index.search(query).flatMap(({ id }) => byId.get(String(id)) ?? []);
}
