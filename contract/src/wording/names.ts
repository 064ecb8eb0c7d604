import type { SourceRef } from '@ypsigram/core/catalogue';
import type { BakeKind } from '@ypsigram/core/baking';
import type { IngredientClass, Keeps, Method, Role } from '@ypsigram/core/catalogue';
import { sourceText } from './sources.js';
import type { Strictness } from '@ypsigram/core/fills';
import type { Rung } from '@ypsigram/core/measuring';

/** What each method is called on screen. */
export const METHOD_NAMES: Readonly<Record<Method, string>> = {
  sifted: 'sifted',
  spooned: 'spooned',
  dipped: 'dipped',
  tamped: 'tamped',
  level: 'level',
  loose: 'loose',
  packed: 'packed',
  poured: 'poured',
  pressed: 'pressed in',
  block: 'cut at the marks',
  displaced: 'sunk in water',
  melted: 'melted',
  count: 'counted',
};

/** What each rung of the basis ladder is called on screen. */
const RUNG_NAMES: Readonly<Record<Rung, string>> = {
  proven: 'proven',
  stated: 'as written',
  author: "author's cup",
  hand: 'your trials',
  reference: 'from tables',
  table: 'from the public table',
  estimate: 'a guess',
  unknown: 'unknown',
};

/** What each rung means, in a sentence. */
const RUNG_MEANINGS: Readonly<Record<Rung, string>> = {
  proven: 'You weighed this on a bake that came out well and kept it.',
  stated: 'The recipe gives this weight itself.',
  author: 'Worked out from this author’s recipes or from what the author says a cup weighs.',
  hand: 'From your own trials with this ingredient.',
  reference: 'From public food tables.',
  table:
    'Not in Ingredients: from the public food table. How it is filled is guessed, and its allergens are not known.',
  estimate: 'Estimated from a similar ingredient or way of filling. Treat it as a guess.',
  unknown: 'No weight is known. Weigh it once, or write the grams on the line.',
};

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  flour: 'flour',
  liquid: 'liquid',
  fat: 'fat',
  sugar: 'sugar',
  egg: 'egg',
  leavening: 'leavening',
  yeast: 'yeast',
  salt: 'salt',
  thickener: 'thickener',
  flavour: 'flavour',
  inclusion: 'inclusion',
};

/** How closely a batch is measured, as it is chosen on screen. */
export const STRICTNESS_NAMES: Readonly<Record<Strictness, string>> = {
  relaxed: 'relaxed',
  normal: 'normal',
  strict: 'strict, for sponges',
};

/** What each class is called on screen, as a heading over its ingredients. */
export const KEEPS_NAMES: Readonly<Record<Keeps, string>> = {
  dry: 'dry: covered, on the counter',
  cool: 'a fat: wrapped, in the cold',
  fridge: 'only in the fridge',
  fresh: 'fresh: cut it in the morning',
  live: 'alive: yeast or a starter',
  frozen: 'frozen',
};

export const CLASS_NAMES: Readonly<Record<IngredientClass, string>> = {
  powder: 'powders',
  granular: 'grains and crystals',
  moist: 'moist sugars',
  chunk: 'pieces',
  liquid: 'liquids',
  syrup: 'syrups',
  paste: 'pastes',
  'solid-fat': 'solid fats',
  egg: 'eggs',
};

/** What a number rests on, as far as naming it needs. */
interface Basis {
  readonly rung: Rung;
  readonly source: SourceRef;
}

const isOwn = ({ rung, source }: Basis): boolean =>
  rung === 'reference' && source.from === 'kitchen';

/** What the basis of a number is called: its rung, or that it is the kitchen's own. */
export function basisName(basis: Basis | null): string {
  if (!basis) return RUNG_NAMES.unknown;
  if (basis.source.from === 'pinned') return 'set by you';
  if (basis.rung === 'proven') return `proven by ${sourceText(basis.source)}`;
  return isOwn(basis) ? 'own weight' : RUNG_NAMES[basis.rung];
}

/** What the basis of a number means, in a sentence. */
export function basisMeaning(basis: Basis | null): string {
  if (!basis) return RUNG_MEANINGS.unknown;
  if (basis.source.from === 'pinned') return 'You set the weight of this line yourself.';
  return isOwn(basis) ? 'You set this weight in Ingredients.' : RUNG_MEANINGS[basis.rung];
}

/** Kinds of bake, as a choice. */
export const BAKE_KIND_NAMES: Readonly<Record<BakeKind, string>> = {
  airy: 'sponge, meringue or soufflé',
  cake: 'cake or cupcake',
  quick: 'muffin, scone or pancake',
  cookie: 'cookie or biscuit',
  bar: 'bar, crumble or granola',
  pastry: 'pastry',
  'lean-dough': 'lean yeast dough',
  'rich-dough': 'rich yeast dough',
};
