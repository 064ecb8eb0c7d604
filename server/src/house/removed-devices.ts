import { mkdir, open, readFile } from 'node:fs/promises';
import { join } from 'node:path';

/** Who was removed, remembered beside the certificates: no copy of the database brings it back. */
export interface RemovedDevices {
  has(id: string): Promise<boolean>;
  add(id: string): Promise<void>;
  delete(id: string): Promise<void>;
}

const NAME = 'removed-devices';
const ONLY_OWNER_FOLDER = 0o700;
const ONLY_OWNER = 0o600;

/** One line for each time that a device was removed or let in again: the last one holds. */
export function removedDevices(folder: string): RemovedDevices {
  const file = join(folder, NAME);
  let known: Promise<Set<string>> | null = null;

  const read = async (): Promise<Set<string>> => {
    const ids = new Set<string>();
    try {
      for (const line of (await readFile(file, 'utf8')).split('\n')) {
        const [sign, id = ''] = line.split(' ');
        if (sign === '-') ids.add(id);
        if (sign === '+') ids.delete(id);
      }
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    }
    return ids;
  };
  const write = async (line: string): Promise<void> => {
    await mkdir(folder, { recursive: true, mode: ONLY_OWNER_FOLDER });
    const handle = await open(file, 'a', ONLY_OWNER);
    try {
      await handle.appendFile(`${line}\n`);
      await handle.sync();
    } finally {
      await handle.close();
    }
  };
  const all = (): Promise<Set<string>> => (known ??= read());

  return {
    has: async (id) => (await all()).has(id),
    async add(id) {
      await write(`- ${id}`);
      (await all()).add(id);
    },
    async delete(id) {
      await write(`+ ${id}`);
      (await all()).delete(id);
    },
  };
}
