import { BISCUITS_AND_PASTRY } from './data/biscuits-and-pastry.js';
import { DAIRY } from './data/dairy.js';
import { EGGS } from './data/eggs.js';
import { FATS } from './data/fats.js';
import { FLOURS_AND_MEALS } from './data/flours-and-meals.js';
import { FRUIT } from './data/fruit.js';
import { GRAINS_AND_STARCHES } from './data/grains-and-starches.js';
import { LEAVENING_AND_SALT } from './data/leavening-and-salt.js';
import { LIQUIDS_AND_CHOCOLATE } from './data/liquids-and-chocolate.js';
import { NUTS_AND_SEEDS } from './data/nuts-and-seeds.js';
import { SPECIAL_FLOURS } from './data/special-flours.js';
import { SPECIAL_SUGARS } from './data/special-sugars.js';
import { SPECIAL_DAIRY } from './data/special-dairy.js';
import { MORE_FRUIT } from './data/more-fruit.js';
import { MORE_NUTS } from './data/more-nuts.js';
import { MORE_FLAVOURS } from './data/more-flavours.js';
import { SPICES_AND_FLAVOURS } from './data/spices-and-flavours.js';
import { SUGARS } from './data/sugars.js';
import { MORE_GRAINS } from './data/more-grains.js';
import { SWEETS } from './data/sweets.js';
import { MORE_DAIRY } from './data/more-dairy.js';
import { MORE_NUTS_AND_SEEDS } from './data/more-nuts-and-seeds.js';
import { MORE_SPICES } from './data/more-spices.js';
import { HERBS } from './data/herbs.js';
import { RARER_FRUIT } from './data/rarer-fruit.js';
import { VEGETABLES } from './data/vegetables.js';
import { DRINKS } from './data/drinks.js';
import { WHEAT_FLOURS } from './data/wheat-flours.js';
import { CONDIMENTS } from './data/condiments.js';
import { CANDIES } from './data/candies.js';
import { SWEETENERS } from './data/sweeteners.js';
import { COLOURS_AND_DECORATIONS } from './data/colours-and-decorations.js';
import { MIXES_AND_CRUSTS } from './data/mixes-and-crusts.js';
import { CEREALS } from './data/cereals.js';
import { BREADS_AND_CAKES } from './data/breads-and-cakes.js';
import { CHEESES } from './data/cheeses.js';
import { GRAINS_AND_PULSES } from './data/grains-and-pulses.js';
import { CANNED_AND_DRIED_FRUIT } from './data/canned-and-dried-fruit.js';
import { SAVOURY_VEGETABLES } from './data/savoury-vegetables.js';
import { MEAT_AND_FISH } from './data/meat-and-fish.js';
import { RARER_SPICES } from './data/rarer-spices.js';
import { SODAS_AND_SPIRITS } from './data/sodas-and-spirits.js';
import { NUTS_GROUND } from './data/nuts-ground.js';
import { nameFinder, type Ingredient, type Shelf } from '../catalogue/index.js';

/**
 * The built-in ingredients. Each weight carries its citation, those of the public table are compared
 * with it by a spec, and a baker can overrule any of them.
 */
export const CATALOGUE: readonly Ingredient[] = [
  ...WHEAT_FLOURS,
  ...FLOURS_AND_MEALS,
  ...GRAINS_AND_STARCHES,
  ...SUGARS,
  ...EGGS,
  ...DAIRY,
  ...FATS,
  ...LEAVENING_AND_SALT,
  ...NUTS_AND_SEEDS,
  ...SPICES_AND_FLAVOURS,
  ...FRUIT,
  ...LIQUIDS_AND_CHOCOLATE,
  ...SPECIAL_FLOURS,
  ...SPECIAL_SUGARS,
  ...SPECIAL_DAIRY,
  ...MORE_FRUIT,
  ...MORE_NUTS,
  ...MORE_FLAVOURS,
  ...DRINKS,
  ...HERBS,
  ...RARER_FRUIT,
  ...VEGETABLES,
  ...MORE_SPICES,
  ...MORE_NUTS_AND_SEEDS,
  ...MORE_DAIRY,
  ...SWEETS,
  ...MORE_GRAINS,
  ...BISCUITS_AND_PASTRY,
  ...NUTS_GROUND,
  ...SODAS_AND_SPIRITS,
  ...RARER_SPICES,
  ...MEAT_AND_FISH,
  ...SAVOURY_VEGETABLES,
  ...CANNED_AND_DRIED_FRUIT,
  ...GRAINS_AND_PULSES,
  ...CHEESES,
  ...BREADS_AND_CAKES,
  ...CEREALS,
  ...MIXES_AND_CRUSTS,
  ...COLOURS_AND_DECORATIONS,
  ...SWEETENERS,
  ...CANDIES,
  ...CONDIMENTS,
];

const BY_ID: ReadonlyMap<string, Ingredient> = new Map(CATALOGUE.map((i) => [i.id, i]));

/** The built-in ingredient of this id, or undefined. */
export function ingredientById(id: string): Ingredient | undefined {
  return BY_ID.get(id);
}

/** The built-in ingredients, as the tables have them. */
export const BUILT_IN_SHELF: Shelf = {
  all: CATALOGUE,
  ingredient: ingredientById,
  findName: nameFinder(CATALOGUE, []),
};

/** The built-in ingredient of an id that is known to exist. @throws RangeError if it does not. */
export function knownIngredient(id: string): Ingredient {
  const ingredient = BY_ID.get(id);
  if (!ingredient) throw new RangeError(`No ingredient has the id "${id}"`);
  return ingredient;
}
