import type { DBSchema } from 'idb';
import { BrowserDatabase } from '../../offline/browser-database';
import { keepHere, keptHere } from '../../offline/browser-memory';
import type { Scan } from './scan';

interface ScanSchema extends DBSchema {
  scans: { key: number; value: Scan };
}

const SCANS = new BrowserDatabase<ScanSchema>('ypsigram-scans', 1, (database) => {
  database.createObjectStore('scans', { keyPath: 'id' });
});

const PAUSED = 'ypsigram.scans-paused';
const WHAT = 'that reading is paused';
const LEFT = 'ypsigram.scans-left';
const WHAT_LEFT = 'that the page was left';

/** Photos and documents in this browser, over a reload, in the order in which they came. */
export const scanStore = {
  all: (): Promise<Scan[]> => SCANS.use((database) => database.getAll('scans')),

  /** All of them or none. */
  put: (scans: readonly Scan[]): Promise<void> =>
    SCANS.use(async (database) => {
      const change = database.transaction('scans', 'readwrite');
      await Promise.all([...scans.map((scan) => change.store.put(scan)), change.done]);
    }),

  remove: (ids: readonly number[]): Promise<void> =>
    SCANS.use(async (database) => {
      const change = database.transaction('scans', 'readwrite');
      await Promise.all([...ids.map((id) => change.store.delete(id)), change.done]);
    }),

  isPaused: (): boolean => keptHere(PAUSED, WHAT) === true,
  /** Notes that this page is left in good order. */
  setLeft: (): void => keepHere(LEFT, true, WHAT_LEFT),
  /** Whether the last one was; asked once. */
  takeLeft: (): boolean => {
    const wasLeft = keptHere(LEFT, WHAT_LEFT) === true;
    keepHere(LEFT, null, WHAT_LEFT);
    return wasLeft;
  },

  setPaused: (isPaused: boolean): void => keepHere(PAUSED, isPaused || null, WHAT),
};
