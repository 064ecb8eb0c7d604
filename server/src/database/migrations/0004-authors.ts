import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0004-authors';

/** Authors, and whose recipe a recipe is. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await sequelize.query(
    `CREATE TABLE IF NOT EXISTS authors (
      number INTEGER PRIMARY KEY AUTOINCREMENT,
      id TEXT NOT NULL UNIQUE,
      name TEXT NOT NULL,
      kind TEXT NOT NULL,
      standard TEXT NOT NULL,
      note TEXT NOT NULL,
      conventions JSON NOT NULL,
      revision INTEGER NOT NULL CHECK (revision > 0),
      deleted_at TEXT
    )`,
    { transaction },
  );
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(recipes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (!columns.some((column) => column.name === 'author_id')) {
    await sequelize.query('ALTER TABLE recipes ADD COLUMN author_id TEXT', { transaction });
  }
  await sequelize.query(
    `CREATE INDEX IF NOT EXISTS recipes_by_author ON recipes (author_id)
      WHERE deleted_at IS NULL`,
    { transaction },
  );
}
