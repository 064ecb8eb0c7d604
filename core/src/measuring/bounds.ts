import type { Ingredient, IngredientClass, Role } from '../catalogue/index.js';
import { rememberByIngredient } from './remember-by-ingredient.js';

/** The lightest and the heaviest that a millilitre can be, in grams. */
export type DensityBounds = readonly [low: number, high: number];

/** Ethanol and fats at 20 °C in g/mL: nothing that is poured in a kitchen is lighter. */
const ETHANOL = 0.789;
const OILS: DensityBounds = [0.9, 0.96];

/** Dry solids in g/mL: crystals of salt and of bicarbonate, of sucrose, starch and fibre. */
const SALT = 2.17;
const BICARBONATE = 2.2;
const SUCROSE = 1.59;
const STARCH_AND_FIBRE = 1.5;

/**
 * How much of a heap is solid: from fluff to what was tapped down. Random packing of equal balls is
 * 0.64 at most (Bernal and Mason 1960); grains of mixed sizes go a little closer, powders that
 * cling to each other stay wider apart however long they are tapped.
 */
const PACKING: Readonly<Record<'powder' | 'granular' | 'moist' | 'chunk', DensityBounds>> = {
  powder: [0.2, 0.56],
  granular: [0.12, 0.66],
  moist: [0.25, 0.72],
  chunk: [0.02, 0.75],
};

/**
 * Density of a sugar solution at 20 °C in g/mL with so many grams of sugar in 100 g, 0 to 90: a
 * parabola through the table of pure sucrose (Bates and others 1942, NBS Circular 440), off by no
 * more than 0.001.
 */
export function densityOfSyrup(solids: number): number {
  return 0.9982 + 0.0037413 * solids + 0.00001784 * solids * solids;
}

/** What is dissolved may be heavier than sugar, and a syrup may hold a little air. */
const OVER_SYRUP = 0.06;
const UNDER_SYRUP = 0.15;

/** Salts and proteins weigh more than sugar would, and a cup in a table is rounded to a gram. */
const OVER_JUICE = 0.02;

/** A paste holds air, or bits that settle with gaps between them. */
const LIGHTEST_PASTE = 0.75;
/** Nut butters and pastes of sugar: solids of 1.5 g/mL in fat or water. */
const HEAVIEST_DRY_PASTE = 1.3;
const SOFT_FAT: DensityBounds = [0.75, 0.99];
const EGG: DensityBounds = [0.9, 1.1];

const solidOf = (role: Role): number => {
  if (role === 'salt') return SALT;
  if (role === 'leavening') return BICARBONATE;
  return role === 'sugar' ? SUCROSE : STARCH_AND_FIBRE;
};

/** Solid and water side by side, each with its volume. */
function densityOfMatter(role: Role, waterPercent: number): number {
  const water = waterPercent / 100;
  return 1 / (water + (1 - water) / solidOf(role));
}

function heaped(ofClass: keyof typeof PACKING, { role, waterPercent }: Ingredient): DensityBounds {
  const matter = densityOfMatter(role, waterPercent);
  const [low, high] = PACKING[ofClass];
  // What is mostly water fills its own gaps with juice.
  const closest = waterPercent > 60 ? 1 : high;
  return [matter * low, matter * closest];
}

function poured({ role, waterPercent, hazards }: Ingredient): DensityBounds {
  if (role === 'fat' && waterPercent < 5) return OILS;
  const solids = densityOfSyrup(100 - waterPercent) + OVER_JUICE;
  return hazards?.includes('alcohol') || role === 'flavour' ? [ETHANOL, solids] : [0.95, solids];
}

const BY_CLASS: Readonly<Record<IngredientClass, (ingredient: Ingredient) => DensityBounds>> = {
  powder: (ingredient) => heaped('powder', ingredient),
  granular: (ingredient) => heaped('granular', ingredient),
  moist: (ingredient) => heaped('moist', ingredient),
  chunk: (ingredient) => heaped('chunk', ingredient),
  liquid: poured,
  syrup: ({ waterPercent }) => {
    const syrup = densityOfSyrup(100 - waterPercent);
    return [Math.max(1, syrup - UNDER_SYRUP), syrup + OVER_SYRUP];
  },
  paste: ({ role, waterPercent }) =>
    role === 'sugar'
      ? [LIGHTEST_PASTE, densityOfSyrup(100 - waterPercent) + OVER_SYRUP]
      : [LIGHTEST_PASTE, Math.min(HEAVIEST_DRY_PASTE, densityOfMatter(role, waterPercent) + 0.05)],
  'solid-fat': () => SOFT_FAT,
  egg: () => EGG,
};

const ofUsualForm = rememberByIngredient(
  (ingredient: Ingredient): DensityBounds =>
    ingredient.bounds ?? BY_CLASS[ingredient.class](ingredient),
);

/**
 * What a millilitre of the ingredient can weigh at all, in grams, by what it is made of: the bounds
 * of its record or of this form where there are some (whipped cream is half air), else those of its
 * class, role and water. No table, hand or author can be right outside.
 *
 * @example
 * densityBounds(honey) // [1.29, 1.49]
 */
export const densityBounds = (ingredient: Ingredient, form: string | null = null): DensityBounds =>
  (form === null ? undefined : ingredient.formBounds?.[form]) ?? ofUsualForm(ingredient);

/** Whether so many grams to the millilitre can be. */
export const canBeSoDense = (
  ingredient: Ingredient,
  form: string | null,
  gramsPerMillilitre: number,
): boolean => {
  const [low, high] = densityBounds(ingredient, form);
  return gramsPerMillilitre >= low && gramsPerMillilitre <= high;
};
