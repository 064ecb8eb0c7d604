import { randomInt } from 'node:crypto';
import { randomFrom } from '@ypsigram/core/chance';
import { CODE_PATTERN, classCode } from '@ypsigram/core/practice';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

export const name = '0018-never-lost';

/** Columns that are added where a crash has not left them already. */
const ADDED: readonly (readonly [
  table: string,
  column: string,
  type: string,
  fill: string | null,
])[] = [
  // A picture of before has the id of its photo for a name.
  ['photos', 'picture', 'TEXT', 'id'],
  // What decides between two acts. A reading is never rewritten: for one of before its moment does.
  ['bake_readings', 'logical', 'INTEGER', null],
  // A timer that was stopped stays known, so that no late word starts it again.
  ['timers', 'stopped_at', 'TEXT', null],
];

export async function up(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  for (const [table, column, type, fill] of ADDED) {
    const columns = await sequelize.query<{ name: string }>(`PRAGMA table_info(${table})`, {
      type: QueryTypes.SELECT,
      transaction,
    });
    if (columns.some((one) => one.name === column)) continue;
    await sequelize.query(`ALTER TABLE ${table} ADD COLUMN ${column} ${type}`, { transaction });
    if (fill === null) continue;
    await sequelize.query(`UPDATE ${table} SET ${column} = ${fill}`, { transaction });
  }
  await renewCodes(sequelize, transaction);
}

/** A code of four signs could be guessed from many addresses: every class gets a longer one. */
async function renewCodes(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const classes = await sequelize.query<{ number: number; code: string }>(
    'SELECT number, code FROM classes',
    { type: QueryTypes.SELECT, transaction },
  );
  for (const { number, code } of classes) {
    if (CODE_PATTERN.test(code)) continue;
    await sequelize.query('UPDATE classes SET code = ? WHERE number = ?', {
      replacements: [classCode(randomFrom(randomInt(2 ** 32))), number],
      transaction,
    });
  }
}
