// Fails the build when the first view is heavier than a phone on a slow line should carry.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './prepare.mjs';

const BUDGET_BYTES = 220_000;
const dist = join(root, 'web/dist');

/** Scripts and styles that the document asks for at once, and every script those import. */
function firstView() {
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const wanted = new Set(
    [...html.matchAll(/(?:src|href)="([^"]+\.(?:js|css))"/g)].map(([, file]) => file),
  );
  for (const file of wanted) {
    if (!file.endsWith('.js')) continue;
    const script = readFileSync(join(dist, file), 'utf8');
    // Static imports only: what is behind import() comes when its place is opened.
    for (const [, chunk] of script.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g))
      wanted.add(chunk);
  }
  return [...wanted];
}

const sizes = firstView().map((file) => ({
  file,
  bytes: gzipSync(readFileSync(join(dist, file)), { level: 9 }).length,
}));
const total = sizes.reduce((sum, { bytes }) => sum + bytes, 0);
const kilobytes = (bytes) => `${(bytes / 1000).toFixed(1)} kB`;
const charts = sizes.some(({ file }) => /echarts/i.test(readFileSync(join(dist, file), 'utf8')));

console.log(`First view: ${kilobytes(total)} compressed, of ${kilobytes(BUDGET_BYTES)} allowed.`);
if (total > BUDGET_BYTES || charts) {
  for (const { file, bytes } of sizes) console.error(`  ${kilobytes(bytes)}  ${file}`);
  console.error(
    charts ? 'The chart library is in the first view.' : 'The first view is too heavy.',
  );
  process.exit(1);
}
