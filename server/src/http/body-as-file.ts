import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import type { Request } from 'express';
import { ProblemError } from './problem.js';

/** Where a body waits, and how large it may be. */
export interface BodyAsFile {
  /** A folder that is swept at the next start, whatever ends this one. */
  readonly folder: string;
  /** In bytes; without one it is as large as it is. */
  readonly largest?: number;
}

/**
 * Does something with the body of a request as a file, however large it is: memory does not grow
 * with it. The file is thrown away afterwards. @throws ProblemError 413 when it is too large
 */
export async function withBodyAsFile<T>(
  request: Request,
  { folder, largest }: BodyAsFile,
  work: (file: string) => Promise<T>,
): Promise<T> {
  if (largest !== undefined && Number(request.get('Content-Length') ?? 0) > largest) {
    throw tooLarge(largest);
  }
  await mkdir(folder, { recursive: true });
  const file = join(folder, randomUUID());
  try {
    await receive(request, noMoreThan(largest ?? Infinity), file);
    return await work(file);
  } finally {
    await rm(file, { force: true });
  }
}

/**
 * Writes what comes to a file. Where that can't be done to its end, the rest is let go by unread: the
 * connection lives on to carry the answer that says why.
 */
async function receive(request: Request, limit: Transform, file: string): Promise<void> {
  finished(request, { writable: false }).catch((error: Error) => limit.destroy(error));
  try {
    await pipeline(request.pipe(limit), createWriteStream(file));
  } catch (error) {
    request.unpipe(limit);
    request.resume();
    throw error;
  }
}

const tooLarge = (largest: number): ProblemError =>
  new ProblemError(
    413,
    `That is too much at once. Send at most ${Math.round(largest / 2 ** 20)} MB at a time.`,
  );

function noMoreThan(largest: number): Transform {
  let bytes = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      if (bytes > largest) done(tooLarge(largest));
      else done(null, chunk);
    },
  });
}
