import type { Shelf } from '../catalogue/index.js';
import {
  CLASS_FACTOR_SPREAD,
  defaultMethod,
  densityOf,
  sameFilling,
  type FillingOf,
  type KnownWeight,
} from '../measuring/index.js';
import type { InferredConvention } from './conventions.js';

/** What an author says a filling weighs. */
export interface GivenConvention extends FillingOf {
  readonly gramsPerMillilitre: number;
}

/** An author, as far as weights go. */
export interface AuthorCups {
  readonly name: string;
  readonly given: readonly GivenConvention[];
  readonly inferred: readonly InferredConvention[];
}

const ALL_PURPOSE = 'flour-wheat-all-purpose';

/** What an author's cups weigh: what is given, then what was inferred and not given. */
function conventions({ name, given, inferred }: AuthorCups): KnownWeight[] {
  const said = given.map(({ ingredientId, form, method, gramsPerMillilitre }): KnownWeight => ({
    ingredientId,
    form,
    method,
    size: null,
    rung: 'author',
    gramsPerMillilitre,
    relativeSpread: 0,
    source: { from: 'author', author: name },
  }));
  const found = inferred.flatMap((convention): KnownWeight[] => {
    const { ingredientId, form, method, gramsPerMillilitre, relativeSpread, lines } = convention;
    if (gramsPerMillilitre === null) return [];
    if (given.some((other) => sameFilling(other, convention))) return [];
    const agreeing = lines.filter(({ agrees }) => agrees).length;
    return [
      {
        ingredientId,
        form,
        method,
        size: null,
        rung: 'author',
        gramsPerMillilitre,
        relativeSpread: relativeSpread / Math.sqrt(agreeing),
        source: { from: 'author-lines', author: name, lines: agreeing },
      },
    ];
  });
  return [...said, ...found];
}

/**
 * What is known of an author's cups. From a figure for all-purpose flour follows one for every
 * other wheat flour the author says nothing about: whoever fills a cup of one heavily fills the
 * others heavily too, by about the same factor. Those are estimates, and labelled so.
 */
export function knownOfAuthor(author: AuthorCups, shelf: Shelf): readonly KnownWeight[] {
  const known = conventions(author);
  const plain = known.find(({ ingredientId }) => ingredientId === ALL_PURPOSE);
  const table = plain && tableWeight(shelf, ALL_PURPOSE);
  if (!plain || !table || plain.method !== table.method) return known;
  const factor = plain.gramsPerMillilitre / table.gramsPerMillilitre;
  const estimates = shelf.all.flatMap((flour): KnownWeight[] => {
    if (!flour.isWheatFlour || known.some(({ ingredientId }) => ingredientId === flour.id)) {
      return [];
    }
    const own = tableWeight(shelf, flour.id);
    return own
      ? [
          {
            ingredientId: flour.id,
            form: own.form,
            method: own.method,
            size: null,
            rung: 'estimate',
            gramsPerMillilitre: own.gramsPerMillilitre * factor,
            relativeSpread: CLASS_FACTOR_SPREAD,
            source: { from: 'author-flour', author: author.name },
          },
        ]
      : [];
  });
  return [...known, ...estimates];
}

/** The table weight of a cup filled in the usual way. */
function tableWeight(shelf: Shelf, id: string) {
  const ingredient = shelf.ingredient(id);
  if (!ingredient) return null;
  const method = defaultMethod(ingredient);
  const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
  return basis && { form: null, method, gramsPerMillilitre: basis.gramsPerMillilitre };
}
