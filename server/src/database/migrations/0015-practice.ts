import type { Sequelize, Transaction } from 'sequelize';

export const name = '0015-practice';

/** What was practised; and classes, with nothing of anybody but the name that was typed. */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS practice_tries (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    hand_id TEXT,
    skill JSON NOT NULL,
    ingredient_id TEXT,
    at TEXT NOT NULL,
    off DOUBLE,
    tolerance DOUBLE,
    is_good BOOLEAN NOT NULL
  )`,
  `CREATE INDEX IF NOT EXISTS practice_tries_by_time ON practice_tries (at, number)`,
  `CREATE TABLE IF NOT EXISTS classes (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    code TEXT NOT NULL UNIQUE,
    name TEXT NOT NULL,
    tasks JSON NOT NULL,
    created_at TEXT NOT NULL
  )`,
  `CREATE TABLE IF NOT EXISTS class_results (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    class_id TEXT NOT NULL REFERENCES classes (id) ON DELETE CASCADE,
    task_id TEXT NOT NULL,
    name TEXT NOT NULL,
    grams DOUBLE NOT NULL,
    at TEXT NOT NULL
  )`,
  `CREATE INDEX IF NOT EXISTS class_results_by_class ON class_results (class_id, number)`,
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
