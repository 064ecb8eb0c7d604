import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Writable } from 'node:stream';
import { isThere } from '../../database/is-there.js';

/** As many are kept. */
const MOST_COPIES = 3;
const COPY = /^restored-over-([0-9a-f-]{36})\.json$/;

/** What was here before a backup was restored: files beside the database. */
export interface SafetyCopies {
  /** Writes a new one; its id. Nothing is left of one that could not be written to its end. */
  make(write: (sink: Writable) => Promise<void>): Promise<string>;
  /** The file of one; null where there is none of that id. */
  find(id: string): Promise<string | null>;
  remove(id: string): Promise<void>;
  /** Only the newest few stay. */
  thin(): Promise<void>;
}

export function safetyCopies(folder: string): SafetyCopies {
  const fileOf = (id: string): string => join(folder, `restored-over-${id}.json`);
  return {
    async make(write) {
      await mkdir(folder, { recursive: true });
      const id = randomUUID();
      const part = `${fileOf(id)}.part`;
      try {
        await write(createWriteStream(part, { flush: true }));
        await rename(part, fileOf(id));
      } catch (error) {
        await rm(part, { force: true });
        throw error;
      }
      return id;
    },

    async find(id) {
      const file = fileOf(id);
      return (await isThere(file)) ? file : null;
    },

    async remove(id) {
      await rm(fileOf(id), { force: true });
    },

    async thin() {
      const copies = (await readdir(folder)).filter((name) => COPY.test(name));
      const dated = await Promise.all(
        copies.map(async (name) => ({ name, at: (await stat(join(folder, name))).mtimeMs })),
      );
      dated.sort((a, b) => b.at - a.at);
      for (const { name } of dated.slice(MOST_COPIES)) await rm(join(folder, name));
    },
  };
}
