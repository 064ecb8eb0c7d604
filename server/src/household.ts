import type { Sequelize } from 'sequelize';
import {
  drawerOfKitchen,
  shelfOfKitchen,
  toolSpreadsOf,
  trialOf,
  type Kitchen,
} from '@ypsigram/contract';
import { knownOfHand, trialSets } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { authorService, type AuthorService } from './areas/authors/service.js';
import { backupService, type BackupService } from './areas/backup/service.js';
import { importService, type ImportService } from './areas/imports/service.js';
import { kitchenService, type KitchenService } from './areas/kitchen/service.js';
import { recipeService, type RecipeService } from './areas/recipes/service.js';
import { trialService, type TrialService } from './areas/trials/service.js';
import { ProblemError } from './http/problem.js';
import type { OwnKitchen } from './own-kitchen.js';

/** The areas of one kitchen, each with what it needs of the others. */
export interface Household {
  readonly kitchen: KitchenService;
  readonly trials: TrialService;
  readonly authors: AuthorService;
  readonly recipes: RecipeService;
  readonly imports: ImportService;
  readonly backups: BackupService;
  /** The same object until something changes. */
  own(): Promise<OwnKitchen>;
  /** What is known of a hand; undefined is who measures now. @throws ProblemError 400 */
  hand(id: string | null | undefined): Promise<readonly KnownWeight[]>;
}

/** Builds the areas and lets them know of each other as far as they need to. */
export function openHousehold(database: Sequelize, now: () => Date): Household {
  const kitchen = kitchenService(database);
  const trials = trialService(database, { now, kitchen: () => kitchen.read() });

  const knownOf = async (
    id: string,
    current: Kitchen,
    shelf: Shelf,
  ): Promise<readonly KnownWeight[]> => {
    const owner = current.hands.find((hand) => hand.id === id);
    if (!owner) {
      throw new ProblemError(400, 'Nobody of that id measures here.', { field: 'hand' });
    }
    const fills = (await trials.list({ handId: id })).map((record) => trialOf(record, current));
    return knownOfHand(trialSets(fills, shelf, current.containers), owner.name);
  };

  let latest: { readonly stamp: string; readonly own: OwnKitchen; readonly of: Kitchen } | null =
    null;
  const current = async () => {
    const read = await kitchen.read();
    const stamp = `${read.revision} ${await trials.stamp()}`;
    if (latest?.stamp !== stamp) {
      const shelf = shelfOfKitchen(read);
      const hand = read.handId === null ? [] : await knownOf(read.handId, read, shelf);
      const { scales, weighedIn, habits, answers } = read;
      const drawer = drawerOfKitchen(read);
      const toolSpreads = toolSpreadsOf(read);
      const own = { drawer, shelf, scales, weighedIn, habits, toolSpreads, hand, answers };
      latest = { stamp, own, of: read };
    }
    return latest;
  };
  const own = async (): Promise<OwnKitchen> => (await current()).own;
  const shelf = async (): Promise<Shelf> => (await own()).shelf;

  const authors = authorService(database, {
    now,
    shelf,
    recipesOf: (id) => recipes.all(id),
  });
  const recipes = recipeService(database, { now, kitchen: own, author: (id) => authors.known(id) });

  const imports = importService(database, { now, shelf, recipes, authors });
  const backups = backupService(database, {
    now,
    kitchen: { dump: () => kitchen.read(), load: (...all) => kitchen.load(...all) },
    authors,
    recipes,
    trials: { dump: () => trials.list({}), load: (...all) => trials.load(...all) },
    forget: () => {
      latest = null;
    },
  });

  return {
    kitchen,
    trials,
    authors,
    recipes,
    imports,
    backups,
    own,
    async hand(id) {
      const { own: known, of } = await current();
      if (id === undefined || id === of.handId) return known.hand;
      return id === null ? [] : knownOf(id, of, known.shelf);
    },
  };
}
