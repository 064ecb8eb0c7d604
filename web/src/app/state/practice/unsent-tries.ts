import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { keepHere, keptHere } from '../../offline/browser-memory';
import { putOut, takeOut, waitingOut } from '../../offline/outbox';

/** Tries that the server has not got yet, and those that it still has though they were taken back. */
export interface UnsentTries {
  readonly made: readonly PracticeTryRecord[];
  readonly leaving: readonly string[];
}

const KIND = 'try';
/** Where an earlier version kept all of them together. */
const OLD_KEY = 'ypsigram.unsent-tries';
const WHAT = 'tries of practice';

/** Keeps a try in this browser until the server has it. */
export const keepTry = (made: PracticeTryRecord): Promise<boolean> => putOut(KIND, made.id, made);

/** Keeps that a try was taken back, until the server has it no more. */
export const keepLeaving = (id: string): Promise<boolean> => putOut(KIND, id, null);

/** The server has it, or has it no more. */
export const letGoTry = (id: string): Promise<void> => takeOut(KIND, id);

/** All that wait, whichever page of this browser put them there. */
export async function recallTries(): Promise<UnsentTries> {
  const old = keptHere(OLD_KEY, WHAT) as Partial<UnsentTries> | null;
  if (Array.isArray(old?.made) && Array.isArray(old.leaving)) {
    for (const made of old.made) await keepTry(made);
    for (const id of old.leaving) await keepLeaving(id);
    keepHere(OLD_KEY, null, WHAT);
  }
  const waiting = await waitingOut(KIND);
  return {
    made: waiting.flatMap(({ value }) => (value === null ? [] : [value as PracticeTryRecord])),
    leaving: waiting.filter(({ value }) => value === null).map(({ id }) => id),
  };
}
