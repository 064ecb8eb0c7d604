import type { Sequelize, Transaction } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as recipes from './migrations/0001-recipes.js';
import * as kitchen from './migrations/0002-kitchen.js';

interface Migration {
  readonly name: string;
  up(sequelize: Sequelize, transaction: Transaction): Promise<void>;
}

/** In the order they were added; one that has landed is never changed. */
const MIGRATIONS: readonly Migration[] = [recipes, kitchen];

/**
 * Brings the database to the newest shape, each step in a transaction of its own. Forward
 * only. Statements can be repeated, since a crash may fall between a step and its log entry.
 */
export async function migrate(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({
      name,
      up: () => sequelize.transaction((transaction) => up(sequelize, transaction)),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  await umzug.up();
}
