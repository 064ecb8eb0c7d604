import type { Sequelize } from 'sequelize';
import { recipeDraft } from '@ypsigram/contract';
import { recipeService } from '../areas/recipes/service.js';
import { recipeModel } from '../areas/recipes/model.js';
import { DEMO_RECIPES } from './recipes.js';

/** Fills a database that has never held a recipe with the demo scenario; others are left alone. */
export async function fillWithDemo(database: Sequelize): Promise<void> {
  if ((await recipeModel(database).count()) > 0) return;
  const recipes = recipeService(database, () => new Date());
  for (const draft of DEMO_RECIPES) await recipes.create(recipeDraft.parse(draft));
}
