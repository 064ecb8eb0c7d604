import type { Sequelize, Transaction } from 'sequelize';

export const name = '0003-trials';

/** Fills that a hand made and weighed. Deleted ones stay, so that they can be brought back. */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS trials (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    hand_id TEXT NOT NULL,
    ingredient_id TEXT NOT NULL,
    form TEXT,
    method TEXT NOT NULL,
    tool TEXT NOT NULL,
    millilitres REAL NOT NULL CHECK (millilitres > 0),
    grams REAL NOT NULL CHECK (grams > 0),
    at TEXT NOT NULL,
    source TEXT NOT NULL,
    conditions TEXT NOT NULL,
    verdict TEXT,
    import_id TEXT,
    revision INTEGER NOT NULL CHECK (revision > 0),
    deleted_at TEXT
  )`,
  `CREATE INDEX IF NOT EXISTS trials_by_hand ON trials (hand_id, at, number)
    WHERE deleted_at IS NULL`,
  `CREATE INDEX IF NOT EXISTS trials_by_import ON trials (import_id) WHERE import_id IS NOT NULL`,
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
