import type { Random } from '../chance/index.js';

/** One of several, each as likely. @throws RangeError for none */
export function pick<T>(all: readonly T[], random: Random): T {
  if (all.length === 0) throw new RangeError('There is nothing to choose from.');
  return all[Math.min(all.length - 1, Math.floor(random.uniform() * all.length))]!;
}
