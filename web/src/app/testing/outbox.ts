import { OFFLINE, type OutboxItem, type OutboxKind } from '../offline/offline-store';
import { takeOut, waitingOut } from '../offline/outbox';

const KINDS: readonly OutboxKind[] = ['try', 'timer', 'kitchen', 'draft'];

/** Nothing waits any more, whatever a spec before has left. */
export async function emptyOutbox(): Promise<void> {
  for (const kind of KINDS) {
    for (const { id } of await waitingOut(kind)) await takeOut(kind, id);
  }
}

/** As a page left it that is closed by now. */
export async function leftByClosedPage(
  kind: OutboxKind,
  id: string,
  value: unknown,
  at = 0,
): Promise<void> {
  const item: OutboxItem = {
    key: `${kind} ${id}`,
    kind,
    id,
    token: `${id} left`,
    page: `closed ${id}`,
    at,
    value,
  };
  await OFFLINE.use((database) => database.put('outbox', item));
}
