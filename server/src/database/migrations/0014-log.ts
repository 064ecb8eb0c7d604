import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0014-log';

/** How a bake turned out, beside it; its photos, whose pictures are files; and timers. */
const COLUMNS = [
  'rating INTEGER',
  'is_good BOOLEAN NOT NULL DEFAULT 0',
  'is_wasted BOOLEAN NOT NULL DEFAULT 0',
  "symptoms JSON NOT NULL DEFAULT '[]'",
  "note TEXT NOT NULL DEFAULT ''",
  'photo TEXT',
  'ready_at TEXT',
  'oven JSON',
  'outcome JSON',
];

const STATEMENTS = [
  `CREATE INDEX IF NOT EXISTS bakes_by_date ON bakes (begun_at, number) WHERE deleted_at IS NULL`,
  `CREATE TABLE IF NOT EXISTS photos (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    width INTEGER NOT NULL,
    height INTEGER NOT NULL
  )`,
  `CREATE TABLE IF NOT EXISTS timers (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    name TEXT NOT NULL,
    bake_id TEXT,
    recipe_id TEXT,
    started_at TEXT NOT NULL,
    ends_at TEXT NOT NULL
  )`,
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const known = await sequelize.query<{ name: string }>('PRAGMA table_info(bakes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  const isThere = new Set(known.map((column) => column.name));
  for (const column of COLUMNS) {
    if (isThere.has(column.split(' ')[0]!)) continue;
    await sequelize.query(`ALTER TABLE bakes ADD COLUMN ${column}`, { transaction });
  }
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
