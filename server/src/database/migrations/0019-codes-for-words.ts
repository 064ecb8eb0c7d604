import { makesOfEarlier, planOfEarlier } from '@ypsigram/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0019-codes-for-words';

/** Rows that are looked at together. */
const AT_ONCE = 100;

/**
 * What bakes kept in English words is kept in codes, of which any language can be made. What was done
 * at a bake is never rewritten: such a reading is taken for what it says whenever it is read.
 */
export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await renewPlans(sequelize, transaction);
  await renewYields(sequelize, transaction);
}

async function renewPlans(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (let last = 0; ;) {
    const rows = await sequelize.query<{ number: number; plan: string }>(
      `SELECT number, plan FROM bakes WHERE number > ? ORDER BY number LIMIT ${AT_ONCE}`,
      { type: QueryTypes.SELECT, replacements: [last], transaction },
    );
    if (rows.length === 0) return;
    last = rows.at(-1)!.number;
    for (const { number, plan } of rows) {
      const renewed = JSON.stringify(planOfEarlier(JSON.parse(plan)));
      if (renewed === plan) continue;
      await sequelize.query('UPDATE bakes SET plan = ? WHERE number = ?', {
        replacements: [renewed, number],
        transaction,
      });
    }
  }
}

/** "36 knots" of the list of bakes, told as a figure and a noun. A second time finds nothing to do. */
async function renewYields(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const rows = await sequelize.query<{ number: number; makes: string }>(
    "SELECT number, makes FROM bakes WHERE makes IS NOT NULL AND makes NOT LIKE '{%' AND makes <> 'null'",
    { type: QueryTypes.SELECT, transaction },
  );
  for (const { number, makes } of rows) {
    await sequelize.query('UPDATE bakes SET makes = ? WHERE number = ?', {
      replacements: [JSON.stringify(makesOfEarlier(makes)), number],
      transaction,
    });
  }
}
