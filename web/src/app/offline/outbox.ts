import { v4 as newToken } from 'uuid';
import { PAGE_ID } from '../api/page-id';
import { OFFLINE, type OutboxItem, type OutboxKind } from './offline-store';

/** What this browser could not put on its disk: here for as long as the page is open. */
const unkept = new Map<string, OutboxItem>();

/** One thing after another, so that nothing is taken out before it is in. */
let turn: Promise<unknown> = Promise.resolve();

const goOn = (): void => undefined;

function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const done = turn.then(work);
  // Whoever asked is told; the next has its turn all the same.
  turn = done.then(goOn, goOn);
  return done;
}

const keyOf = (kind: OutboxKind, id: string): string => `${kind} ${id}`;

/** What could not be kept before is kept now, before anything else. */
async function keepUnkept(): Promise<void> {
  for (const item of unkept.values()) {
    await write(item);
    unkept.delete(item.key);
  }
}

async function write(item: OutboxItem): Promise<void> {
  await OFFLINE.use(async (database) => {
    const transaction = database.transaction('outbox', 'readwrite', { durability: 'strict' });
    await transaction.store.put(item);
    await transaction.done;
  });
}

/**
 * Keeps something until the server has it, in the place of what waited under the same id.
 * @returns whether it is there for good; if not, it is as long as this page is
 */
export function putOut(kind: OutboxKind, id: string, value: unknown): Promise<boolean> {
  const key = keyOf(kind, id);
  const item = { key, kind, id, token: newToken(), page: PAGE_ID, at: Date.now(), value };
  return inTurn(async () => {
    unkept.delete(key);
    try {
      await keepUnkept();
      await write(item);
      return true;
    } catch (error) {
      console.warn(`This browser could not keep a ${kind}: it waits in this page.`, error);
      unkept.set(key, item);
      return false;
    }
  });
}

/** All of a kind that waits, in the order in which it was put in, whichever page did. */
export function waitingOut(kind: OutboxKind): Promise<readonly OutboxItem[]> {
  return inTurn(async () => {
    const here = [...unkept.values()].filter((item) => item.kind === kind);
    const kept = await keptOfKind(kind);
    const own = new Set(here.map(({ key }) => key));
    return [...kept.filter(({ key }) => !own.has(key)), ...here].sort((a, b) => a.at - b.at);
  });
}

async function keptOfKind(kind: OutboxKind): Promise<readonly OutboxItem[]> {
  try {
    return await OFFLINE.use((database) => database.getAllFromIndex('outbox', 'by-kind', kind));
  } catch (error) {
    console.warn(`This browser could not read what it kept of every ${kind}.`, error);
    return [];
  }
}

/** Tells what was put in at that time from what came later, of this page or another. */
export const isSame =
  (sent: OutboxItem) =>
  ({ token }: OutboxItem): boolean =>
    token === sent.token;

/**
 * Takes out what the server has now.
 * @param isSent whether what waits there is what was sent, and not a later change of it, which goes
 * on waiting
 */
export function takeOut(
  kind: OutboxKind,
  id: string,
  isSent: (waiting: OutboxItem) => boolean = () => true,
): Promise<void> {
  const key = keyOf(kind, id);
  return inTurn(async () => {
    const here = unkept.get(key);
    if (here && isSent(here)) unkept.delete(key);
    try {
      await OFFLINE.use(async (database) => {
        const transaction = database.transaction('outbox', 'readwrite');
        const item = await transaction.store.get(key);
        if (item && isSent(item)) await transaction.store.delete(key);
        await transaction.done;
      });
    } catch (error) {
      // It is sent once more then: what arrives twice is one there.
      console.warn(`This browser could not let go of a ${kind} that is on the server.`, error);
    }
  });
}
