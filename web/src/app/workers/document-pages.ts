import { proxy, wrap } from 'comlink';
import '../kit/trusted-types/default-policy';
import type { DocumentPagesWorker, DocumentProblem, PageOfDocument } from './document-pages.worker';

export type { DocumentProblem, PageOfDocument };

/** A document that is being read, beside the page of the program; stopped, its pages never come. */
export interface DocumentReading {
  readonly pages: Promise<readonly PageOfDocument[] | DocumentProblem>;
  stop(): void;
}

/**
 * Reads the pages of a PDF.
 *
 * @param tell is told how many of how many pages are done
 */
export function readDocument(
  file: Blob,
  tell: (done: number, all: number) => void,
): DocumentReading {
  const worker = new Worker(new URL('./document-pages.worker', import.meta.url), {
    type: 'module',
  });
  const stop = (): void => worker.terminate();
  // What does not start, or breaks down, never answers by itself.
  const lost = new Promise<never>((_, reject) =>
    worker.addEventListener('error', ({ message }) => reject(new Error(message))),
  );
  const pages = Promise.race([wrap<DocumentPagesWorker>(worker).read(file, proxy(tell)), lost]);
  return { pages: pages.finally(stop), stop };
}
