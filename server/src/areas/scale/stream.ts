import type { Request, Response } from 'express';
import type { NumberedReading, ScaleDevice } from '../../devices/scale.js';
import { eventText, lastEventId, openEventStream } from '../../http/event-stream.js';

/** Readings go out two at a time: half the writes, and nobody sees a twentieth of a second. */
const SENT_TOGETHER = 2;

/** The last event as it is sent: the same for all who listen, so it is made once. */
let lastMade: { readonly reading: NumberedReading; readonly event: Buffer } | null = null;

function eventOf(reading: NumberedReading): Buffer {
  if (lastMade?.reading !== reading) {
    const event = Buffer.from(eventText(reading.sequence, 'reading', reading));
    lastMade = { reading, event };
  }
  return lastMade.event;
}

/**
 * Streams readings as server-sent events until the client leaves. A client that comes back names
 * the last event it saw, and gets what it missed as far as that is remembered, then what is now.
 */
export function streamReadings(scale: ScaleDevice, request: Request, response: Response): void {
  openEventStream(response, () => unsubscribe());
  const last = lastEventId(request);
  const missed = last > 0 ? scale.since(last) : [];
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
}
