import type { Sequelize, Transaction } from 'sequelize';

export const name = '0005-recipe-versions';

/**
 * Earlier texts of recipes. The database keeps them by itself, in the statement that changes a
 * text, so that none can be lost between the two.
 */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS recipe_versions (
    recipe_id TEXT NOT NULL,
    revision INTEGER NOT NULL,
    title TEXT NOT NULL,
    text TEXT NOT NULL,
    standard TEXT NOT NULL,
    saved_at TEXT NOT NULL,
    PRIMARY KEY (recipe_id, revision)
  )`,
  `CREATE TRIGGER IF NOT EXISTS recipes_keep_text BEFORE UPDATE OF text ON recipes
    WHEN old.text <> new.text BEGIN
    INSERT OR IGNORE INTO recipe_versions (recipe_id, revision, title, text, standard, saved_at)
      VALUES (old.id, old.revision, old.title, old.text, old.standard, old.updated_at);
  END`,
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
