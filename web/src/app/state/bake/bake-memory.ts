import { Injectable } from '@angular/core';
import type { Bake } from '@ypsigram/contract';
import type { BakeReading } from '@ypsigram/core/bench';
import { BENCH, type QueuedAct } from '../../offline/bench-store';
import { browserKeeps } from '../../offline/browser-database';

/** What waits to be sent of one bake. */
export interface Waiting {
  readonly bakeId: string;
  readonly readings: readonly BakeReading[];
}

/** So many bakes are remembered, the last opened: older ones are on the server. */
const REMEMBERED = 20;

/**
 * What this browser remembers of bakes: each as it was last seen, and what was done and is not yet
 * sent. Writes are on the disk when they are acknowledged. What a browser can't keep (a private
 * window, a full disk) is remembered for as long as the page is open, sent all the same, and told
 * in `isKept`.
 */
@Injectable({ providedIn: 'root' })
export class BakeMemory {
  /** What could not be put on the disk. */
  private unkept: readonly QueuedAct[] = [];
  /** What the server has, though the disk may still say that it waits. */
  private readonly settled = new Set<string>();
  /** Whether what is done here survives the page. */
  readonly isKept = browserKeeps;

  /** A bake as it was last seen here. */
  async recall(id: string): Promise<Bake | null> {
    try {
      return (await BENCH.use((database) => database.get('bakes', id))) ?? null;
    } catch (error) {
      console.warn('This browser could not look up a bake.', error);
      return null;
    }
  }

  async remember(bake: Bake): Promise<void> {
    try {
      await BENCH.use(async (database) => {
        await database.put('bakes', bake);
        const all = await database.getAll('bakes');
        const old = all.sort((a, b) => b.begunAt.localeCompare(a.begunAt)).slice(REMEMBERED);
        for (const { id } of old) await database.delete('bakes', id);
      });
    } catch (error) {
      console.warn('This browser could not remember a bake: it is on the server.', error);
    }
  }

  /** Puts an act into the outbox; there when it is done, on the disk if that can be. */
  async queue(bakeId: string, reading: BakeReading): Promise<void> {
    const coming = [...this.unkept, { bakeId, reading }];
    this.unkept = coming;
    try {
      await BENCH.use(async (database) => {
        const transaction = database.transaction('outbox', 'readwrite', { durability: 'strict' });
        for (const one of coming) await transaction.store.add(one);
        await transaction.done;
      });
      this.unkept = this.unkept.filter((one) => !coming.includes(one));
    } catch (error) {
      console.warn('This browser could not keep an act: it waits in this page.', error);
    }
  }

  /** All that waits, bake by bake, in the order in which it was done. */
  async waiting(): Promise<readonly Waiting[]> {
    const byBake = new Map<string, BakeReading[]>();
    const seen = new Set(this.settled);
    for (const { bakeId, reading } of [...(await this.kept()), ...this.unkept]) {
      if (seen.has(reading.id)) continue;
      seen.add(reading.id);
      byBake.set(bakeId, [...(byBake.get(bakeId) ?? []), reading]);
    }
    return [...byBake].map(([bakeId, readings]) => ({ bakeId, readings }));
  }

  /** Takes out of the outbox what need not be sent any more. */
  async settle(ids: readonly string[]): Promise<void> {
    for (const id of ids) this.settled.add(id);
    this.unkept = this.unkept.filter(({ reading }) => !this.settled.has(reading.id));
    try {
      await BENCH.use(async (database) => {
        const transaction = database.transaction('outbox', 'readwrite');
        for (let at = await transaction.store.openCursor(); at; at = await at.continue()) {
          if (this.settled.has(at.value.reading.id)) await at.delete();
        }
        await transaction.done;
      });
      this.settled.clear();
    } catch (error) {
      // Sent once more after a reload: what arrives twice is one there.
      console.warn('This browser could not let go of an act that is on the server.', error);
    }
  }

  /** Lets go of the browser's memory; it is opened again when it is needed. */
  close(): void {
    BENCH.close();
  }

  private async kept(): Promise<readonly QueuedAct[]> {
    try {
      return await BENCH.use((database) => database.getAll('outbox'));
    } catch (error) {
      console.warn('This browser could not read what waits of its bakes.', error);
      return [];
    }
  }
}
