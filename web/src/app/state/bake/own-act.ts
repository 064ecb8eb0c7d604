import type { ReadingsDraft } from '@ypsigram/contract';
import { orderOf, type BakeReading } from '@ypsigram/core/bench';

/** Something that was done on this device, and what it had seen of the bake by then. */
export interface OwnAct extends BakeReading {
  /** The highest order among all that was known here when it was done. */
  readonly after?: number;
}

/** When each act of this page was done, by a clock that nobody can set. */
const doneAt = new Map<string, number>();

/** The place of an act that is done now: after all that is known here, whatever the clock says. */
export function placeNow(
  id: string,
  at: number,
  known: readonly BakeReading[],
): Pick<OwnAct, 'order' | 'after'> {
  doneAt.set(id, performance.now());
  const last = known.reduce((highest, one) => Math.max(highest, orderOf(one)), 0);
  // What waits here has its place from this device, and none that the server knows yet.
  const after = known.reduce(
    (highest, one) => ('sequence' in one ? Math.max(highest, orderOf(one)) : highest),
    0,
  );
  return { order: Math.max(at, last + 1), after };
}

/**
 * What waits, each after all that its device did before: the server counts an act as of when it
 * arrives, which can be later than the next one was done here.
 */
export function placeWaiting(
  kept: readonly BakeReading[],
  waiting: readonly BakeReading[],
): readonly BakeReading[] {
  const lastOf = new Map<string, number>();
  for (const one of kept) {
    lastOf.set(one.device, Math.max(orderOf(one), lastOf.get(one.device) ?? 0));
  }
  return waiting.map((one) => {
    const order = Math.max(orderOf(one), (lastOf.get(one.device) ?? 0) + 1);
    lastOf.set(one.device, order);
    return { ...one, order };
  });
}

type Sent = ReadingsDraft['readings'][number];

/** As it is sent: with its age, so that a clock that was set meanwhile changes nothing. */
export function toSend({ order: _order, ...act }: OwnAct): Sent {
  const done = doneAt.get(act.id);
  if (done === undefined) return act as Sent;
  const byClock = Date.now() - Date.parse(act.at);
  const age = Math.max(0, byClock, performance.now() - done);
  return { ...act, age } as Sent;
}
