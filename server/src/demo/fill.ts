import { SAMPLE_RECIPES } from '@ypsigram/contract/samples';
import { authorDraft, recipeDraft, trialDraft } from '@ypsigram/contract';
import { recipeModel } from '../areas/recipes/model.js';
import type { Areas } from '../areas/all-areas.js';
import type { Database } from '../database/database.js';
import { DEMO_AUTHORS } from './authors.js';
import { fillLog } from './bakes/index.js';
import { demoOvens } from './ovens.js';
import { DEMO_KITCHEN } from './kitchen.js';
import { fillPractice } from './practice.js';
import { demoTrials } from './trials.js';

/**
 * Fills a database that has never held a kitchen or a recipe with the demo scenario, whole or not at all;
 * others are left alone.
 */
export async function fillWithDemo(database: Database, areas: Areas): Promise<void> {
  await database.write(async () => {
    const { kitchen, authors, recipes, trials } = areas;
    const isUsed = (await kitchen.read()).revision > 0;
    if (isUsed || (await recipeModel(database.sequelize).count({ paranoid: false })) > 0) return;
    const now = new Date();
    await kitchen.replace({ ...DEMO_KITCHEN, ovens: demoOvens(now) });
    const drafts = DEMO_AUTHORS.map((draft) => authorDraft.parse(draft));
    const ids = await authors.createAll(drafts);
    const idOf = new Map(drafts.map(({ name }, at) => [name, ids[at]!]));
    await recipes.createAll(
      SAMPLE_RECIPES.map(({ author, ...draft }) => {
        const authorId = author === undefined ? null : idOf.get(author)!;
        return recipeDraft.parse({ ...draft, authorId });
      }),
    );
    for (const draft of demoTrials()) await trials.create(trialDraft.parse(draft));
    await fillLog(areas, now);
    await fillPractice(areas, now);
  });
}
