import type { DBSchema } from 'idb';
import type { Bake } from '@ypsigram/contract';
import type { BakeReading } from '@ypsigram/core/bench';
import { BrowserDatabase } from './browser-database';

/** Something that was done and is not on the server yet. */
export interface QueuedAct {
  readonly bakeId: string;
  readonly reading: BakeReading;
}

interface BenchSchema extends DBSchema {
  bakes: { key: string; value: Bake };
  outbox: {
    /** In the order in which it was done. */
    key: number;
    value: QueuedAct;
    indexes: { 'by-bake': string };
  };
}

const NAME = 'ypsigram-bench';
/** Since 2 bakes are kept in codes, and not in English words. */
const VERSION = 2;

/** Bakes as they were last seen, and what was done at them and waits. */
export const BENCH = new BrowserDatabase<BenchSchema>(
  NAME,
  VERSION,
  async (database, before, _now, transaction) => {
    if (before === 0) {
      database.createObjectStore('bakes', { keyPath: 'id' });
      const outbox = database.createObjectStore('outbox', { autoIncrement: true });
      outbox.createIndex('by-bake', 'bakeId');
      return;
    }
    // Those of before are told in English words: the server knows them in codes, and is asked anew.
    await transaction.objectStore('bakes').clear();
  },
);
