import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { Sequelize } from 'sequelize';

/** How long a statement waits for another writer before it gives up, in milliseconds. */
const BUSY_MILLISECONDS = 5000;

/**
 * Opens the database file, making it and its folder where they are missing. With write-ahead
 * logging and full synchronisation, what was acknowledged survives a crash of the process
 * and a power cut.
 */
export async function openDatabase(file: string): Promise<Sequelize> {
  mkdirSync(dirname(resolve(file)), { recursive: true });
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await sequelize.query('PRAGMA journal_mode = WAL');
  await sequelize.query('PRAGMA synchronous = FULL');
  await sequelize.query('PRAGMA foreign_keys = ON');
  await sequelize.query(`PRAGMA busy_timeout = ${BUSY_MILLISECONDS}`);
  return sequelize;
}
