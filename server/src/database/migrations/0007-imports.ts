import type { Sequelize, Transaction } from 'sequelize';

export const name = '0007-imports';

/** What came in together, so that it can go out together; and what a restored backup replaced. */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS imports (
    id TEXT PRIMARY KEY,
    at TEXT NOT NULL,
    created JSON NOT NULL,
    replaced JSON NOT NULL
  )`,
  `CREATE TABLE IF NOT EXISTS safety_copies (
    id TEXT PRIMARY KEY,
    at TEXT NOT NULL,
    document JSON NOT NULL
  )`,
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
