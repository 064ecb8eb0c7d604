import { createHash } from 'node:crypto';
import { readFile, writeFile } from 'node:fs/promises';
import sharp from 'sharp';
import { fileTypeFromBuffer } from 'file-type';
import type { ResizeAnswer, ResizeJob } from './picture-process.js';

// A process of its own: what a picture takes to be opened is given back when it ends, and a trap
// takes no more with it than this.

const QUALITY = 82;
/** Pixels that a camera of today has; what claims more is not opened. */
const MOST_PIXELS = 64_000_000;
/** A progressive picture is held whole, six bytes to a pixel, before any of it can be seen. */
const MOST_PROGRESSIVE_PIXELS = 40_000_000;
const MOST_BYTES_IN_MEMORY = 700 * 2 ** 20;
const LOOK_MILLISECONDS = 40;
const TYPES = ['image/jpeg', 'image/png', 'image/webp'];

sharp.cache(false);
sharp.concurrency(1);
// Nothing else that the library can open is ever given to it.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({
  operation: ['VipsForeignLoadJpegBuffer', 'VipsForeignLoadPngBuffer', 'VipsForeignLoadWebpBuffer'],
});

/** Decoding happens beside this thread, which looks how much it takes. */
setInterval(() => {
  if (process.memoryUsage.rss() > MOST_BYTES_IN_MEMORY) process.exit(1);
}, LOOK_MILLISECONDS).unref();

async function isTooLarge(bytes: Buffer): Promise<boolean> {
  const {
    width = 0,
    height = 0,
    isProgressive,
  } = await sharp(bytes, {
    limitInputPixels: false,
  }).metadata();
  return width * height > (isProgressive ? MOST_PROGRESSIVE_PIXELS : MOST_PIXELS);
}

const resized = (bytes: Buffer, pixels: number) =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    // Upright by what the camera said, before that is left out.
    .rotate()
    .resize({ width: pixels, height: pixels, fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#fff' })
    .jpeg({ quality: QUALITY })
    .toBuffer({ resolveWithObject: true });

async function resize({ from, to, pixels }: ResizeJob): Promise<ResizeAnswer> {
  const bytes = await readFile(from);
  const type = await fileTypeFromBuffer(bytes);
  if (!type || !TYPES.includes(type.mime)) return { is: 'no picture' };
  try {
    if (await isTooLarge(bytes)) return { is: 'too large' };
    const { data, info } = await resized(bytes, pixels);
    if (to !== null) await writeFile(to, data, { flush: true });
    const name = createHash('sha256').update(data).digest('hex');
    return { is: 'resized', name, width: info.width, height: info.height };
  } catch (error) {
    // What the disk refuses is no fault of the picture.
    if ((error as NodeJS.ErrnoException).code) throw error;
    return { is: 'no picture' };
  }
}

process.on('message', (job: ResizeJob) => {
  const answer = (value: ResizeAnswer): void => void process.send?.(value);
  resize(job).then(answer, (error: unknown) => {
    const { code = '', message } = error as NodeJS.ErrnoException;
    answer({ is: 'failed', code, message });
  });
});
// Whoever asked is gone.
process.on('disconnect', () => process.exit(0));
