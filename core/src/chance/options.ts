import {
  forgivenessOf,
  learnedForgiveness,
  USUAL_KIND,
  type BakeKind,
  type Forgiveness,
} from '../baking/index.js';
import type { Strictness } from '../fills/index.js';

/** How many bakes, 1 or more; the seed, a whole number from 0; the kind of bake, and how exact. */
export interface ChanceOptions {
  readonly bakes: number;
  readonly seed: number;
  /** A cake where not said. */
  readonly kind?: BakeKind;
  /** Normal where not said. */
  readonly strictness?: Strictness;
  /** What this kitchen's log knows better of what the kind forgives. */
  readonly learned?: Partial<Forgiveness> | undefined;
}

/** What the bakes of a simulation forgive. */
export const forgivenIn = ({
  kind,
  strictness,
  learned,
}: Omit<ChanceOptions, 'bakes' | 'seed'>): Forgiveness =>
  learnedForgiveness(forgivenessOf(kind ?? USUAL_KIND, strictness), strictness, learned);
