import type { Sequelize, Transaction } from 'sequelize';

export const name = '0012-import-parts';

/**
 * A large import is written in parts, so that others can write between them: what came in is
 * listed a row each, and an import that did not get to its end is known by it.
 */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS imported_recipes (
    number INTEGER PRIMARY KEY AUTOINCREMENT,
    import_id TEXT NOT NULL,
    recipe_id TEXT NOT NULL,
    revision INTEGER NOT NULL,
    before JSON
  )`,
  'CREATE INDEX IF NOT EXISTS imported_recipes_by_import ON imported_recipes (import_id)',
  `INSERT INTO imported_recipes (import_id, recipe_id, revision)
    SELECT imports.id, json_extract(value, '$.id'), json_extract(value, '$.revision')
      FROM imports, json_each(imports.created)`,
  `INSERT INTO imported_recipes (import_id, recipe_id, revision, before)
    SELECT imports.id, json_extract(value, '$.before.id'), json_extract(value, '$.revision'),
        json_extract(value, '$.before')
      FROM imports, json_each(imports.replaced)`,
  'ALTER TABLE imports DROP COLUMN created',
  'ALTER TABLE imports DROP COLUMN replaced',
  'ALTER TABLE imports ADD COLUMN is_whole INTEGER NOT NULL DEFAULT 1',
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const statement of STATEMENTS) await sequelize.query(statement, { transaction });
}
