import type { Request, Response } from 'express';

/** A silent stream says that it is alive, so that neither side takes it for broken; pages hear it. */
const HEARTBEAT_MILLISECONDS = 15_000;
/** A page that lost the stream tries again after this. */
const RETRY_MILLISECONDS = 1000;

/** An event as it is sent: its id, its name and what it holds as JSON. */
export const eventText = (id: number, name: string, data: unknown): string =>
  `id: ${id}\nevent: ${name}\ndata: ${JSON.stringify(data)}\n\n`;

/** The id of the last event that a client saw before it lost the stream; 0 where it names none. */
export function lastEventId(request: Request): number {
  const last = Number(request.get('Last-Event-ID'));
  return Number.isInteger(last) && last > 0 ? last : 0;
}

/** Every stream that is open. */
const OPEN = new Set<Response>();

/** Remembers which device an answer is for. */
export function belongsTo(response: Response, device: string): void {
  response.locals['device'] = device;
}

/** Devices that were removed: what they asked for before, and is opened only now, ends at once. */
const REMOVED = new Set<unknown>();

/** Ends all streams: they never end by themselves. */
export function endEventStreams(): void {
  for (const response of OPEN) response.end();
}

/** Ends all streams of a device, and every one that it is just opening. */
export function endStreamsFor(device: string): void {
  REMOVED.add(device);
  for (const response of OPEN) if (response.locals['device'] === device) response.end();
}

/** The device is let in again. */
export const letStreamsOf = (device: string): boolean => REMOVED.delete(device);

/** Opens a stream of server-sent events that lives until the client leaves; `left` is told then. */
export function openEventStream(response: Response, left: () => void): void {
  // A stream ends with its connection: framing every event as a chunk would double its cost.
  response.useChunkedEncodingByDefault = false;
  response.status(200).set({
    'Content-Type': 'text/event-stream',
    // Not to be compressed or held back on the way.
    'Cache-Control': 'no-store, no-transform',
    'X-Accel-Buffering': 'no',
  });
  response.flushHeaders();
  response.write(`retry: ${RETRY_MILLISECONDS}\n\n`);
  const heartbeat = setInterval(
    () => response.write('event: alive\ndata:\n\n'),
    HEARTBEAT_MILLISECONDS,
  );
  OPEN.add(response);
  response.once('close', () => {
    OPEN.delete(response);
    clearInterval(heartbeat);
    left();
  });
  if (REMOVED.has(response.locals['device'])) response.end();
}
