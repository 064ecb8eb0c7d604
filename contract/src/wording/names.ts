import type { IngredientClass, Method, Role } from '@ypsigram/core/catalogue';
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
export const RUNG_NAMES: Readonly<Record<Rung, string>> = {
  proven: 'proven',
  stated: 'stated',
  author: "author's cup",
  hand: 'your hand',
  reference: 'reference',
  estimate: 'estimate',
  unknown: 'unknown',
};

/** What each rung means, in a sentence. */
export const RUNG_MEANINGS: Readonly<Record<Rung, string>> = {
  proven: 'You weighed this on a bake that came out well and kept it.',
  stated: 'The recipe gives this weight itself.',
  author: 'This author gives both volume and weight elsewhere.',
  hand: 'Your own weighings of this ingredient.',
  reference: 'From public food tables, transcribed.',
  estimate: 'Worked out from a neighbouring figure: treat it as a guess.',
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

/** What each class is called on screen, as a heading over its ingredients. */
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
