import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0017-timer-awaits';

/** What a timer waits for, so that doing it ends the timer. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const columns = await sequelize.query<{ name: string }>('PRAGMA table_info(timers)', {
    type: QueryTypes.SELECT,
    transaction,
  });
  if (columns.some((column) => column.name === 'awaits')) return;
  await sequelize.query('ALTER TABLE timers ADD COLUMN awaits JSON', { transaction });
}
