import type { Sequelize, Transaction } from 'sequelize';

export const name = '0002-kitchen';

/** One row: what the kitchen owns. It is small, always read whole, and changed whole. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await sequelize.query(
    `CREATE TABLE IF NOT EXISTS kitchen (
      id INTEGER PRIMARY KEY CHECK (id = 1),
      document JSON NOT NULL,
      revision INTEGER NOT NULL CHECK (revision > 0)
    )`,
    { transaction },
  );
}
