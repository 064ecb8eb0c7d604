import type { Timer } from '@ypsigram/contract/oven';
import { keepHere, keptHere } from '../../offline/browser-memory';

/** A timer as it was set here, or stopped (`timer` is null then), that the server has not got yet. */
export interface UnsentTimer {
  readonly id: string;
  readonly timer: Timer | null;
}

const KEY = 'ypsigram.unsent-timers';
const WHAT = 'timers';

/** Keeps them in this browser, over a reload. */
export const rememberUnsent = (unsent: readonly UnsentTimer[]): void =>
  keepHere(KEY, unsent.length === 0 ? null : unsent, WHAT);

export function recallUnsent(): readonly UnsentTimer[] {
  const kept = keptHere(KEY, WHAT);
  return Array.isArray(kept) ? (kept as UnsentTimer[]) : [];
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
