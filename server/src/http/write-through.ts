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
  let goOn = (): void => undefined;
  let giveUp = (_error: unknown): void => undefined;
  let trouble: { readonly error: unknown } | null = null;
  // One listener for all pieces: a compressed answer hands on what is added to it, and never takes it off.
  sink.on('drain', () => goOn());
  const ended = finished(sink, { readable: false });
  ended.catch((error: unknown) => {
    trouble = { error };
    giveUp(error);
  });
  const hasRoom = (): Promise<void> =>
    new Promise((done, fail) => {
      const late = setTimeout(
        () => giveUp(new Error('Nothing was taken for too long.')),
        stalledMilliseconds,
      );
      goOn = () => {
        clearTimeout(late);
        done();
      };
      giveUp = (error) => {
        clearTimeout(late);
        fail(error);
      };
    });
  const write: Write = async (text) => {
    if (trouble) throw trouble.error;
    if (!sink.write(text)) await hasRoom();
  };
  try {
    await work(write);
    sink.end();
    await ended;
  } catch (error) {
    sink.destroy();
    throw error;
  }
}
