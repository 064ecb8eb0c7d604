import type { Sequelize, Transaction } from 'sequelize';

export const name = '0010-relaxed';

/** A batch that forgives much is called relaxed: “loose” is a way of filling. */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await sequelize.query(
    `UPDATE recipes SET balance = json_set(balance, '$.strictness', 'relaxed')
      WHERE json_extract(balance, '$.strictness') = 'loose'`,
    { transaction },
  );
}
