import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0008-balance';

const USUAL =
  '{"strictness":"normal","columns":"both","lines":{},"bowlMillilitres":null,"piecesPerLoad":null}';

/** What a baker decided of a recipe's two columns. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(recipes)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (columns.some((column) => column.name === 'balance')) return;
  await sequelize.query(`ALTER TABLE recipes ADD COLUMN balance JSON NOT NULL DEFAULT '${USUAL}'`, {
    transaction,
  });
}
