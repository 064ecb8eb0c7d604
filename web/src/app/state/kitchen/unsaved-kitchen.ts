import type { Kitchen } from '@ypsigram/contract';
import { PAGE_ID } from '../../api/page-id';
import { keepHere, keptHere } from '../../offline/browser-memory';
import { closedPages } from '../../offline/live-pages';
import { isSame, putOut, takeOut, waitingOut } from '../../offline/outbox';

/** What was changed here of a kitchen, and the revision of the server's that it was changed from. */
export interface UnsavedKitchen {
  readonly revision: number;
  readonly current: Omit<Kitchen, 'revision'>;
}

const KIND = 'kitchen';
/** Where an earlier version kept it. */
const OLD_KEY = 'ypsigram.unsaved-kitchen';
const WHAT = 'changes of the kitchen';

/** Keeps what this page changed; null where all of it is saved. */
export async function rememberKitchen(unsaved: UnsavedKitchen | null): Promise<void> {
  if (unsaved === null) await takeOut(KIND, PAGE_ID);
  else await putOut(KIND, PAGE_ID, unsaved);
}

const isWhole = (kept: Partial<UnsavedKitchen> | null): kept is UnsavedKitchen =>
  typeof kept?.revision === 'number' && Boolean(kept.current);

/**
 * Takes over what a page that is closed could not save, the oldest first: from now on it is this
 * page's, and at no moment nobody's. Null where nothing waits.
 */
export async function takeOverKitchen(): Promise<UnsavedKitchen | null> {
  const old = keptHere(OLD_KEY, WHAT) as Partial<UnsavedKitchen> | null;
  if (isWhole(old)) await rememberKitchen(old);
  keepHere(OLD_KEY, null, WHAT);
  if (isWhole(old)) return old;
  const isClosed = await closedPages();
  const found = (await waitingOut(KIND)).find(({ page }) => isClosed(page));
  if (!found) return null;
  const unsaved = found.value as UnsavedKitchen;
  await rememberKitchen(unsaved);
  await takeOut(KIND, found.id, isSame(found));
  return unsaved;
}
