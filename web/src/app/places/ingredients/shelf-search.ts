import MiniSearch from 'minisearch';
import { wordsOf, type Ingredient, type Shelf } from '@ypsigram/core/catalogue';

/** Names match first, then other names, then what it is made of or does. */
const BOOST = { name: 4, aliases: 3, allergens: 1 };
/** A typing error in every fifth letter is forgiven. */
const FUZZY = 0.2;

/** Finds the ingredients that answer to some words. */
export type ShelfSearch = (query: string) => readonly Ingredient[];

/**
 * A search over a shelf: ingredients that answer to the words, best first; all of them, by name,
 * for no words. The index is built at the first search.
 */
export function shelfSearch(shelf: Pick<Shelf, 'all'>): ShelfSearch {
  const byName = [...shelf.all].sort((a, b) => a.name.localeCompare(b.name));
  const byId = new Map(shelf.all.map((ingredient) => [ingredient.id, ingredient]));
  let index: MiniSearch | null = null;
  return (query) => {
    if (wordsOf(query).length === 0) return byName;
    index ??= indexOf(shelf.all);
    const found = index.search(query).flatMap(({ id }) => byId.get(String(id)) ?? []);
    // What goes by just this name comes first, then what goes by a name that begins with these words.
    const ranks = new Map(found.map((ingredient) => [ingredient, rankOf(ingredient, query)]));
    return found.sort((a, b) => ranks.get(a)! - ranks.get(b)!);
  };
}

function rankOf({ name, aliases, loosely = [] }: Ingredient, query: string): number {
  const wanted = wordsOf(query).join(' ');
  const names = [name, ...aliases, ...loosely].map((one) => wordsOf(one).join(' '));
  if (names.includes(wanted)) return 0;
  return wanted.includes(' ') && names.some((one) => one.startsWith(wanted)) ? 1 : 2;
}

function indexOf(ingredients: readonly Ingredient[]): MiniSearch {
  const index = new MiniSearch({
    fields: ['name', 'aliases', 'allergens'],
    tokenize: (text) => wordsOf(text),
    processTerm: (term) => term,
    searchOptions: { boost: BOOST, prefix: true, fuzzy: FUZZY, combineWith: 'AND' },
  });
  index.addAll(
    ingredients.map(({ id, name, aliases, loosely = [], allergens }) => ({
      id,
      name,
      aliases: [...aliases, ...loosely].join(' '),
      allergens: allergens.join(' '),
    })),
  );
  return index;
}
