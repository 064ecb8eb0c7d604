import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { askServer } from './ask-server.js';
import { usedKitchen, type WhichKitchen } from './kitchen-files.js';
import { withServer } from './running.js';

/** What a backup is called where nobody says. */
const nameOfToday = (): string => `ypsigram-${new Date().toISOString().slice(0, 10)}.json`;

/** Writes the whole kitchen into one file. A file that is there is never written over. */
export async function backup(file: string | undefined, which: WhichKitchen): Promise<number> {
  const target = resolve(file ?? nameOfToday());
  if (existsSync(target)) {
    throw new Error(`${target} is there already. Name another file, or remove that one.`);
  }
  const part = `${target}.part`;
  try {
    await withServer(usedKitchen(which), async (address) => {
      const { body } = await askServer(address, 'backup');
      const stream = Readable.fromWeb(body as ReadableStream<Uint8Array>);
      // Only its owner may read it: it holds all that a kitchen knows.
      await pipeline(stream, createWriteStream(part, { mode: 0o600 }));
    });
    renameSync(part, target);
  } finally {
    rmSync(part, { force: true });
  }
  console.log(`Saved the whole kitchen as ${target}`);
  return 0;
}
