import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0016-house';

/** What is counted from now on, and the table whose rows are. */
const COUNTED = { timers: 'timers', practice: 'practice_tries' };
const EVENTS = ['INSERT', 'UPDATE', 'DELETE'] as const;

/** Whether the house is open, and who was let in; a token is kept only as its hash. */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS house (
    id INTEGER PRIMARY KEY CHECK (id = 1),
    is_open BOOLEAN NOT NULL
  )`,
  'INSERT OR IGNORE INTO house (id, is_open) VALUES (1, 0)',
  `CREATE TABLE IF NOT EXISTS devices (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    name TEXT NOT NULL,
    token_hash TEXT NOT NULL,
    paired_at TEXT NOT NULL,
    last_seen_at TEXT NOT NULL,
    deleted_at TEXT
  )`,
  ...Object.entries(COUNTED).flatMap(([area, table]) =>
    EVENTS.map(
      (event) => `CREATE TRIGGER IF NOT EXISTS ${area}_counted_${event.toLowerCase()}
        AFTER ${event} ON ${table} BEGIN UPDATE changes SET ${area} = ${area} + 1; END`,
    ),
  ),
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(changes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  for (const area of Object.keys(COUNTED)) {
    if (columns.some((column) => column.name === area)) continue;
    await sequelize.query(`ALTER TABLE changes ADD COLUMN ${area} INTEGER NOT NULL DEFAULT 0`, {
      transaction,
    });
  }
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
