import type { Kitchen, Recipe } from '@ypsigram/contract';
import { lineKeys, provenLines } from '@ypsigram/core/batch';
import { knownOfHand, trialByToday, trialSets } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { shelfOf } from '@ypsigram/core/shelf';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { authorService, type AuthorService } from './authors/service.js';
import { bakeService, type BakeService } from './bakes/service.js';
import { backupService, type BackupService } from './backup/service.js';
import { classService, type ClassService } from './classes/service.js';
import { importService, type ImportService } from './imports/service.js';
import { kitchenService, type KitchenService } from './kitchen/service.js';
import { bakePlanFor } from './plans/bake-plan.js';
import type { PlanContext } from './plans/service.js';
import { photoService, type PhotoService } from './photos/service.js';
import { practiceService, type PracticeService } from './practice/service.js';
import { recipeService, type RecipeService } from './recipes/service.js';
import { timerService, type TimerService } from './timers/service.js';
import { trialService, type TrialService } from './trials/service.js';
import type { Database } from '../database/database.js';
import { ProblemError } from '../http/problem.js';
import { learning, type Learning } from '../context/learning.js';
import { kitchenContext, readInKitchen, type KitchenContext } from '../context/kitchen-context.js';

/** The areas of the data, each with what it needs of the others. */
export interface Areas {
  readonly kitchen: KitchenService;
  readonly trials: TrialService;
  readonly authors: AuthorService;
  readonly recipes: RecipeService;
  readonly imports: ImportService;
  readonly backups: BackupService;
  readonly bakes: BakeService;
  readonly photos: PhotoService;
  readonly timers: TimerService;
  readonly practice: PracticeService;
  readonly classes: ClassService;
  /** What the log knows. */
  readonly learned: Learning;
  /** What plans are made by. */
  readonly planning: PlanContext;
  /** The lines of a recipe that its good bakes proved, by their index, in grams at factor 1. */
  provenOf(recipe: Recipe): Promise<Readonly<Record<string, number>>>;
  /** The same object until something changes. */
  kitchenContext(): Promise<KitchenContext>;
  /** What is known of a hand; nothing for nobody in particular. @throws ProblemError 400 */
  hand(id: string | null): Promise<readonly KnownWeight[]>;
}

/** Builds the areas and lets them know of each other as far as they need to. */
export function buildAreas(
  database: Database,
  now: () => Date,
  report: (error: unknown) => void,
): Areas {
  const kitchen = kitchenService(database);
  const trials = trialService(database, { kitchen: () => kitchen.read() });

  const weightsOfHand = async (id: string, of: Kitchen): Promise<readonly KnownWeight[]> => {
    const owner = of.hands.find((hand) => hand.id === id);
    if (!owner) {
      throw new ProblemError(400, 'There is no hand with that id.', { field: 'hand' });
    }
    const fills = (await trials.list({ handId: id })).map((record) => trialByToday(record, of));
    const shelf = shelfOf(of.weights, of.ingredients);
    return knownOfHand(trialSets(fills, shelf, of.containers), owner.name);
  };

  let latest: {
    readonly revision: string;
    readonly context: KitchenContext;
    readonly of: Kitchen;
  } | null = null;
  const current = async () => {
    const changes = await database.changes();
    const revision = `${changes.kitchen} ${changes.trials}`;
    if (latest?.revision !== revision) {
      const of = await kitchen.read();
      const hand = of.handId === null ? [] : await weightsOfHand(of.handId, of);
      latest = { revision, context: kitchenContext(of, hand), of };
    }
    return latest;
  };
  const context = async (): Promise<KitchenContext> => (await current()).context;
  const shelf = async (): Promise<Shelf> => (await context()).shelf;

  const authors = authorService(database, {
    shelf,
    recipesByAuthor: () => recipes.byAuthor(),
    textsOf: (authorIds) => recipes.textsOf(authorIds),
  });
  const recipes = recipeService(database, {
    now,
    kitchen: context,
    authors: () => authors.knowledge(),
    isAuthor: (id) => authors.isKnown(id),
    learned: () => learned.byRecipe(),
    report,
  });
  const imports = importService(database, { now, shelf, recipes, authors });
  const hand = async (id: string | null): Promise<readonly KnownWeight[]> => {
    if (id === null) return [];
    const { context: known, of } = await current();
    return id === of.handId ? known.hand : weightsOfHand(id, of);
  };
  const planning: PlanContext = {
    recipe: (id) => recipes.read(id),
    kitchen: context,
    author: (id) => authors.known(id),
    hand,
    learned: async (id) => (await learned.ofRecipe(id)).toPlanBy,
  };
  const bakes = bakeService(database, {
    now,
    plan: (of, times) => bakePlanFor(of, planning, times),
    shelf,
  });
  const learned = learning(database, bakes);
  const photos = photoService(database);
  const timers = timerService(database, now);
  const practice = practiceService(database);
  const backups = backupService(database, {
    now,
    kitchen,
    authors: authors.part,
    recipes: recipes.part,
    trials: trials.part,
    bakes: bakes.part,
    photos: photos.part,
    isSound: (photo) => photos.isSound(photo),
    tries: practice.part,
    timers: timers.part,
  });

  return {
    kitchen,
    trials,
    authors,
    recipes,
    imports,
    backups,
    bakes,
    photos,
    timers,
    practice,
    classes: classService(database, now),
    learned,
    planning,
    kitchenContext: context,
    hand,
    async provenOf(recipe) {
      const proven = (await learned.byRecipe()).proven.get(recipe.id);
      if (!proven) return {};
      const reading = readInKitchen(recipe, await context(), await authors.known(recipe.authorId));
      const lines = [...provenLines(reading, proven)];
      const keys = lineKeys(reading);
      return Object.fromEntries(lines.map(([index, { grams }]) => [keys[index]!, grams]));
    },
  };
}
