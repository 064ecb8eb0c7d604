// Fails the build when the first view, or a place that is opened later, is heavier than a phone on a
// slow line should carry.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './prepare.mjs';

const BUDGET_BYTES = 168_000;
/** What a place may add to the first view, the chart library aside. */
const PLACE_BUDGET_BYTES = 208_000;
const PLACE = /\/places\/.+\.(?:page|routes)\.ts$/;
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

const compressed = (file) => gzipSync(readFileSync(join(dist, file)), { level: 9 }).length;

/** Every place with what it adds to the first view: its own scripts, and all that they import. */
function laterPlaces() {
  const { outputs } = JSON.parse(readFileSync(join(dist, 'stats.json'), 'utf8'));
  const withImports = (file, known = new Set()) => {
    if (known.has(file) || !outputs[file]) return known;
    known.add(file);
    for (const { path, kind } of outputs[file].imports)
      if (kind === 'import-statement') withImports(path, known);
    return known;
  };
  const main = Object.keys(outputs).find((file) => /^main-.*\.js$/.test(file));
  const first = withImports(main);
  const isChart = (file) =>
    Object.keys(outputs[file].inputs).some((of) => /echarts|zrender/.test(of));
  const dynamic = new Set(
    Object.values(outputs).flatMap(({ imports }) =>
      imports.filter(({ kind }) => kind === 'dynamic-import').map(({ path }) => path),
    ),
  );
  return [...dynamic]
    .map((file) => ({
      file,
      place: Object.keys(outputs[file].inputs).find((of) => PLACE.test(of)),
    }))
    .filter(({ file, place }) => place && !first.has(file))
    .map(({ file, place }) => {
      const own = [...withImports(file)].filter((one) => !first.has(one) && !isChart(one));
      return { place, bytes: own.reduce((sum, one) => sum + compressed(one), 0) };
    })
    .sort((a, b) => b.bytes - a.bytes);
}

const sizes = firstView().map((file) => ({
  file,
  bytes: compressed(file),
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

const places = laterPlaces();
const [heaviest] = places;
console.log(
  `Heaviest place: ${kilobytes(heaviest.bytes)} more, of ${kilobytes(PLACE_BUDGET_BYTES)} allowed (${heaviest.place}).`,
);
const over = places.filter(({ bytes }) => bytes > PLACE_BUDGET_BYTES);
if (over.length > 0) {
  for (const { place, bytes } of over) console.error(`  ${kilobytes(bytes)}  ${place}`);
  console.error('These places are too heavy.');
  process.exit(1);
}
