import { setImmediate as othersServed } from 'node:timers/promises';

/** Work of so many milliseconds keeps nobody waiting. */
const SLICE_MILLISECONDS = 8;

/** Long work asks after each piece: once it has taken its slice of time, others are served. */
export function takeTurns(): () => Promise<void> {
  let from = performance.now();
  return async () => {
    if (performance.now() - from < SLICE_MILLISECONDS) return;
    await othersServed();
    from = performance.now();
  };
}
