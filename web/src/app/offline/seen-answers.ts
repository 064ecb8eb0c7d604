import { OFFLINE, type SeenAnswer } from './offline-store';

/** More answers than these are not kept: the oldest go. */
const MOST_ANSWERS = 400;

/** Keeps an answer in the place of the one before. Without room it is only not there later. */
export async function rememberAnswer(answer: SeenAnswer): Promise<void> {
  try {
    await OFFLINE.use(async (database) => {
      const transaction = database.transaction('answers', 'readwrite');
      await transaction.store.put(answer);
      let over = (await transaction.store.count()) - MOST_ANSWERS;
      const oldest = transaction.store.index('by-time').iterate();
      for await (const { primaryKey } of over > 0 ? oldest : []) {
        if (over-- <= 0) break;
        await transaction.store.delete(primaryKey);
      }
      await transaction.done;
    });
  } catch (error) {
    console.warn(`This browser could not keep what ${answer.address} said.`, error);
  }
}

/** The last answer to this address; null where there was none. */
export async function recallAnswer(address: string): Promise<SeenAnswer | null> {
  try {
    return (await OFFLINE.use((database) => database.get('answers', address))) ?? null;
  } catch (error) {
    console.warn(`This browser could not look up what ${address} said.`, error);
    return null;
  }
}
