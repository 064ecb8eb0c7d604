import { signal } from '@angular/core';
import { openDB, type DBSchema, type IDBPDatabase, type OpenDBCallbacks } from 'idb';

const keeps = signal(true);

/**
 * Whether this browser keeps what is done on its disk just now. It may keep nothing (a private
 * window), or be full, or have dropped what it had: then everything goes to the server at once, and
 * stays in this page until it is there.
 */
export const browserKeeps = keeps.asReadonly();

/**
 * A database of this browser. The browser may close it under us at any time (its storage was
 * dropped, the disk was full): then it is opened anew.
 */
export class BrowserDatabase<Schema extends DBSchema> {
  private opened: Promise<IDBPDatabase<Schema>> | null = null;

  constructor(
    private readonly name: string,
    private readonly version: number,
    private readonly upgrade: NonNullable<OpenDBCallbacks<Schema>['upgrade']>,
  ) {}

  /**
   * Does something with it; where its handle turns out to be closed, once more with a new one.
   * @throws DOMException when it can't be done either way
   */
  async use<T>(work: (database: IDBPDatabase<Schema>) => Promise<T>): Promise<T> {
    try {
      const done = await work(await this.open());
      keeps.set(true);
      return done;
    } catch {
      // Told by the second time, if that fails too.
      this.close();
    }
    try {
      const done = await work(await this.open());
      keeps.set(true);
      return done;
    } catch (error) {
      this.close();
      keeps.set(false);
      throw error;
    }
  }

  /** Lets go of it; it is opened again when it is needed. */
  close(): void {
    void this.opened?.then(
      (database) => database.close(),
      () => undefined,
    );
    this.opened = null;
  }

  private open(): Promise<IDBPDatabase<Schema>> {
    return (this.opened ??= this.openNow());
  }

  /** Whatever is wrong is told by the promise, also where the browser throws at once. */
  private async openNow(): Promise<IDBPDatabase<Schema>> {
    return openDB<Schema>(this.name, this.version, {
      upgrade: this.upgrade,
      // Another page has a newer version: it is not to wait for this one.
      blocking: () => this.close(),
      terminated: () => (this.opened = null),
    });
  }
}
