import { ESTIMATE, type Ingredient, type Shelf, type SourceRef } from '../catalogue/index.js';
import type { Line } from '../reading/index.js';
import type { KindChoice } from './balance/index.js';

/** Another kind that can take the place of an ingredient, and what comes with it. */
export interface Substitute extends KindChoice {
  readonly name: string;
  /** Grams of it for each gram of what it replaces. */
  readonly gramsEach: number;
  /** Water that the dough takes more for each 100 g of it; negative for less. */
  readonly waterMore: number;
  /** Allergens that come in, and that go. */
  readonly gained: readonly string[];
  readonly lost: readonly string[];
  readonly source: SourceRef;
}

/** Grams that leaven as much as 1 g of fresh yeast. */
const YEAST_FOR_FRESH: Readonly<Record<string, number>> = {
  'yeast-fresh': 1,
  'yeast-active-dry': 0.4,
  'yeast-instant': 1 / 3,
};

/**
 * Grams of water that 100 g take more than all-purpose flour, for a dough that feels alike. A house
 * rule, in the middle of what bakers go by; flours of one name differ by as much, so it is said as
 * "about".
 */
const WATER_OVER_ALL_PURPOSE: Readonly<Record<string, number>> = {
  'flour-wheat-all-purpose': 0,
  'flour-wheat-bread': 3,
  'flour-wheat-cake': -4,
  'flour-wheat-whole': 8,
};

const isSalt = ({ bounded }: Ingredient): boolean => bounded === 'salt';

function toSubstitute(
  from: Ingredient,
  to: Ingredient,
  form: string | null,
  { gramsEach, waterMore, source }: Pick<Substitute, 'gramsEach' | 'waterMore' | 'source'>,
): Substitute {
  const has = (one: Ingredient, allergen: string): boolean => one.allergens.includes(allergen);
  return {
    ingredientId: to.id,
    form,
    name: form === null ? to.name : `${to.name}, ${form}`,
    gramsEach,
    waterMore,
    gained: to.allergens.filter((allergen) => !has(from, allergen)),
    lost: from.allergens.filter((allergen) => !has(to, allergen)),
    source,
  };
}

/** Members of a table of kinds, other than `from`, that this shelf has. */
const others = (
  from: Ingredient,
  table: Readonly<Record<string, number>>,
  shelf: Shelf,
): readonly Ingredient[] =>
  Object.keys(table).flatMap((id) => (id === from.id ? [] : (shelf.ingredient(id) ?? [])));

/**
 * The kinds that can take the place of an ingredient: by weight, which is what salts, leavens and
 * binds a dough. One salt for another, gram for gram; fresh for dry yeast by its strength; one
 * wheat flour for another with the water it takes more or less; eggs of another size or country.
 * Empty for what has no other kind.
 */
export function substitutesFor(
  { ingredientId, form }: Pick<Line, 'ingredientId' | 'form'>,
  shelf: Shelf,
): readonly Substitute[] {
  const from = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
  if (!from) return [];
  if (isSalt(from)) {
    return shelf.all
      .filter((one) => isSalt(one) && one.id !== from.id)
      .map((to) =>
        toSubstitute(from, to, null, {
          gramsEach: 1,
          waterMore: 0,
          source: { from: 'same-by-weight' },
        }),
      );
  }
  const strength = YEAST_FOR_FRESH[from.id];
  if (strength !== undefined) {
    return others(from, YEAST_FOR_FRESH, shelf).map((to) =>
      toSubstitute(from, to, null, {
        gramsEach: YEAST_FOR_FRESH[to.id]! / strength,
        waterMore: 0,
        source: ESTIMATE,
      }),
    );
  }
  const water = WATER_OVER_ALL_PURPOSE[from.id];
  if (water !== undefined) {
    return others(from, WATER_OVER_ALL_PURPOSE, shelf).map((to) =>
      toSubstitute(from, to, null, {
        gramsEach: 1,
        waterMore: WATER_OVER_ALL_PURPOSE[to.id]! - water,
        source: ESTIMATE,
      }),
    );
  }
  if (from.class !== 'egg') return [];
  return from.weights
    .filter((weight) => weight.method === 'count' && weight.form !== (form ?? 'large'))
    .map(({ form: size, source }) =>
      toSubstitute(from, from, size, { gramsEach: 1, waterMore: 0, source }),
    );
}

/** The substitute that was chosen, if it still is one of what the line has. */
export function chosenSubstitute(
  line: Pick<Line, 'ingredientId' | 'form'>,
  instead: KindChoice | undefined,
  shelf: Shelf,
): Substitute | null {
  if (!instead) return null;
  return (
    substitutesFor(line, shelf).find(
      ({ ingredientId, form }) => ingredientId === instead.ingredientId && form === instead.form,
    ) ?? null
  );
}
