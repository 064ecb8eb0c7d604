import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import { ProblemError } from '../http/problem.js';
import { ownFile } from '../own-file.js';
import type { ChanceJob, ChanceResult } from './chance-worker.js';

/** Threads that have had nothing to do for so long end. */
const IDLE_MILLISECONDS = 30_000;
/** More jobs than these do not wait: they are told to come back. */
const MOST_WAITING = 16;
/** No job that is worth waiting for takes longer. */
const LONGEST_MILLISECONDS = 60_000;

const TOO_BUSY = 'Other chances are being worked out. Try again in a few seconds.';
const TOO_LONG = 'This took more than a minute and was stopped. Ask for fewer bakes.';

let pool: Piscina<ChanceJob, ChanceResult> | null = null;

/** One thread for each processor but one, which serves everybody else. */
const open = (): Piscina<ChanceJob, ChanceResult> =>
  new Piscina<ChanceJob, ChanceResult>({
    filename: ownFile('workers/chance-worker'),
    minThreads: 0,
    maxThreads: Math.max(1, availableParallelism() - 1),
    idleTimeout: IDLE_MILLISECONDS,
    maxQueue: MOST_WAITING,
  });

/**
 * Works out chances in a thread of their own. When the signal says that nobody waits any more, the
 * work ends with it. @throws ProblemError 503 where too many wait, or it takes too long
 */
export async function bakeInThread(job: ChanceJob, signal: AbortSignal): Promise<ChanceResult> {
  pool ??= open();
  const tooLong = AbortSignal.timeout(LONGEST_MILLISECONDS);
  try {
    return await pool.run(job, { signal: AbortSignal.any([signal, tooLong]) });
  } catch (error) {
    if (tooLong.aborted) throw new ProblemError(503, TOO_LONG, { field: 'bakes' });
    const isFull = error instanceof Error && error.message.includes('queue');
    if (isFull) throw new ProblemError(503, TOO_BUSY);
    throw error;
  }
}

/** Ends all threads: for a server that stops. */
export async function closeChancePool(): Promise<void> {
  await pool?.destroy();
  pool = null;
}
