import type { Request, Response } from 'express';
import type { BakeReadingReply } from '@ypsigram/contract';
import { eventText, lastEventId, openEventStream } from '../../http/event-stream.js';
import type { BakeService } from './service.js';

const eventOf = (reading: BakeReadingReply): string =>
  eventText(reading.sequence, 'reading', reading);

/**
 * Streams what is done at a bake until the client leaves. A client that comes back names the last
 * reading it saw and gets all that it missed. What is kept while the missed ones are read is told once.
 * @throws ProblemError 404 before anything is sent
 */
export async function streamBake(
  bakes: BakeService,
  id: string,
  request: Request,
  response: Response,
): Promise<void> {
  let last = lastEventId(request);
  let waiting: BakeReadingReply[] | null = [];
  const write = (reading: BakeReadingReply): void => {
    if (reading.sequence <= last) return;
    last = reading.sequence;
    response.write(eventOf(reading));
  };
  const stop = bakes.listen(id, (reading) => (waiting ? waiting.push(reading) : write(reading)));
  try {
    const missed = await bakes.readings(id, last);
    openEventStream(response, stop);
    for (const reading of [...missed, ...waiting]) write(reading);
    waiting = null;
  } catch (error) {
    stop();
    throw error;
  }
}
