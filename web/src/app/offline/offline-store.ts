import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What the server answered when it was last asked. */
export interface SeenAnswer {
  /** The address that was asked, with its query. */
  readonly address: string;
  readonly body: unknown;
  /** When it was answered, in milliseconds since 1970. */
  readonly at: number;
}

/** A recipe as it was changed here, and is not on the server yet. */
export interface KeptDraft<T = unknown> {
  readonly id: string;
  /** The revision that the change is based on. */
  readonly revision: number;
  readonly draft: T;
}

interface OfflineSchema extends DBSchema {
  answers: { key: string; value: SeenAnswer; indexes: { 'by-time': number } };
  drafts: { key: string; value: KeptDraft };
}

const NAME = 'ypsigram-offline';
const VERSION = 1;

let opened: Promise<IDBPDatabase<OfflineSchema> | null> | null = null;

/** What this browser keeps; null where it keeps nothing, as in a private window. */
export function offlineStore(): Promise<IDBPDatabase<OfflineSchema> | null> {
  opened ??= openDB<OfflineSchema>(NAME, VERSION, {
    upgrade(database) {
      database.createObjectStore('answers', { keyPath: 'address' }).createIndex('by-time', 'at');
      database.createObjectStore('drafts', { keyPath: 'id' });
    },
  }).catch((error: unknown) => {
    console.warn(
      'This browser keeps nothing: while the server is away there is nothing to see.',
      error,
    );
    return null;
  });
  return opened;
}
