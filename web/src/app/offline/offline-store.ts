import type { DBSchema } from 'idb';
import { BrowserDatabase } from './browser-database';

/** What the server answered when it was last asked. */
export interface SeenAnswer {
  /** The address that was asked, with its query. */
  readonly address: string;
  readonly body: unknown;
  /** When it was answered, in milliseconds since 1970. */
  readonly at: number;
}

/** What waits for the server: each thing by itself, so that no page overwrites another's. */
export interface OutboxItem {
  /** What it is, and which one. */
  readonly key: string;
  readonly kind: OutboxKind;
  readonly id: string;
  /** Which of several changes of the same thing this is. */
  readonly token: string;
  /** The page that put it in. */
  readonly page: string;
  /** When, in milliseconds since 1970. */
  readonly at: number;
  readonly value: unknown;
}

export type OutboxKind = 'try' | 'timer' | 'kitchen' | 'draft';

export interface OfflineSchema extends DBSchema {
  answers: { key: string; value: SeenAnswer; indexes: { 'by-time': number } };
  /** Of before there was an outbox: changed recipes, by their id. */
  drafts: { key: string; value: { readonly id: string } };
  outbox: { key: string; value: OutboxItem; indexes: { 'by-kind': OutboxKind } };
}

const NAME = 'ypsigram-offline';
const VERSION = 3;

/** What this browser keeps for when the server is away. */
export const OFFLINE = new BrowserDatabase<OfflineSchema>(
  NAME,
  VERSION,
  async (database, before, _now, transaction) => {
    if (before < 1) {
      database.createObjectStore('answers', { keyPath: 'address' }).createIndex('by-time', 'at');
      database.createObjectStore('drafts', { keyPath: 'id' });
    }
    if (before < 2) {
      database.createObjectStore('outbox', { keyPath: 'key' }).createIndex('by-kind', 'kind');
    }
    // Answers of before tell what a bake makes in English words: they are asked for anew.
    if (before > 0 && before < 3) await transaction.objectStore('answers').clear();
  },
);
