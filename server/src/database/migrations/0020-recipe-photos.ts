import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0020-recipe-photos';

/** The photos of pages that a recipe was read from. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(recipes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (columns.some((column) => column.name === 'photos')) return;
  await sequelize.query("ALTER TABLE recipes ADD COLUMN photos JSON NOT NULL DEFAULT '[]'", {
    transaction,
  });
}
