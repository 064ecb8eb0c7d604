import { access } from 'node:fs/promises';

/** Whether there is a file at this path. @throws NodeJS.ErrnoException where that can't be looked at */
export async function isThere(path: string): Promise<boolean> {
  try {
    await access(path);
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return false;
    throw error;
  }
}
