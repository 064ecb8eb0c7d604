import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0006-answers';

/** What bakers answered to reading notes, of a recipe and of an author. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const table of ['recipes', 'authors']) {
    const columns = await sequelize.query<{ name: string }>(`PRAGMA table_info(${table})`, {
      type: QueryTypes.SELECT,
      transaction,
    });
    if (columns.some((column) => column.name === 'answers')) continue;
    await sequelize.query(`ALTER TABLE ${table} ADD COLUMN answers JSON NOT NULL DEFAULT '[]'`, {
      transaction,
    });
  }
}
