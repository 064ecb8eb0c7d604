// A thousand recipes in: read from one file, compared with the Book, and saved.
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { readRecipeFile, writeRecipeFile } from '@ypsigram/core/formats';
import { RECIPE_WORDS } from '@ypsigram/contract';
import { TWENTY_LINES } from './recipe.mjs';
import { openServer } from '../../scripts/stage.mjs';

const COUNT = 1000;
const WANTED_SECONDS = 10;
const kept = (isKept) => (isKept ? 'kept' : 'MISSED');

const recipes = Array.from({ length: COUNT }, (_, at) => ({
  title: `Slab number ${at}`,
  text: `Slab number ${at}\nMakes 16\n\n${TWENTY_LINES}\n\nMethod\nMix it all.\nBake 25 minutes.`,
  author: 'Harbour notebook',
  standard: 'us-customary',
  factor: '3/2',
  methods: null,
  answers: null,
}));

const server = await openServer({ demo: false });
const send = async (query, body) => {
  const response = await fetch(`${server.address}/api/imports${query}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!response.ok) throw new Error(await response.text());
  return response.json();
};
const rows = [];
for (const format of ['json-ld', 'markdown', 'csv']) {
  const content = writeRecipeFile(format, recipes, BUILT_IN_SHELF, RECIPE_WORDS);
  const started = performance.now();
  const { recipes: read } = readRecipeFile('', content, RECIPE_WORDS);
  const wasRead = performance.now();
  await send('?dryRun=1', { recipes: read });
  const compared = performance.now();
  const { items, importId } = await send('', { recipes: read });
  const saved = performance.now();
  if (items.length !== COUNT || !importId) throw new Error('Not all of them came in.');
  await fetch(`${server.address}/api/imports/${importId}`, { method: 'DELETE' });
  const undone = performance.now();
  const seconds = (ms) => (ms / 1000).toFixed(2);
  rows.push({
    format,
    'file, MB': (content.length / 1e6).toFixed(1),
    'read, s': seconds(wasRead - started),
    'compared, s': seconds(compared - wasRead),
    'saved, s': seconds(saved - compared),
    'all, s': seconds(saved - started),
    'taken back, s': seconds(undone - saved),
  });
}
console.table(rows);
const slowest = Math.max(...rows.map((row) => Number(row['all, s'])));
console.log(
  `Wanted: ${COUNT} recipes in within ${WANTED_SECONDS} s: ${slowest.toFixed(1)} s, ${kept(slowest < WANTED_SECONDS)}`,
);
server.close();
