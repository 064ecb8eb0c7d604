import { offlineStore, type SeenAnswer } from './offline-store';

/** More answers than these are not kept: the oldest go. */
const MOST_ANSWERS = 400;

/** Keeps an answer in the place of the one before. */
export async function rememberAnswer(answer: SeenAnswer): Promise<void> {
  const store = await offlineStore();
  if (!store) return;
  const transaction = store.transaction('answers', 'readwrite');
  await transaction.store.put(answer);
  let over = (await transaction.store.count()) - MOST_ANSWERS;
  const oldest = transaction.store.index('by-time').iterate();
  for await (const { primaryKey } of over > 0 ? oldest : []) {
    if (over-- <= 0) break;
    await transaction.store.delete(primaryKey);
  }
  await transaction.done;
}

/** Forgets all of them: this device is let in no more. */
export async function forgetAnswers(): Promise<void> {
  await (await offlineStore())?.clear('answers');
}

/** The last answer to this address; null where there was none. */
export async function recallAnswer(address: string): Promise<SeenAnswer | null> {
  return (await (await offlineStore())?.get('answers', address)) ?? null;
}
