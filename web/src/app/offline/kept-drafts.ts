import { PAGE_ID } from '../api/page-id';
import { closedPages } from './live-pages';
import { OFFLINE, type OutboxItem } from './offline-store';
import { isSame, putOut, takeOut, waitingOut } from './outbox';

/** A recipe as it was changed here, and is not on the server yet. */
export interface KeptDraft<T = unknown> {
  readonly id: string;
  /** The revision that the change is based on. */
  readonly revision: number;
  readonly draft: T;
}

/** One that waits, and what it is let go by. */
export interface WaitingDraft extends KeptDraft {
  readonly letGo: () => Promise<void>;
}

/** Two pages may have changed the same recipe: each keeps its own. */
const outboxId = (id: string): string => `${id} ${PAGE_ID}`;

/** Keeps a change until the server has it; there for good when it is done. @returns whether it is */
export const keepDraft = (kept: KeptDraft): Promise<boolean> =>
  putOut('draft', outboxId(kept.id), kept);

/**
 * The newest change of a recipe that was made here, or in a page that is closed by now: from then on
 * it is this page's, and at no moment nobody's.
 */
export async function recallDraft(id: string): Promise<KeptDraft | null> {
  const isClosed = await closedPages();
  const found = (await itemsOf(id)).findLast(({ page }) => page === PAGE_ID || isClosed(page));
  if (!found) return null;
  const kept = found.value as KeptDraft;
  if (found.page !== PAGE_ID && (await keepDraft(kept))) {
    await takeOut('draft', found.id, isSame(found));
  }
  return kept;
}

/** The server has this page's change. Another page's change of the recipe goes on waiting. */
export const forgetDraft = (id: string): Promise<void> => takeOut('draft', outboxId(id));

/** All that wait, but for those of other pages that are open: they send their own. */
export async function keptDrafts(): Promise<readonly WaitingDraft[]> {
  await takeOver();
  const isClosed = await closedPages();
  return (await waitingOut('draft'))
    .filter(({ page }) => page === PAGE_ID || isClosed(page))
    .map((item) => ({
      ...(item.value as KeptDraft),
      letGo: () => takeOut('draft', item.id, isSame(item)),
    }));
}

async function itemsOf(id: string): Promise<readonly OutboxItem[]> {
  await takeOver();
  return (await waitingOut('draft')).filter(({ value }) => (value as KeptDraft).id === id);
}

let isTakenOver = false;

/** What an earlier version kept goes into the outbox, once. */
async function takeOver(): Promise<void> {
  if (isTakenOver) return;
  isTakenOver = true;
  try {
    const old = await OFFLINE.use((database) => database.getAll('drafts'));
    for (const draft of old) {
      if (!(await putOut('draft', draft.id, draft))) return;
      await OFFLINE.use((database) => database.delete('drafts', draft.id));
    }
  } catch (error) {
    console.warn('This browser could not read what an earlier version kept.', error);
  }
}
