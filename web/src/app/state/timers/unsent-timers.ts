import type { Timer } from '@ypsigram/contract/oven';
import { keepHere, keptHere } from '../../offline/browser-memory';
import { putOut, takeOut, waitingOut } from '../../offline/outbox';

/** A timer as it was set here, or stopped (`timer` is null then), that the server has not got yet. */
export interface UnsentTimer {
  readonly id: string;
  readonly timer: Timer | null;
}

const KIND = 'timer';
/** Where an earlier version kept all of them together. */
const OLD_KEY = 'ypsigram.unsent-timers';
const WHAT = 'timers';

/** Keeps one in this browser until the server has it. */
export const keepTimer = ({ id, timer }: UnsentTimer): Promise<boolean> => putOut(KIND, id, timer);

/** The server has it. What was changed of it meanwhile goes on waiting. */
export const letGoTimer = ({ id, timer }: UnsentTimer): Promise<void> =>
  takeOut(KIND, id, ({ value }) => JSON.stringify(value) === JSON.stringify(timer));

/** All that wait, whichever page of this browser put them there. */
export async function recallTimers(): Promise<readonly UnsentTimer[]> {
  const old = keptHere(OLD_KEY, WHAT);
  if (Array.isArray(old)) {
    for (const one of old as UnsentTimer[]) await keepTimer(one);
    keepHere(OLD_KEY, null, WHAT);
  }
  const waiting = await waitingOut(KIND);
  return waiting.map(({ id, value }) => ({ id, timer: value as Timer | null }));
}

/** What the server has, with what it has not got yet. */
export function withUnsent(
  timers: readonly Timer[],
  unsent: readonly UnsentTimer[],
): readonly Timer[] {
  const own = new Map(unsent.map(({ id, timer }) => [id, timer]));
  const all = [
    ...timers.filter(({ id }) => !own.has(id)),
    ...[...own.values()].filter((timer) => timer !== null),
  ];
  return all.sort((a, b) => (a.endsAt < b.endsAt ? -1 : 1));
}
