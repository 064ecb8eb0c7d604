import { Injectable, signal } from '@angular/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Bake } from '@ypsigram/contract';
import type { BakeReading } from '@ypsigram/core/bench';

interface BenchSchema extends DBSchema {
  bakes: { key: string; value: Bake };
  outbox: {
    /** In the order in which it was done. */
    key: number;
    value: { readonly bakeId: string; readonly reading: BakeReading };
    indexes: { 'by-bake': string };
  };
}

/** What waits to be sent of one bake. */
export interface Waiting {
  readonly bakeId: string;
  readonly readings: readonly BakeReading[];
}

const NAME = 'ypsigram-bench';
const VERSION = 1;
/** So many bakes are remembered, the last opened: older ones are on the server. */
const REMEMBERED = 20;

/** Whatever is wrong is told by the promise, also where the browser throws at once. */
const open = async (): Promise<IDBPDatabase<BenchSchema>> =>
  openDB<BenchSchema>(NAME, VERSION, {
    upgrade(database) {
      database.createObjectStore('bakes', { keyPath: 'id' });
      database
        .createObjectStore('outbox', { autoIncrement: true })
        .createIndex('by-bake', 'bakeId');
    },
  });

/**
 * What this browser remembers of bakes: each as it was last seen, and what was done and is not yet
 * sent. Writes are on the disk when they are acknowledged. A browser that keeps nothing (a private
 * window) remembers for as long as the page is open, and says so in `isKept`.
 */
@Injectable({ providedIn: 'root' })
export class BakeMemory {
  private database: Promise<IDBPDatabase<BenchSchema> | null> | null = null;
  /** The outbox of a browser that keeps nothing. */
  private unkept: readonly BenchSchema['outbox']['value'][] = [];
  /** Whether what is done here survives the page. */
  readonly isKept = signal(true);

  /** A bake as it was last seen here. */
  async recall(id: string): Promise<Bake | null> {
    return (await (await this.opened())?.get('bakes', id)) ?? null;
  }

  async remember(bake: Bake): Promise<void> {
    const database = await this.opened();
    if (!database) return;
    await database.put('bakes', bake);
    const all = await database.getAll('bakes');
    const old = all.sort((a, b) => b.begunAt.localeCompare(a.begunAt)).slice(REMEMBERED);
    for (const { id } of old) await database.delete('bakes', id);
  }

  /** Puts an act into the outbox; there for good when it is done. */
  async queue(bakeId: string, reading: BakeReading): Promise<void> {
    const database = await this.opened();
    if (!database) {
      this.unkept = [...this.unkept, { bakeId, reading }];
      return;
    }
    const transaction = database.transaction('outbox', 'readwrite', { durability: 'strict' });
    await transaction.store.add({ bakeId, reading });
    await transaction.done;
  }

  /** All that waits, bake by bake, in the order in which it was done. */
  async waiting(): Promise<readonly Waiting[]> {
    const database = await this.opened();
    const all = database ? await database.getAll('outbox') : this.unkept;
    const byBake = new Map<string, BakeReading[]>();
    for (const { bakeId, reading } of all) {
      byBake.set(bakeId, [...(byBake.get(bakeId) ?? []), reading]);
    }
    return [...byBake].map(([bakeId, readings]) => ({ bakeId, readings }));
  }

  /** Takes out of the outbox what need not be sent any more. */
  async settle(ids: readonly string[]): Promise<void> {
    const gone = new Set(ids);
    this.unkept = this.unkept.filter(({ reading }) => !gone.has(reading.id));
    const database = await this.opened();
    if (!database) return;
    const transaction = database.transaction('outbox', 'readwrite');
    for (let at = await transaction.store.openCursor(); at; at = await at.continue()) {
      if (gone.has(at.value.reading.id)) await at.delete();
    }
    await transaction.done;
  }

  /** Lets go of the browser's memory; it is opened again when it is needed. */
  close(): void {
    void this.database?.then((database) => database?.close());
    this.database = null;
  }

  private opened(): Promise<IDBPDatabase<BenchSchema> | null> {
    this.database ??= open().catch((error: unknown) => {
      console.warn(
        'This browser keeps nothing: what is done at the bench is on the server only.',
        error,
      );
      this.isKept.set(false);
      return null;
    });
    return this.database;
  }
}
