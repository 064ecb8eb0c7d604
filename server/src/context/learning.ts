import type { LastBake } from '@ypsigram/contract';
import type { BakeKind } from '@ypsigram/core/baking';
import type { LearnedOfRecipe, ProvenWeight } from '@ypsigram/core/batch';
import {
  forgivenessToPlanBy,
  learnForgiveness,
  provenWeights,
  type BakeOutcome,
  type LearnedLimit,
} from '@ypsigram/core/log';
import type { Database } from '../database/database.js';

/** What the bakes of a recipe have told. */
export interface Learned {
  /** The kind of bake it was learned as; null without a bake. */
  readonly kind: BakeKind | null;
  readonly proven: readonly ProvenWeight[];
  readonly limits: readonly LearnedLimit[];
  readonly bakes: number;
  readonly good: number;
  /** What of it is planned by. */
  readonly toPlanBy: LearnedOfRecipe;
}

/** What the log knows, worked out anew only after a bake has changed. */
export interface Learning {
  ofRecipe(id: string): Promise<Learned>;
  /** By recipe: what good bakes proved, and the latest one. The same maps until a bake changes. */
  byRecipe(): Promise<{
    readonly proven: ReadonlyMap<string, readonly ProvenWeight[]>;
    readonly lastBakes: ReadonlyMap<string, LastBake>;
  }>;
}

/** What is learned from: outcomes of bakes, oldest first. */
interface LoggedBakes {
  /** Of a recipe. */
  outcomes(recipeId: string): Promise<readonly BakeOutcome[]>;
  /** Of all recipes, those kept as good. */
  goodOutcomes(): Promise<readonly BakeOutcome[]>;
  /** Of other recipes that are the same kind of bake. */
  outcomesOfKind(kind: BakeKind, except: string): Promise<readonly BakeOutcome[]>;
  /** The latest of each recipe. */
  lastBakes(): Promise<ReadonlyMap<string, LastBake>>;
}

const NOTHING_LEARNED: LearnedOfRecipe = { proven: [], forgives: null };

export function learning(database: Database, bakes: LoggedBakes): Learning {
  let revision = -1;
  let byRecipe = new Map<string, Promise<Learned>>();
  let proven: Promise<ReadonlyMap<string, readonly ProvenWeight[]>> | null = null;

  let last: Promise<ReadonlyMap<string, LastBake>> | null = null;

  /** Forgets what was worked out before the last change. */
  const refresh = async (): Promise<void> => {
    const { bakes: now } = await database.changes();
    if (now === revision) return;
    revision = now;
    byRecipe = new Map();
    proven = null;
    last = null;
  };

  const workOut = async (id: string): Promise<Learned> => {
    const own = await bakes.outcomes(id);
    const good = own.filter(({ isGood }) => isGood).length;
    const kind = own.at(-1)?.kind;
    if (kind === undefined) {
      return { kind: null, proven: [], limits: [], bakes: 0, good, toPlanBy: NOTHING_LEARNED };
    }
    const others = await bakes.outcomesOfKind(kind, id);
    const limits = learnForgiveness(kind, own, others);
    const weights = provenWeights(own);
    const toPlanBy = { proven: weights, forgives: { kind, limits: forgivenessToPlanBy(limits) } };
    return { kind, proven: weights, limits, bakes: own.length, good, toPlanBy };
  };

  return {
    async ofRecipe(id) {
      await refresh();
      let known = byRecipe.get(id);
      if (!known) byRecipe.set(id, (known = workOut(id)));
      return known;
    },

    async byRecipe() {
      await refresh();
      proven ??= bakes.goodOutcomes().then((good) => {
        const recipes = new Map<string, BakeOutcome[]>();
        for (const one of good) {
          recipes.set(one.recipeId, [...(recipes.get(one.recipeId) ?? []), one]);
        }
        return new Map([...recipes].map(([id, own]) => [id, provenWeights(own)]));
      });
      last ??= bakes.lastBakes();
      const [weights, lastBakes] = await Promise.all([proven, last]);
      return { proven: weights, lastBakes };
    },
  };
}
