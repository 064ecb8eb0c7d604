import {
  sr,
  UNKNOWN_ALLERGENS,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Role,
  type TableWeight,
} from '../catalogue/index.js';
import { isDoubted } from '../measuring/index.js';
import type { Food, FoodMeasure } from './food.js';
import { readVolume } from './measures.js';

/** The id of a food of the table among ingredients. */
export const foodId = ({ number }: Pick<Food, 'number'>): string => `food-${number}`;

/** What the words of a name tell of the class; the first that fits. */
const BY_WORDS: readonly (readonly [RegExp, IngredientClass])[] = [
  [/\b(?:flour|powder|powdered|ground|dry mix|cornstarch)\b/i, 'powder'],
  [/\b(?:syrup|syrups|honey|molasses)\b/i, 'syrup'],
  [/\b(?:juice|nectar|drink|brewed|fluid|milk|broth|vinegar|sauce|beverage|liquid)\b/i, 'liquid'],
  [
    /\b(?:puree|pureed|mashed|paste|butter|spread|yogurt|cream|hummus|miso|catsup|relish|jam|jams|preserves|marmalade|jellies|puddings|fillings|dressing|mayonnaise|mustard)\b/i,
    'paste',
  ],
];

/** Of what is grown only what was done to it counts: "in heavy syrup", "bread and butter pickles". */
const GROWN_BY_WORDS: typeof BY_WORDS = [
  [/\b(?:flour|powder)\b/i, 'powder'],
  [/\b(?:juice|nectar)\b(?! pack)/i, 'liquid'],
  [/\b(?:puree|pureed|mashed|paste|sauce|catsup|relish)\b/i, 'paste'],
];
const GROWN = new Set(['fruit', 'vegetables', 'legumes']);

const BY_GROUP: Readonly<Record<string, IngredientClass>> = {
  'dairy and eggs': 'chunk',
  spices: 'granular',
  'fats and oils': 'solid-fat',
  cereals: 'chunk',
  fruit: 'chunk',
  vegetables: 'chunk',
  'nuts and seeds': 'chunk',
  beverages: 'liquid',
  legumes: 'chunk',
  'baked goods': 'chunk',
  sweets: 'chunk',
  'grains and pasta': 'chunk',
};

const ROLE_OF: Readonly<Partial<Record<IngredientClass, Role>>> = {
  syrup: 'sugar',
  liquid: 'liquid',
};

/** The class is a guess, from the group and the words of the name. */
function classOf({ name, group }: Food): IngredientClass {
  if (/^(?:Vegetable )?Oil\b/.test(name)) return 'liquid';
  if (group === 'fats and oils' && !/dressing/i.test(name)) return 'solid-fat';
  const isMade = group === 'baked goods' || /^(?:Candies|Snacks)\b/.test(name);
  const words = isMade ? [] : GROWN.has(group) ? GROWN_BY_WORDS : BY_WORDS;
  const found = words.find(([pattern]) => pattern.test(name))?.[1];
  return found ?? BY_GROUP[group] ?? 'chunk';
}

function roleOf(food: Food, ofClass: IngredientClass): Role {
  if (food.group === 'fats and oils') return 'fat';
  if (food.group === 'spices') return 'flavour';
  if (/\bflour\b/i.test(food.name)) return 'flour';
  return ROLE_OF[ofClass] ?? 'inclusion';
}

/** How the table's cups were filled: as usual for the class, and packed where it says so. */
const USUAL: Readonly<Record<IngredientClass, Method>> = {
  powder: 'spooned',
  granular: 'level',
  moist: 'packed',
  chunk: 'level',
  liquid: 'poured',
  syrup: 'poured',
  paste: 'pressed',
  'solid-fat': 'pressed',
  egg: 'count',
};

const methodOf = (words: string, ofClass: IngredientClass): Method => {
  if (/\bsifted\b/.test(words) && ofClass === 'powder') return 'sifted';
  if (/\b(?:not|un)-?\s?packed\b/.test(words)) return USUAL[ofClass];
  return /\bpacked\b/.test(words) && ofClass === 'chunk' ? 'packed' : USUAL[ofClass];
};

/** As it is sold: "package (18.25 oz)". */
const PACKET = /^(?:package|packet|envelope|box)\b(?! yield)/i;
/** What is a share of something bought, and no piece. */
const NO_PIECE =
  /\b(?:oz|lb|serving|package|pkg|can|container|box|bag|bottle|jar|pint|quart|inch|portion|NLEA|fl)\b/i;
const SIZE = /\b(?:extra large|large|medium|small)\b/i;
/** So small a measure in grams is a crumb: no recipe counts those. */
const LEAST_PIECE_GRAMS = 0.5;

function pieceWeight({ amount, measure, grams }: FoodMeasure, number: string): TableWeight | null {
  if (NO_PIECE.test(measure) || readVolume({ amount, measure, grams })) return null;
  if (/\b(?:cup|tbsp|tsp)\b/i.test(measure) || grams / amount < LEAST_PIECE_GRAMS) return null;
  const form = SIZE.exec(measure)?.[0].toLowerCase() ?? null;
  return { form, method: 'count', amount, unit: 'each', grams, source: sr(number) };
}

/** Its measures as weights: the plainest is how it usually comes, the others are forms. */
function weightsOf(food: Food, ofClass: IngredientClass): TableWeight[] {
  const source = sr(food.number);
  const volumes = food.measures.flatMap((measure) => readVolume(measure) ?? []);
  const isPlain = ({ words }: { words: string }): boolean =>
    words === '' || /^(?:not packed|unpacked|whole)$/.test(words);
  const usual = (volumes.find(isPlain) ?? volumes[0])?.words;
  const filled = volumes.map(({ unit, amount, grams, words }): TableWeight => ({
    form: words === usual ? null : words,
    method: methodOf(words, ofClass),
    amount,
    unit,
    grams,
    source,
  }));
  const pieces = food.measures.flatMap((measure) => pieceWeight(measure, food.number) ?? []);
  const packets = food.measures.filter(({ measure }) => PACKET.test(measure));
  const [packet] = packets;
  const sold: TableWeight[] =
    packets.length === 1 && packet
      ? [
          {
            form: null,
            method: 'count',
            amount: packet.amount,
            unit: 'packet',
            grams: packet.grams,
            source,
          },
        ]
      : [];
  const first = pieces.findIndex(({ form }) => form === null || form === 'medium');
  // A size that was not asked for is the middle one.
  const each = pieces.map((piece, at) => (at === first ? { ...piece, form: null } : piece));
  return [
    ...filled,
    ...each.sort((a, b) => Number(a.form !== null) - Number(b.form !== null)),
    ...sold,
  ];
}

/** What fills a cup more closely than pieces can is a paste. */
const CLASSES_TO_TRY: readonly IngredientClass[] = ['paste', 'granular'];

/**
 * A food of the table as an ingredient: measures turned into densities and pieces, the class guessed
 * from its group and name. How it keeps and what it can do to the allergic is not known. Where the
 * table has it only by the ounce it can be weighed and not filled. Null where nothing that it says of
 * a measure can be, or where it does not say how wet the food is.
 */
export function foodAsIngredient(food: Food): Ingredient | null {
  const { water } = food;
  if (water === null) return null;
  const as = (ofClass: IngredientClass): Ingredient => ({
    id: foodId(food),
    name: food.name,
    class: ofClass,
    role: roleOf(food, ofClass),
    waterPercent: water,
    keeps: null,
    allergens: [UNKNOWN_ALLERGENS],
    isFromTable: true,
    tableFood: food.number,
    ...(/^alcoholic beverage/i.test(food.name) ? { hazards: ['alcohol' as const] } : {}),
    aliases: [],
    weights: weightsOf(food, ofClass),
  });
  const tried = [classOf(food), ...CLASSES_TO_TRY].map(as);
  if (tried[0]!.weights.length === 0) return tried[0]!;
  return (
    tried.find(({ weights, ...of }) =>
      weights.some((weight) => !isDoubted({ weights, ...of }, weight)),
    ) ?? null
  );
}
