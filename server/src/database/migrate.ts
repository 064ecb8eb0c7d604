import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import * as recipes from './migrations/0001-recipes.js';
import * as kitchen from './migrations/0002-kitchen.js';
import * as trials from './migrations/0003-trials.js';
import * as authors from './migrations/0004-authors.js';
import * as recipeVersions from './migrations/0005-recipe-versions.js';
import * as answers from './migrations/0006-answers.js';
import * as imports from './migrations/0007-imports.js';
import * as balance from './migrations/0008-balance.js';
import * as changes from './migrations/0009-changes.js';
import * as relaxed from './migrations/0010-relaxed.js';
import * as authorKeys from './migrations/0011-author-keys.js';
import * as importParts from './migrations/0012-import-parts.js';
import * as bakes from './migrations/0013-bakes.js';
import * as log from './migrations/0014-log.js';
import * as practice from './migrations/0015-practice.js';
import * as house from './migrations/0016-house.js';
import * as timerAwaits from './migrations/0017-timer-awaits.js';
import * as neverLost from './migrations/0018-never-lost.js';
import * as codesForWords from './migrations/0019-codes-for-words.js';
import * as recipePhotos from './migrations/0020-recipe-photos.js';
import { makeCopy } from './copies.js';
import type { Database } from './database.js';

interface Migration {
  readonly name: string;
  up(sequelize: Sequelize, transaction: Transaction): Promise<void>;
}

/** In the order they were added; one that has landed is never changed. */
const MIGRATIONS: readonly Migration[] = [
  recipes,
  kitchen,
  trials,
  authors,
  recipeVersions,
  answers,
  imports,
  balance,
  changes,
  relaxed,
  authorKeys,
  importParts,
  bakes,
  log,
  practice,
  house,
  timerAwaits,
  neverLost,
  codesForWords,
  recipePhotos,
];

/** The names of all steps that this version knows. */
export const MIGRATION_NAMES: readonly string[] = MIGRATIONS.map(({ name }) => name);

/**
 * Brings the database to the newest shape, each step in a transaction of its own, after a copy of
 * what is there. Forward only. Statements can be repeated, since a crash may fall between a step and its log entry.
 */
export async function migrate(database: Database): Promise<void> {
  const { sequelize } = database;
  if (await isUpToDate(sequelize)) return;
  // Loaded only where there is something to do: most starts need not wait for it.
  const { SequelizeStorage, Umzug } = await import('umzug');
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({
      name,
      up: () => sequelize.transaction((transaction) => up(sequelize, transaction)),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  const [done, pending] = [await umzug.executed(), await umzug.pending()];
  if (done.length > 0 && pending.length > 0) await makeCopy(database, 'before-update', new Date());
  await umzug.up();
}

/** Whether every step was done before. */
export async function isUpToDate(sequelize: Sequelize): Promise<boolean> {
  const tables = await sequelize.query<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name = 'migrations'",
    { type: QueryTypes.SELECT },
  );
  if (tables.length === 0) return false;
  const done = await sequelize.query<{ name: string }>('SELECT name FROM migrations', {
    type: QueryTypes.SELECT,
  });
  const names = new Set(done.map(({ name }) => name));
  return MIGRATION_NAMES.every((name) => names.has(name));
}
