import type { Sequelize, Transaction } from 'sequelize';
import { QueryTypes } from 'sequelize';

export const name = '0011-author-keys';

/**
 * A recipe belongs to an author who is here, or to nobody: the database itself sees to it. Authors
 * that are deleted stay as rows. Safety copies are files of their own from now on.
 */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const keys = await sequelize.query<{ table: string }>('PRAGMA foreign_key_list(recipes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (keys.length === 0) {
    for (const statement of [
      'DROP INDEX IF EXISTS recipes_by_author',
      `ALTER TABLE recipes ADD COLUMN by_author TEXT REFERENCES authors (id)
        ON DELETE SET NULL DEFERRABLE INITIALLY DEFERRED`,
      `UPDATE recipes SET by_author = author_id
        WHERE author_id IN (SELECT id FROM authors)`,
      'ALTER TABLE recipes DROP COLUMN author_id',
      'ALTER TABLE recipes RENAME COLUMN by_author TO author_id',
    ]) {
      await sequelize.query(statement, { transaction });
    }
  }
  await sequelize.query(
    `CREATE INDEX IF NOT EXISTS recipes_by_author ON recipes (author_id)
      WHERE deleted_at IS NULL`,
    { transaction },
  );
  await sequelize.query('DROP TABLE IF EXISTS safety_copies', { transaction });
}
