// Packs what the page is made of once, with more care than there is time for while somebody waits.
import { readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants } from 'node:zlib';
import { root } from './prepare.mjs';

const dist = join(root, 'web/dist');
const PACKABLE = /\.(?:m?js|css|svg|json|wasm|webmanifest)$/;
/** Made anew for each request, or never asked for. */
const LEFT = new Set(['ngsw.json', 'index.html', 'stats.json', 'prerendered-routes.json']);
/** A smaller one is sent as soon as it is. */
const SMALLEST_BYTES = 1024;
/** More care takes seconds for each megabyte: large files, which are hardly asked for, go with less. */
const LARGE_BYTES = 1024 * 1024;
const [CAREFUL, QUICK] = [10, 9];
const pack = promisify(brotliCompress);

async function packFile(path) {
  const bytes = readFileSync(path);
  const quality = bytes.length > LARGE_BYTES ? QUICK : CAREFUL;
  const packed = await pack(bytes, {
    params: {
      [constants.BROTLI_PARAM_QUALITY]: quality,
      [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    },
  });
  if (packed.length < bytes.length) writeFileSync(`${path}.br`, packed);
}

const files = readdirSync(dist, { recursive: true })
  .filter((file) => PACKABLE.test(file) && !LEFT.has(file))
  .map((file) => join(dist, file))
  .filter((path) => statSync(path).size >= SMALLEST_BYTES);
await Promise.all(files.map(packFile));
