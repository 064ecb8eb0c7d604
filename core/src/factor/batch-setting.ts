import { Fraction } from '../amount/index.js';
import { LARGEST_FACTOR, readFactor, type FactorProblem } from './factor.js';
import { panRatio, type Pan } from './pan-volume.js';
import type { RecipeSize } from './recipe-size.js';

/** How a baker sets a batch, in the terms they think in. */
export type BatchSetting =
  | { readonly by: 'factor'; readonly factor: string }
  /** So many of what the recipe yields. */
  | { readonly by: 'pieces'; readonly pieces: number }
  /** So many pieces of so much dough each. */
  | { readonly by: 'portions'; readonly pieces: number; readonly gramsEach: number }
  /** The dough as it goes into the oven. */
  | { readonly by: 'total'; readonly grams: number }
  /** As much as there is of some ingredients. */
  | { readonly by: 'limit'; readonly limits: readonly Limit[] }
  | { readonly by: 'eggs'; readonly eggs: number }
  | { readonly by: 'pan'; readonly from: Pan; readonly to: Pan };

/** Every way to set a batch but by a factor, which stands for itself. */
export type AskedSetting = Exclude<BatchSetting, { readonly by: 'factor' }>;

/** What there is of an ingredient. */
export interface Limit {
  readonly ingredientId: string;
  readonly grams: number;
}

/** Why a batch can't be set so, and which part of it is to blame. */
export interface BatchProblem {
  readonly code:
    | FactorProblem
    | 'no-yield'
    | 'no-mass'
    | 'no-eggs'
    | 'not-in-recipe'
    | 'no-limits'
    | 'empty-pan'
    | 'unweighed'
    | 'preserving'
    /** It may be made to keep: its baker is asked first. */
    | 'maybe-preserving';
  readonly field: string;
}

/** The factor that a setting comes to, or why it comes to none. */
export type BatchFactor =
  | {
      readonly ok: true;
      readonly factor: Fraction;
      /** The ingredient that there is least of, where the batch is limited. */
      readonly limitedBy: string | null;
    }
  | { readonly ok: false; readonly problem: BatchProblem };

const exact = (value: number): Fraction => new Fraction(value);
/** A mass is a floating figure: a factor from it is taken to this many digits. */
const DIGITS = 12;
const overMass = (grams: number, of: number): Fraction =>
  new Fraction((grams / of).toPrecision(DIGITS));

function limitFactor(limits: readonly Limit[], size: RecipeSize): BatchFactor {
  if (limits.length === 0) return refused('no-limits', 'limits');
  let tightest: { factor: number; id: string } | null = null;
  for (const [index, { ingredientId, grams }] of limits.entries()) {
    const needed = size.byIngredient.get(ingredientId);
    if (needed === undefined || needed <= 0) {
      return refused('not-in-recipe', `limits.${index}.ingredientId`);
    }
    const factor = grams / needed;
    if (!tightest || factor < tightest.factor) tightest = { factor, id: ingredientId };
  }
  return within(new Fraction(tightest!.factor.toPrecision(DIGITS)), 'limits', tightest!.id);
}

const refused = (code: BatchProblem['code'], field: string): BatchFactor => ({
  ok: false,
  problem: { code, field },
});

function within(factor: Fraction, field: string, limitedBy: string | null = null): BatchFactor {
  if (factor.compare(0) <= 0) return refused('not-positive', field);
  if (factor.compare(LARGEST_FACTOR) > 0) return refused('too-large', field);
  return { ok: true, factor, limitedBy };
}

/**
 * The factor by which a recipe is multiplied, over 0 and at most 1000: exact from pieces, eggs and
 * like pans, to twelve digits from masses. A batch that the recipe has nothing to set it by is
 * refused with the field that is to blame.
 */
export function batchFactor(set: BatchSetting, size: RecipeSize): BatchFactor {
  switch (set.by) {
    case 'factor': {
      const read = readFactor(set.factor);
      return read.ok ? within(read.factor, 'factor') : refused(read.problem, 'factor');
    }
    case 'pieces':
      return size.pieces === null || size.pieces.compare(0) <= 0
        ? refused('no-yield', 'pieces')
        : within(exact(set.pieces).div(size.pieces), 'pieces');
    case 'portions':
      if (size.grams > 0 && size.unweighed) return refused('unweighed', 'gramsEach');
      return size.grams > 0
        ? within(overMass(set.pieces * set.gramsEach, size.grams), 'pieces')
        : refused('no-mass', 'gramsEach');
    case 'total':
      if (size.grams > 0 && size.unweighed) return refused('unweighed', 'grams');
      return size.grams > 0
        ? within(overMass(set.grams, size.grams), 'grams')
        : refused('no-mass', 'grams');
    case 'eggs':
      return size.eggs.compare(0) > 0
        ? within(exact(set.eggs).div(size.eggs), 'eggs')
        : refused('no-eggs', 'eggs');
    case 'limit':
      return limitFactor(set.limits, size);
    case 'pan': {
      const { from, to } = set;
      for (const [field, pan] of Object.entries({ from, to })) {
        if (pan.shape === 'ring' && pan.innerDiameterCm >= pan.diameterCm) {
          return refused('empty-pan', `${field}.innerDiameterCm`);
        }
      }
      return within(panRatio(from, to), 'to');
    }
  }
}
