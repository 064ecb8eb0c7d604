import type { Hazard, IngredientClass, Method } from '@ypsigram/core/catalogue';

/** How to fill a measure well with an ingredient of a class. */
export interface Technique {
  readonly tool: string;
  readonly steps: readonly string[];
  /** What commonly goes wrong, and which way it errs. */
  readonly slip: string;
  readonly errs: 'too much' | 'too little' | 'either way';
  /** How to tell that it is right. */
  readonly check: string;
}

/**
 * A technique where a powder is not spooned: what differs from its class.
 * House wording of the usual ways to fill.
 */
const OTHER_WAYS: Readonly<Partial<Record<Method, Partial<Technique>>>> = {
  sifted: {
    tool: 'Sieve, dry cup, spoon, straight edge',
    steps: [
      'Sift onto a sheet of paper.',
      'Spoon it lightly into the cup until it is heaped.',
      'Sweep level; do not tap or shake.',
    ],
    slip: 'Filling the cup first and sifting afterwards.',
  },
  dipped: {
    tool: 'Dry cup, straight edge',
    steps: [
      'Stir up what has settled.',
      'Dip the cup in and lift it out heaped, without pressing it against the side.',
      'Sweep level with a straight edge.',
    ],
    slip: 'Pressing the cup against the bag, tapping or shaking packs it.',
    check: 'A second cup weighs the same.',
  },
  tamped: {
    tool: 'Dry cup, straight edge',
    steps: [
      'Fill the cup until it is heaped.',
      'Tap it on the table until nothing settles any more, and fill it up.',
      'Sweep level with a straight edge.',
    ],
    slip: 'Stopping before it has settled.',
    errs: 'too little',
    check: 'A second cup weighs the same.',
  },
};

/** How to fill with an ingredient of a class by a method; null for the usual one. */
export function techniqueFor(of: IngredientClass, method: Method | null): Technique {
  const usual = TECHNIQUES[of];
  return of === 'powder' && method ? { ...usual, ...OTHER_WAYS[method] } : usual;
}

export const TECHNIQUES: Readonly<Record<IngredientClass, Technique>> = {
  powder: {
    tool: 'Dry cup, spoon, straight edge',
    steps: [
      'Stir up what has settled.',
      'Spoon it lightly into the cup until it is heaped.',
      'Sweep level with a straight edge, a knife’s back for example.',
    ],
    slip: 'Plunging the cup in, pressing, tapping or shaking packs it.',
    errs: 'too much',
    check: 'The surface is flat and open, with no finger marks; a second cup weighs the same.',
  },
  granular: {
    tool: 'Dry cup or spoon, straight edge',
    steps: ['Dip or pour until heaped.', 'Sweep level.'],
    slip: 'Leaving it heaped.',
    errs: 'too much',
    check: 'Grains lie level with the rim. It does not compress, so dipping does no harm.',
  },
  moist: {
    tool: 'Dry cup, the back of a spoon',
    steps: ['Fill a little at a time, pressing in firmly.', 'Sweep level.'],
    slip: 'Filling it loosely, or sugar that has gone hard.',
    errs: 'too little',
    check: 'Turned out, it keeps the shape of the cup. If it crumbles, start over.',
  },
  chunk: {
    tool: 'Dry cup',
    steps: ['Fill slightly over the brim.', 'Settle by hand so that the gaps close.'],
    slip: 'Large pieces leave air; small ones leave none.',
    errs: 'either way',
    check: 'Pieces stand level with the brim, some a little over, some under. Better weighed.',
  },
  liquid: {
    tool: 'Jug with marks, or a spoon',
    steps: [
      'Stand the jug on a flat surface and bring your eye to the line.',
      'Pour until the bottom of the curve lies on the line.',
      'In a spoon: full to a slight dome.',
    ],
    slip: 'Reading the jug from above.',
    errs: 'too little',
    check: 'At eye level, the middle of the surface touches the line, its edges stand higher.',
  },
  syrup: {
    tool: 'Jug or dry cup, a little oil, a scraper',
    steps: ['Oil or warm the measure.', 'Pour to the line or the brim.', 'Scrape out all of it.'],
    slip: 'What sticks to the cup does not go in.',
    errs: 'too little',
    check: 'The measure comes out nearly clean.',
  },
  paste: {
    tool: 'Dry cup, spatula, straight edge',
    steps: ['Press in and push out the air pockets.', 'Sweep level.'],
    slip: 'Air left at the bottom.',
    errs: 'too little',
    check: 'Seen from the side, no gaps; the top is smooth.',
  },
  'solid-fat': {
    tool: 'Dry cup, or the marks on the block',
    steps: [
      'Soften and press it in, then sweep level; or cut at the marks of the block.',
      'Or sink it: fill a jug with water, and add fat until the water has risen by as much.',
      'Melt it before measuring only if the recipe says so.',
    ],
    slip: 'Hollows in the cup.',
    errs: 'too little',
    check: 'No air at the sides when it is pressed out.',
  },
  egg: {
    tool: 'A small bowl',
    steps: [
      'Crack each egg into the small bowl first.',
      'Look for shell and blood spots, then tip it in.',
      'Part of an egg: beat it whole, then weigh or spoon.',
    ],
    slip: 'Another size than the recipe’s: large eggs of two countries differ by a fifth.',
    errs: 'either way',
    check: 'A large egg weighs about 50 g without its shell.',
  },
};

/** What to do with little of a powder, where the cup's technique does not apply. */
export const SPOON_TECHNIQUE =
  'With a spoon: crush lumps, dip, and sweep level with a straight edge. For half of one, part it with the blade and push one half out.';

/** What an ingredient's state does to its weight in a cup. */
export const FRESHNESS: Readonly<Partial<Record<string, string>>> = {
  'sugar-brown': 'Hard brown sugar will not pack: put a piece of bread in with it overnight.',
  'flour-wheat-all-purpose': 'Flour settles in its bag: stir it up, or a cup weighs a tenth more.',
  'flour-wheat-whole':
    'Freshly milled flour is full of air and weighs less until it has rested a day.',
  'flour-rye-medium':
    'Freshly milled flour is full of air and weighs less until it has rested a day.',
  'baking-soda': 'Crush lumps: a spoon of lumps holds less.',
  cocoa: 'Crush lumps, then spoon: cocoa packs easily.',
  honey: 'Warm set honey until it runs before measuring by volume.',
};

/** Where measuring an ingredient can hurt someone. */
export const HAZARD_CAUTIONS: Readonly<Record<Hazard, string>> = {
  'raw-flour': 'Raw flour is not safe to taste.',
  'raw-egg': 'Raw egg is not safe to taste.',
  infants: 'Not for a child under one year.',
  alcohol: 'Holds alcohol.',
  'bitter-kernels': 'Holds what turns into prussic acid: not to be used without knowing.',
};
