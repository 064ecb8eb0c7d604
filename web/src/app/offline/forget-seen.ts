import { BENCH } from './bench-store';
import { OFFLINE } from './offline-store';

/**
 * Forgets all that this device has seen of the kitchen: it is let in no more. What was done here and
 * is not on the server yet stays, for when it is let in again.
 */
export async function forgetSeen(): Promise<void> {
  const forgotten = await Promise.allSettled([
    OFFLINE.use((database) => database.clear('answers')),
    BENCH.use((database) => database.clear('bakes')),
  ]);
  for (const one of forgotten) {
    if (one.status === 'rejected') {
      console.warn('This browser could not forget what it had seen.', one.reason);
    }
  }
}
