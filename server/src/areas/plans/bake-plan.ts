import type { Recipe } from '@ypsigram/contract';
import { planBatch, setFactor } from '@ypsigram/core/batch';
import { beginBake, type BakePlan, type BenchWay } from '@ypsigram/core/bench';
import { requestedBatch, type PlanContext } from './service.js';

/**
 * A saved recipe planned for the bench, by whose hand and which way, `times` as large as it is
 * saved, with its revision.
 */
export async function bakePlanFor(
  { recipeId, handId, way }: { recipeId: string; handId: string | null; way: BenchWay },
  context: PlanContext,
  times = 1,
): Promise<{ readonly plan: BakePlan; readonly revision: Recipe['revision'] }> {
  const saved = await context.recipe(recipeId);
  const asked = await requestedBatch({ recipeId, hand: handId }, context);
  const { recipe, toolSpreads } = asked;
  const batch = setFactor(recipe, asked.batch.factor.mul(times));
  const plan = beginBake({
    recipe,
    batch,
    plan: planBatch(recipe.reading, batch),
    title: saved.title,
    text: saved.text,
    columns: saved.balance.columns,
    way,
    basis: { toolSpreads },
    baking: saved.balance.baking,
    trying: saved.balance.trying ?? undefined,
  });
  return { plan, revision: saved.revision };
}
