import { AsyncLocalStorage } from 'node:async_hooks';
import { closeSync, mkdirSync, openSync, statSync } from 'node:fs';
import { stat } from 'node:fs/promises';
import { dirname, resolve } from 'node:path';
import pLimit from 'p-limit';
import { QueryTypes, Sequelize, Transaction } from 'sequelize';
import sqlite3 from 'sqlite3';
import type { Changes } from '@ypsigram/contract/house';
import { busyWriting, fileIsGone } from './trouble.js';

/** How long a statement waits for another process to let go, in milliseconds. */
const BUSY_MILLISECONDS = 5000;

type Callback = (error: Error | null, ...found: unknown[]) => void;

/** Somebody reads what was there before for no longer than a backup takes. */
const FORGET_AGAIN_MILLISECONDS = 2000;

/** A connection to the file. Every transaction has one of its own, so each is set up alike. */
class Connection extends sqlite3.Database {
  constructor(file: string, mode: number, opened: (error: Error | null) => void) {
    // A file that was taken away is missed, not replaced by an empty one.
    super(file, mode & ~sqlite3.OPEN_CREATE, opened);
    this.configure('busyTimeout', BUSY_MILLISECONDS);
    // What is wrong with the file is told again by the first statement, where somebody listens.
    // What is deleted is overwritten: a name that was to be forgotten is not left in the file.
    this.exec(
      'PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON; PRAGMA secure_delete = ON',
      () => undefined,
    );
  }

  override all(sql: string, ...rest: unknown[]): this {
    const isLast = sql.startsWith('ROLLBACK');
    const handed = rest.map((one) =>
      isLast && typeof one === 'function' ? asRolledBack(one as Callback) : one,
    );
    return super.all(sql, ...(handed as []));
  }
}

/**
 * A failed write on a full or a read-only disk is rolled back by SQLite itself: that there is nothing
 * left to roll back is no second trouble.
 */
const asRolledBack =
  (done: Callback): Callback =>
  (error, ...found) =>
    done(error?.message.includes('no transaction is active') ? null : error, ...found);

/** The transaction that a piece of work runs in: every statement in it finds it by itself. */
const SURROUNDING = new AsyncLocalStorage<Map<string, unknown>>();

Sequelize.useCLS({
  get: (key: string) => SURROUNDING.getStore()?.get(key),
  set: (key: string, value: unknown) => SURROUNDING.getStore()?.set(key, value),
  run: (work: (store: Map<string, unknown>) => unknown) => {
    const store = new Map<string, unknown>();
    return SURROUNDING.run(store, () => work(store));
  },
  // Nothing to bind: the platform itself follows a transaction through its callbacks.
  bind: (work: unknown) => work,
});

const nothing = (): void => undefined;

const isInTransaction = (): boolean => Boolean(SURROUNDING.getStore()?.get('transaction'));

/** The database file, and who may write to it when. */
export class Database {
  /** One writes at a time: the others wait their turn here, not in the file's lock. */
  private readonly turn = pLimit(1);

  private readonly listeners = new Set<() => void>();

  /** Says why nobody else writes now; null as long as all do. */
  private alone: (() => string) | null = null;

  /** Snapshots that are being read. */
  private readonly reading = new Set<Promise<void>>();

  private forgetting: NodeJS.Timeout | null = null;

  /** Takes what goes wrong where nobody waits for an answer. */
  report: (error: unknown) => void = console.error;

  /** Which file on the disk it is, whatever stands at its path later. */
  private readonly inode: number;

  constructor(
    readonly sequelize: Sequelize,
    readonly file: string,
  ) {
    this.inode = statSync(file).ino;
  }

  /**
   * Does a piece of work that writes, whole or not at all. It has the file for itself from its
   * first statement on, so that what it reads still holds when it writes. Within another piece of
   * work it is part of that one.
   */
  write<T>(work: () => Promise<T>): Promise<T> {
    if (isInTransaction()) return work();
    if (this.alone) return Promise.reject(busyWriting(this.alone()));
    return this.inTurn(work);
  }

  /**
   * The same for work that takes long: whoever would write meanwhile is told so at once, by what
   * `tell` says, and need not wait.
   */
  async writeAlone<T>(tell: () => string, work: () => Promise<T>): Promise<T> {
    if (this.alone) throw busyWriting(this.alone());
    this.alone = tell;
    try {
      return await this.inTurn(work);
    } finally {
      this.alone = null;
    }
  }

  /** Whether something that takes long has the file for itself. */
  get isHeld(): boolean {
    return this.alone !== null;
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const type = Transaction.TYPES.IMMEDIATE;
    return this.turn(async () => {
      await this.checkFile();
      const done = await this.sequelize.transaction({ type }, work);
      for (const told of this.listeners) told();
      return done;
    });
  }

  /** Tells whenever something was written. @returns how to stop listening */
  onWrite(told: () => void): () => void {
    this.listeners.add(told);
    return () => this.listeners.delete(told);
  }

  /** @throws DatabaseTrouble when another file, or none, stands where this one was opened */
  private async checkFile(): Promise<void> {
    if (await this.isGone()) throw fileIsGone(this.file);
  }

  private async isGone(): Promise<boolean> {
    try {
      return (await stat(this.file)).ino !== this.inode;
    } catch (error) {
      // A file that may only not be looked at is there: the database tells what it can't do.
      return (error as NodeJS.ErrnoException).code === 'ENOENT';
    }
  }

  /** Reads several things as they were at one moment, however much is written meanwhile. */
  async snapshot<T>(work: () => Promise<T>): Promise<T> {
    // Where the file is gone nothing is written any more: what is still open is at rest.
    if (isInTransaction() || (await this.isGone())) return work();
    const read = this.sequelize.transaction({ type: Transaction.TYPES.DEFERRED }, work);
    const ended = read.then(nothing, nothing);
    this.reading.add(ended);
    void ended.then(() => this.reading.delete(ended));
    return read;
  }

  /** How often each area has been changed up to now; one statement. */
  async changes(): Promise<Changes> {
    const [row] = await this.sequelize.query<Changes>(
      'SELECT kitchen, trials, authors, recipes, bakes, timers, practice FROM changes',
      { type: QueryTypes.SELECT },
    );
    return row!;
  }

  /**
   * Clears the log that is written ahead: what was deleted is then nowhere on the disk any more. As
   * long as somebody still reads what was there before (a backup on its way out), that can't be: it
   * is tried again until it is done. Whether it is done by now.
   */
  async forget(): Promise<boolean> {
    const [row] = await this.turn(() =>
      this.sequelize.query<{ busy: number }>('PRAGMA wal_checkpoint(TRUNCATE)', {
        type: QueryTypes.SELECT,
      }),
    );
    if (row?.busy === 0) return true;
    this.forgetting ??= setTimeout(() => {
      this.forgetting = null;
      this.forget().catch(this.report);
    }, FORGET_AGAIN_MILLISECONDS).unref();
    return false;
  }

  /** Closes it once nothing is read or written any more. */
  async close(): Promise<void> {
    await Promise.all(this.reading);
    await this.turn(nothing);
    if (this.forgetting) clearTimeout(this.forgetting);
    await this.sequelize.close();
  }
}

/**
 * Opens the database file, making it and its folder where they are missing. With write-ahead
 * logging and full synchronisation, what was acknowledged survives a crash of the process
 * and a power cut.
 */
export async function openDatabase(file: string): Promise<Database> {
  mkdirSync(dirname(resolve(file)), { recursive: true });
  closeSync(openSync(file, 'a'));
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: false,
    dialectModule: { ...sqlite3, Database: Connection },
  });
  await sequelize.query('PRAGMA journal_mode = WAL');
  return new Database(sequelize, file);
}
