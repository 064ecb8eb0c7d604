import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { keepHere, keptHere } from '../../offline/browser-memory';

/** Tries that the server has not got yet, and those that it still has though they were taken back. */
export interface UnsentTries {
  readonly made: readonly PracticeTryRecord[];
  readonly leaving: readonly string[];
}

const KEY = 'ypsigram.unsent-tries';
const WHAT = 'tries of practice';

/** Keeps them in this browser, over a reload. */
export const rememberTries = ({ made, leaving }: UnsentTries): void =>
  keepHere(KEY, made.length + leaving.length === 0 ? null : { made, leaving }, WHAT);

export function recallTries(): UnsentTries {
  const kept = keptHere(KEY, WHAT) as Partial<UnsentTries> | null;
  return Array.isArray(kept?.made) && Array.isArray(kept.leaving)
    ? { made: kept.made, leaving: kept.leaving }
    : { made: [], leaving: [] };
}
