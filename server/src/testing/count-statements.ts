import type { Database } from '../database/database.js';

/** How many statements a piece of work sends to the database. */
export async function countStatements(
  database: Database,
  work: () => PromiseLike<unknown>,
): Promise<number> {
  // Not in its types, but where its own documentation says to set it.
  const { options } = database.sequelize as unknown as { options: { logging: unknown } };
  let count = 0;
  options.logging = () => (count += 1);
  try {
    await work();
  } finally {
    options.logging = false;
  }
  return count;
}
