import type { Sequelize, Transaction } from 'sequelize';

export const name = '0009-changes';

const AREAS = ['kitchen', 'trials', 'authors', 'recipes'] as const;
const EVENTS = ['INSERT', 'UPDATE', 'DELETE'] as const;

/**
 * How often each area was changed. The database itself counts, in the statement that changes a
 * row, so that whatever is remembered of rows can never pass for newer than it is. Moments of
 * deletion are written as the library that deletes and restores rows writes them.
 */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS changes (
    id INTEGER PRIMARY KEY CHECK (id = 1),
    ${AREAS.map((area) => `${area} INTEGER NOT NULL DEFAULT 0`).join(', ')}
  )`,
  'INSERT OR IGNORE INTO changes (id) VALUES (1)',
  ...AREAS.flatMap((area) =>
    EVENTS.map(
      (event) => `CREATE TRIGGER IF NOT EXISTS ${area}_counted_${event.toLowerCase()}
        AFTER ${event} ON ${area} BEGIN UPDATE changes SET ${area} = ${area} + 1; END`,
    ),
  ),
  ...['trials', 'authors', 'recipes'].map(
    (
      area,
    ) => `UPDATE ${area} SET deleted_at = replace(replace(deleted_at, 'T', ' '), 'Z', ' +00:00')
      WHERE deleted_at IS NOT NULL`,
  ),
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
