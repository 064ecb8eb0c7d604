import { Observable } from 'rxjs';
import { unanswered } from '../../api/notice-away';
import type { ChangeEvent } from '@ypsigram/contract/house';

/** What is heard of the server: a change on some device, and whether it can be reached. */
export type Heard =
  | { readonly is: 'changes'; readonly event: ChangeEvent }
  | { readonly is: 'found' }
  | { readonly is: 'lost' };

const STREAM = '/api/changes?ngsw-bypass=true';
/** By this name the windows of a browser agree on which of them listens, and tell each other. */
const NAME = 'ypsigram-changes';
/** A stream that was refused is asked for anew after this; one that broke is after a second. */
const REOPEN_MILLISECONDS = 5000;

/** The server says at least every 15 s that it is alive. After twice as long the line is dead. */
const SILENCE_MILLISECONDS = 31_000;
/** So long a new stream is given before a request without an answer makes it be opened again. */
const FRESH_MILLISECONDS = 1000;

/**
 * Listens for this window alone, until it is told to stop. A line that is cut says nothing: so it is
 * opened anew after too long a silence, when the network comes back, and when a request had no answer.
 */
function listen(heard: (what: Heard) => void): () => void {
  let source: EventSource | null = null;
  let retry: ReturnType<typeof setTimeout> | undefined;
  let openedAt = 0;
  const again = (milliseconds: number): void => {
    clearTimeout(retry);
    retry = setTimeout(open, milliseconds);
  };
  const lost = (): void => heard({ is: 'lost' });
  function open(): void {
    source?.close();
    openedAt = Date.now();
    const stream = (source = new EventSource(STREAM));
    const isAlive = (): void => again(SILENCE_MILLISECONDS);
    stream.addEventListener('open', () => {
      isAlive();
      heard({ is: 'found' });
    });
    stream.addEventListener('alive', isAlive);
    stream.addEventListener('changes', ({ data }: MessageEvent<string>) => {
      isAlive();
      heard({ is: 'changes', event: JSON.parse(data) as ChangeEvent });
    });
    stream.addEventListener('error', () => {
      lost();
      if (stream.readyState === EventSource.CLOSED) again(REOPEN_MILLISECONDS);
    });
  }
  const cut = (): void => {
    source?.close();
    lost();
  };
  const noticed = unanswered.subscribe(() => {
    if (Date.now() - openedAt > FRESH_MILLISECONDS) open();
  });
  window.addEventListener('offline', cut);
  window.addEventListener('online', open);
  open();
  return () => {
    source?.close();
    clearTimeout(retry);
    noticed.unsubscribe();
    window.removeEventListener('offline', cut);
    window.removeEventListener('online', open);
  };
}

/**
 * What changes on all devices, for as long as somebody listens. A browser has few connections to a
 * server: one window listens, and tells the others; when it is closed, another takes over.
 */
export const changesStream = (): Observable<Heard> =>
  new Observable((subscriber) => {
    const channel = new BroadcastChannel(NAME);
    channel.onmessage = ({ data }: MessageEvent<Heard>) => subscriber.next(data);
    const left = new AbortController();
    const { signal } = left;
    const listening = (): Promise<void> =>
      new Promise((release) => {
        const stop = listen((what) => {
          subscriber.next(what);
          channel.postMessage(what);
        });
        signal.addEventListener('abort', () => {
          stop();
          release();
        });
      });
    navigator.locks.request(NAME, { signal }, listening).catch((error: unknown) => {
      // A window that was closed while it waited for its turn.
      if (!signal.aborted) subscriber.error(error);
    });
    return () => {
      left.abort();
      channel.close();
    };
  });
