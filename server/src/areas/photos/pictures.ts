import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ProblemError } from '../../http/problem.js';

/** A photo is kept no wider or higher than this, and once more small for lists. */
const LARGE_PIXELS = 1600;
const SMALL_PIXELS = 320;
const QUALITY = 82;
/** A file that claims more pixels is not opened: it may be a trap. */
const MOST_PIXELS = 120_000_000;

export type PictureSize = 'small' | 'large';

/** A picture as it is kept. */
export interface KeptPicture {
  readonly width: number;
  readonly height: number;
}

/** The pictures of a kitchen: JPEG files beside its database. One that is there is never changed. */
export interface Pictures {
  pathOf(id: string, size: PictureSize): string;
  /**
   * Resizes and keeps a photo; place, device and all else that a camera adds is left out.
   * @throws ProblemError 422 for what is no picture
   */
  keep(id: string, bytes: Buffer): Promise<KeptPicture>;
  /** Null where the file is gone. */
  read(id: string): Promise<Buffer | null>;
}

export function picturesBeside(databaseFile: string): Pictures {
  const folder = `${databaseFile}-photos`;
  const pathOf = (id: string, size: PictureSize): string =>
    join(folder, size === 'small' ? `${id}-small.jpg` : `${id}.jpg`);
  /** Whole or not at all: a crash leaves no half of a picture under its name. */
  const write = async (path: string, bytes: Buffer): Promise<void> => {
    await writeFile(`${path}.part`, bytes, { flush: true });
    await rename(`${path}.part`, path);
  };
  return {
    pathOf,

    async keep(id, bytes) {
      await mkdir(folder, { recursive: true });
      const picture = await resized(bytes, LARGE_PIXELS);
      const small = await resized(bytes, SMALL_PIXELS);
      await write(pathOf(id, 'small'), small.data);
      await write(pathOf(id, 'large'), picture.data);
      return { width: picture.info.width, height: picture.info.height };
    },

    async read(id) {
      try {
        return await readFile(pathOf(id, 'large'));
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
        throw error;
      }
    },
  };
}

async function resized(bytes: Buffer, pixels: number) {
  // Loaded with the first photo: a kitchen that has none does without its memory.
  const { default: sharp } = await import('sharp');
  try {
    return await sharp(bytes, { limitInputPixels: MOST_PIXELS })
      // Upright by what the camera said, before that is left out.
      .rotate()
      .resize({ width: pixels, height: pixels, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw new ProblemError(
      422,
      'This picture can’t be opened. Choose a JPEG, PNG or WebP photo of at most 20 MB.',
    );
  }
}
