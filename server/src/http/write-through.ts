import { once } from 'node:events';
import type { Writable } from 'node:stream';
import { finished } from 'node:stream/promises';

/** Whoever takes nothing for so long has gone, even if nothing says so. */
const STALLED_MILLISECONDS = 60_000;

/** Writes a text, and waits until the other side has room for more. */
export type Write = (text: string) => Promise<void>;

/**
 * Writes a long text to a stream as fast as it is taken, to its end. However it breaks off (the other
 * side leaves, the disk is full, nothing is taken for a minute), the work is told and the stream is
 * let go. @throws Error that the stream ended with
 */
export async function writeThrough(
  sink: Writable,
  work: (write: Write) => Promise<void>,
  stalledMilliseconds = STALLED_MILLISECONDS,
): Promise<void> {
  const gone = new AbortController();
  const ended = finished(sink, { readable: false });
  ended.catch((error: unknown) => gone.abort(error));
  const write: Write = async (text) => {
    gone.signal.throwIfAborted();
    if (sink.write(text)) return;
    const stalled = AbortSignal.timeout(stalledMilliseconds);
    await once(sink, 'drain', { signal: AbortSignal.any([gone.signal, stalled]) });
  };
  try {
    await work(write);
    sink.end();
    await ended;
  } catch (error) {
    sink.destroy();
    throw gone.signal.aborted ? gone.signal.reason : error;
  }
}
