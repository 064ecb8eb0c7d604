import type { Sequelize } from 'sequelize';
import { authorDraft, recipeDraft, trialDraft } from '@ypsigram/contract';
import { recipeModel } from '../areas/recipes/model.js';
import { openHousehold } from '../household.js';
import { DEMO_AUTHORS } from './authors.js';
import { DEMO_KITCHEN } from './kitchen.js';
import { DEMO_RECIPES } from './recipes.js';
import { demoTrials } from './trials.js';

/** Fills a database that has never held a recipe with the demo scenario; others are left alone. */
export async function fillWithDemo(database: Sequelize): Promise<void> {
  if ((await recipeModel(database).count()) > 0) return;
  const { kitchen, authors, recipes, trials } = openHousehold(database, () => new Date());
  await kitchen.replace(DEMO_KITCHEN);
  const authorIds = new Map<string, string>();
  for (const draft of DEMO_AUTHORS) {
    const { id, name } = await authors.create(authorDraft.parse(draft));
    authorIds.set(name, id);
  }
  for (const { author, ...draft } of DEMO_RECIPES) {
    const authorId = author === undefined ? null : authorIds.get(author)!;
    await recipes.create(recipeDraft.parse({ ...draft, authorId }));
  }
  for (const draft of demoTrials()) await trials.create(trialDraft.parse(draft));
}
