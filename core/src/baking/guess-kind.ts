import type { Ingredient, Shelf } from '../catalogue/index.js';
import type { Reading } from '../reading/index.js';
import { USUAL_KIND, type BakeKind } from './kind.js';

/** A mass of an ingredient that goes into a bake. */
interface RoughPart {
  readonly ingredientId: string | null;
  readonly grams: number;
}

/**
 * Words that name a kind, in the languages that are read; the first that is met decides, so
 * narrower ones stand first. A word with a blank before it is not found inside another.
 */
const NAMES: readonly (readonly [BakeKind, RegExp])[] = [
  [
    'bar',
    /\b(?:brownies?|blondies?|bars?|slabs?|flapjacks?|granola|muesli|crumbles?|crisps?|cobblers?|streusel|tray ?bakes?|riegel|müsli|lebkuchenschnitten)\b/,
  ],
  [
    'airy',
    /\b(?:sponge|g[eé]noise|angel food|chiffon|meringues?|pavlova|souffl[eé]s?|macarons?|swiss roll|roulade|ladyfingers?|dacquoise|biskuit|baiser|biscuit de savoie|lean sponge)/,
  ],
  [
    'quick',
    /\b(?:muffins?|scones?|pancakes?|waffles?|griddle ?cakes?|hot ?cakes?|drop biscuits?|buttermilk biscuits?|banana bread|pumpkin bread|zucchini bread|quick bread|tea ?(?:loaf|bread)|fruit bread|barm ?brack|corn ?bread|soda bread|gingerbread loaf|pfannkuchen|waffeln?|cr[eê]pes?|gaufres?)\b/,
  ],
  [
    'pastry',
    /\b(?:pastry|pie|pies|pie crust|shortcrust|short crust|tart|tarts|tartlets?|galette|quiche|turnovers?|empanadas?|rugelach|strudel|puff|pâte (?:brisée|sablée|feuilletée|sucrée)|tarte|mürbeteig|mürbteig|blätterteig)\b/,
  ],
  [
    'cookie',
    /\b(?:cookies?|biscuits?|shortbread|snaps?|macaroons?|biscotti|rounds|thins|crinkles?|snickerdoodles?|sablés?|plätzchen|kekse?|makronen|kipferl)\b/,
  ],
  [
    'cake',
    /(?:\b(?:cakes?|cupcakes?|bundt|torte|gateau|gâteau|gugelhupf|madeleines?|fruit ?loaf|cake salé)\b|kuchen|torte)/,
  ],
];

/** Signs of foam in the steps: eggs that carry the bake. */
const FOAM =
  /\b(?:stiff peaks|soft peaks|ribbon stage|until tripled|whisk(?:ed)? (?:the )?whites|fold in the whites|eischnee|steif schlagen|blancs en neige)\b/;

/** Baker's percentages that tell kinds apart: house rules, from the usual formulas of each. */
const RICH = 20;
const FOAM_EGG = 100;
const LITTLE_FAT = 25;
const PASTRY_FAT = 40;
const LITTLE_SUGAR = 25;
const DRY = 40;
const COOKIE_SUGAR = 25;
const CAKE_SUGAR = 65;
const BAR_INCLUSIONS = 120;

interface RoughFormula {
  readonly flour: number;
  /** Each in percent of the flour, water without that in flour. */
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  readonly egg: number;
  readonly yeast: number;
  readonly leavening: number;
  readonly inclusion: number;
}

function formulaOf(parts: readonly RoughPart[], shelf: Shelf): RoughFormula {
  const known = parts.flatMap(({ ingredientId, grams }) => {
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    return ingredient ? [{ ingredient, grams }] : [];
  });
  const sum = (of: (ingredient: Ingredient) => number): number =>
    known.reduce((total, { ingredient, grams }) => total + grams * of(ingredient), 0);
  const role = (name: Ingredient['role']) => sum((one) => (one.role === name ? 1 : 0));
  const flour = role('flour');
  const percent = (grams: number): number => (flour > 0 ? (100 * grams) / flour : 0);
  return {
    flour,
    water: percent(sum((one) => (one.role === 'flour' ? 0 : one.waterPercent / 100))),
    fat: percent(role('fat')),
    sugar: percent(role('sugar')),
    egg: percent(role('egg')),
    yeast: percent(role('yeast')),
    leavening: percent(role('leavening')),
    inclusion: percent(role('inclusion')),
  };
}

/** By its ratios alone. */
function byRatios(formula: RoughFormula, hasFoam: boolean): BakeKind {
  const { flour, water, fat, sugar, egg, leavening, inclusion } = formula;
  if (flour === 0) return hasFoam ? 'airy' : USUAL_KIND;
  if (inclusion >= BAR_INCLUSIONS && egg < FOAM_EGG) return 'bar';
  if (egg >= FOAM_EGG && fat < LITTLE_FAT) return 'airy';
  if (fat >= PASTRY_FAT && sugar < LITTLE_SUGAR && water < DRY) return 'pastry';
  if (sugar >= COOKIE_SUGAR && water < DRY) return 'cookie';
  if (leavening > 0 && sugar < CAKE_SUGAR) return 'quick';
  if (leavening === 0 && fat < RICH && sugar < RICH && egg < RICH) return 'lean-dough';
  return USUAL_KIND;
}

/**
 * What kind of bake a recipe is: by its yeast, else by its name, else by its ratios. A guess, to be
 * shown as one.
 */
export function guessKind(reading: Reading, parts: readonly RoughPart[], shelf: Shelf): BakeKind {
  const title = (reading.title ?? '').toLowerCase();
  const steps = reading.lines.filter(({ kind }) => kind === 'step');
  const hasFoam = FOAM.test(steps.map(({ written }) => written.toLowerCase()).join('\n'));
  const named = NAMES.find(([, words]) => words.test(title))?.[0];
  const formula = formulaOf(parts, shelf);
  const { flour, yeast, fat, sugar, egg } = formula;
  // Yeasted pancakes are pancakes; a yeasted cake is a dough.
  if (yeast > 0 && flour > 0 && named !== 'quick') {
    return fat + sugar + egg >= RICH ? 'rich-dough' : 'lean-dough';
  }
  return named ?? byRatios(formula, hasFoam);
}
