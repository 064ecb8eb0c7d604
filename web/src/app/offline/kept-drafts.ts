import { offlineStore, type KeptDraft } from './offline-store';

/** Keeps a change until the server has it; there for good when it is done. @returns whether it is */
export async function keepDraft(kept: KeptDraft): Promise<boolean> {
  const store = await offlineStore();
  if (!store) return false;
  const transaction = store.transaction('drafts', 'readwrite', { durability: 'strict' });
  await transaction.store.put(kept);
  await transaction.done;
  return true;
}

export async function recallDraft(id: string): Promise<KeptDraft | null> {
  return (await (await offlineStore())?.get('drafts', id)) ?? null;
}

export async function forgetDraft(id: string): Promise<void> {
  await (await offlineStore())?.delete('drafts', id);
}

export async function keptDrafts(): Promise<readonly KeptDraft[]> {
  return (await (await offlineStore())?.getAll('drafts')) ?? [];
}
