import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0013-bakes';

/**
 * Bakes, and everything that was done at them. Readings are only ever added: the database itself
 * refuses to change one. They go with their bake, and only when it is replaced by a backup.
 */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS bakes (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    recipe_id TEXT NOT NULL,
    recipe_revision INTEGER NOT NULL CHECK (recipe_revision > 0),
    hand_id TEXT,
    plan JSON NOT NULL,
    begun_at TEXT NOT NULL,
    changed_at TEXT NOT NULL,
    title TEXT NOT NULL,
    factor TEXT NOT NULL,
    makes TEXT,
    stage TEXT NOT NULL,
    ready INTEGER NOT NULL,
    line_count INTEGER NOT NULL,
    deleted_at TEXT
  )`,
  `CREATE INDEX IF NOT EXISTS bakes_by_recipe ON bakes (recipe_id, number)
    WHERE deleted_at IS NULL`,
  `CREATE INDEX IF NOT EXISTS bakes_by_stage ON bakes (stage, number) WHERE deleted_at IS NULL`,
  `CREATE TABLE IF NOT EXISTS bake_readings (
    sequence INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    bake_id TEXT NOT NULL,
    at TEXT NOT NULL,
    device TEXT NOT NULL,
    hand_id TEXT,
    act JSON NOT NULL
  )`,
  `CREATE INDEX IF NOT EXISTS bake_readings_by_bake ON bake_readings (bake_id, sequence)`,
  `CREATE TRIGGER IF NOT EXISTS bake_readings_are_kept BEFORE UPDATE ON bake_readings
    BEGIN SELECT RAISE(ABORT, 'A reading is never rewritten.'); END`,
  ...['INSERT', 'UPDATE', 'DELETE'].map(
    (event) => `CREATE TRIGGER IF NOT EXISTS bakes_counted_${event.toLowerCase()}
      AFTER ${event} ON bakes BEGIN UPDATE changes SET bakes = bakes + 1; END`,
  ),
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(changes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (!columns.some((column) => column.name === 'bakes')) {
    await sequelize.query('ALTER TABLE changes ADD COLUMN bakes INTEGER NOT NULL DEFAULT 0', {
      transaction,
    });
  }
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
