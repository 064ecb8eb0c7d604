import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

/**
 * Recipes, and a full-text index over title and ingredient names that the database itself
 * keeps in step. Rows have a number of their own because the index refers to it.
 */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS recipes (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    id TEXT NOT NULL UNIQUE,
    title TEXT NOT NULL,
    text TEXT NOT NULL,
    standard TEXT NOT NULL,
    batch JSON NOT NULL,
    methods JSON NOT NULL,
    ingredients TEXT NOT NULL,
    revision INTEGER NOT NULL CHECK (revision > 0),
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    deleted_at TEXT
  )`,
  `CREATE INDEX IF NOT EXISTS recipes_by_title ON recipes (title COLLATE NOCASE, number)
    WHERE deleted_at IS NULL`,
  `CREATE VIRTUAL TABLE IF NOT EXISTS recipe_search USING fts5(
    title, ingredients, tokenize = "unicode61 remove_diacritics 2"
  )`,
  `CREATE TRIGGER IF NOT EXISTS recipes_inserted AFTER INSERT ON recipes BEGIN
    INSERT INTO recipe_search (rowid, title, ingredients)
      VALUES (new.number, new.title, new.ingredients);
  END`,
  `CREATE TRIGGER IF NOT EXISTS recipes_updated AFTER UPDATE OF title, ingredients ON recipes BEGIN
    UPDATE recipe_search SET title = new.title, ingredients = new.ingredients
      WHERE rowid = new.number;
  END`,
];

export const name = '0001-recipes';

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) {
    await sequelize.query(statement, { transaction, type: QueryTypes.RAW });
  }
}
