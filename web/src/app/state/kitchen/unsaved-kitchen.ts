import type { Kitchen } from '@ypsigram/contract';
import { keepHere, keptHere } from '../../offline/browser-memory';

/** What was changed here of a kitchen, and the revision of the server's that it was changed from. */
export interface UnsavedKitchen {
  readonly revision: number;
  readonly current: Omit<Kitchen, 'revision'>;
}

const KEY = 'ypsigram.unsaved-kitchen';
const WHAT = 'changes of the kitchen';

/** Null where all of it is saved. */
export const rememberKitchen = (unsaved: UnsavedKitchen | null): void =>
  keepHere(KEY, unsaved, WHAT);

/** What an earlier visit could not save. */
export function recallKitchen(): UnsavedKitchen | null {
  const kept = keptHere(KEY, WHAT) as Partial<UnsavedKitchen> | null;
  return typeof kept?.revision === 'number' && kept.current
    ? { revision: kept.revision, current: kept.current }
    : null;
}
