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
const VERSION = 1;

/** Bakes as they were last seen, and what was done at them and waits. */
export const BENCH = new BrowserDatabase<BenchSchema>(NAME, VERSION, (database) => {
  database.createObjectStore('bakes', { keyPath: 'id' });
  database.createObjectStore('outbox', { autoIncrement: true }).createIndex('by-bake', 'bakeId');
});
