import type { Request, Response } from 'express';
import type { NumberedReading, ScaleDevice } from '../../devices/scale.js';

/** A silent stream says that it is alive, so that neither side takes it for broken. */
const HEARTBEAT_MILLISECONDS = 15_000;
/** Readings go out two at a time: half the writes, and nobody sees a twentieth of a second. */
const SENT_TOGETHER = 2;
/** A page that lost the stream tries again after this. */
const RETRY_MILLISECONDS = 1000;

/** The last event as it is sent: the same for all who listen, so it is made once. */
let lastMade: { readonly reading: NumberedReading; readonly event: Buffer } | null = null;

function eventOf(reading: NumberedReading): Buffer {
  if (lastMade?.reading !== reading) {
    const text = `id: ${reading.sequence}\nevent: reading\ndata: ${JSON.stringify(reading)}\n\n`;
    lastMade = { reading, event: Buffer.from(text) };
  }
  return lastMade.event;
}

/**
 * Streams readings as server-sent events until the client leaves. A client that comes back names
 * the last event it saw, and gets what it missed as far as that is remembered, then what is now.
 */
export function streamReadings(scale: ScaleDevice, request: Request, response: Response): void {
  // A stream ends with its connection: framing every reading as a chunk would double its cost.
  response.useChunkedEncodingByDefault = false;
  response.status(200).set({
    'Content-Type': 'text/event-stream',
    // Not to be compressed or held back on the way.
    'Cache-Control': 'no-store, no-transform',
    'X-Accel-Buffering': 'no',
  });
  response.flushHeaders();
  response.write(`retry: ${RETRY_MILLISECONDS}\n\n`);
  const last = Number(request.get('Last-Event-ID'));
  const missed = Number.isInteger(last) && last > 0 ? scale.since(last) : [];
  for (const reading of missed) response.write(eventOf(reading));
  if (missed.length === 0) response.write(eventOf(scale.latest()));
  let held: Buffer[] = [];
  const unsubscribe = scale.subscribe(
    (reading) => {
      held.push(eventOf(reading));
      // A dark scale sends nothing after this that would push it out.
      if (held.length < SENT_TOGETHER && reading.state !== 'off') return;
      // Whoever can't keep up misses readings rather than piling them up here.
      if (!response.writableNeedDrain) response.write(Buffer.concat(held));
      held = [];
    },
    () => response.end(),
  );
  const heartbeat = setInterval(() => response.write(': alive\n\n'), HEARTBEAT_MILLISECONDS);
  response.once('close', () => {
    unsubscribe();
    clearInterval(heartbeat);
  });
}
