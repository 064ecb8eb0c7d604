import { createHash, randomUUID } from 'node:crypto';
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { isThere } from '../../database/is-there.js';
import { photosFolder } from '../../database/leftovers.js';
import { ProblemError } from '../../http/problem.js';
import { resizePicture } from './picture-process.js';

/** A photo is kept no wider or higher than this, and once more small for lists. */
const LARGE_PIXELS = 1600;
const SMALL_PIXELS = 320;

export type PictureSize = 'small' | 'large';

/** A picture as it is kept. */
export interface KeptPicture {
  /** What it is found by: the SHA-256 of its bytes. */
  readonly name: string;
  readonly width: number;
  readonly height: number;
}

/**
 * The pictures of a kitchen: JPEG files beside its database, each named by what is in it. One that
 * is there is never changed.
 */
export interface Pictures {
  /** Where it lies; made where only the small one is missing. Null where it is gone or damaged. */
  find(name: string, size: PictureSize): Promise<string | null>;
  /**
   * Resizes and keeps the photo of a file; place, device and all else that a camera adds is left
   * out. @throws ProblemError 422 for what is no picture
   */
  add(file: string): Promise<KeptPicture>;
  /** Keeps a picture that was kept before, the same bytes. @returns its name */
  keep(bytes: Buffer): Promise<string>;
  /** The bytes of a sound one; null where it is gone or damaged. */
  read(name: string): Promise<Buffer | null>;
  /** Whether bytes that have no name to go by can be opened to their end. */
  opens(bytes: Buffer): Promise<boolean>;
}

export const nameOfPicture = (bytes: Buffer): string =>
  createHash('sha256').update(bytes).digest('hex');

/** Pictures of earlier versions have the id of their photo for a name. */
const IS_CONTENT = /^[0-9a-f]{64}$/;
const JPEG_START = Buffer.from([0xff, 0xd8, 0xff]);
const JPEG_END = Buffer.from([0xff, 0xd9]);

/** Whether bytes are what their name says; without such a name, whether they begin and end as a JPEG. */
function isSound(name: string, bytes: Buffer): boolean {
  if (IS_CONTENT.test(name)) return nameOfPicture(bytes) === name;
  return bytes.subarray(0, 3).equals(JPEG_START) && bytes.subarray(-2).equals(JPEG_END);
}

export function picturesBeside(databaseFile: string): Pictures {
  const folder = photosFolder(databaseFile);
  const pathOf = (name: string, size: PictureSize): string =>
    join(folder, size === 'small' ? `${name}-small.jpg` : `${name}.jpg`);
  /** Under this name nothing is whole: it is swept at the next start. */
  const unfinished = (): string => join(folder, `${randomUUID()}.part`);

  const read = async (name: string): Promise<Buffer | null> => {
    try {
      const bytes = await readFile(pathOf(name, 'large'));
      return isSound(name, bytes) ? bytes : null;
    } catch (error) {
      const { code } = error as NodeJS.ErrnoException;
      if (code === 'ENOENT' || code === 'EISDIR' || code === 'EIO') return null;
      throw error;
    }
  };
  /** Puts what was written whole in its place; the same that is there already stays. */
  const place = async (part: string, path: string, isSame: boolean): Promise<void> => {
    if (isSame) await rm(part);
    else await rename(part, path);
  };
  const small = async (name: string): Promise<string | null> => {
    const path = pathOf(name, 'small');
    if (await isThere(path)) return path;
    const part = unfinished();
    try {
      await resizePicture({ from: pathOf(name, 'large'), to: part, pixels: SMALL_PIXELS });
    } catch (error) {
      if (error instanceof ProblemError) return null;
      throw error;
    }
    await rename(part, path);
    return path;
  };

  return {
    read,

    async find(name, size) {
      const path = pathOf(name, 'large');
      if (!(await isThere(path))) return null;
      return size === 'large' ? path : small(name);
    },

    async add(file) {
      await mkdir(folder, { recursive: true });
      const part = unfinished();
      const { name, width, height } = await resizePicture({
        from: file,
        to: part,
        pixels: LARGE_PIXELS,
      });
      await place(part, pathOf(name, 'large'), (await read(name)) !== null);
      await small(name);
      return { name, width, height };
    },

    async keep(bytes) {
      const name = nameOfPicture(bytes);
      if (await read(name)) return name;
      await mkdir(folder, { recursive: true });
      const part = unfinished();
      await writeFile(part, bytes, { flush: true });
      await rename(part, pathOf(name, 'large'));
      return name;
    },

    async opens(bytes) {
      await mkdir(folder, { recursive: true });
      const part = unfinished();
      try {
        await writeFile(part, bytes);
        await resizePicture({ from: part, to: null, pixels: SMALL_PIXELS });
        return true;
      } catch (error) {
        if (error instanceof ProblemError) return false;
        throw error;
      } finally {
        await rm(part, { force: true });
      }
    },
  };
}
