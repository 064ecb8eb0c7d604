import type { Sequelize } from 'sequelize';
import { recipeDraft } from '@ypsigram/contract';
import { kitchenService } from '../areas/kitchen/service.js';
import { recipeService } from '../areas/recipes/service.js';
import { recipeModel } from '../areas/recipes/model.js';
import { DEMO_KITCHEN } from './kitchen.js';
import { DEMO_RECIPES } from './recipes.js';

/** Fills a database that has never held a recipe with the demo scenario; others are left alone. */
export async function fillWithDemo(database: Sequelize): Promise<void> {
  if ((await recipeModel(database).count()) > 0) return;
  const kitchen = kitchenService(database);
  const recipes = recipeService(database, {
    now: () => new Date(),
    kitchen: () => kitchen.read(),
  });
  await kitchen.replace(DEMO_KITCHEN);
  for (const draft of DEMO_RECIPES) await recipes.create(recipeDraft.parse(draft));
}
