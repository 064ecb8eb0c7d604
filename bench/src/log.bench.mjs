// A log of 5,000 bakes with photos: how fast it is listed, and what the server needs for it.
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { SERVER_ENVIRONMENT } from '../../scripts/prepare.mjs';
import { buildAreas } from '../../server/dist/context/areas.js';
import { openDatabase } from '../../server/dist/database/database.js';
import { migrate } from '../../server/dist/database/migrate.js';
import { fillWithDemo } from '../../server/dist/demo/fill.js';

const BAKES = 5000;
const PHOTOS = 1000;
const RUNS = 40;
const folder = mkdtempSync(join(tmpdir(), 'ypsigram-log-'));
const file = join(folder, 'kitchen.sqlite');

const database = await openDatabase(file);
await migrate(database);
await fillWithDemo(database);
const areas = buildAreas(
  database,
  () => new Date(),
  (error) => {
    throw error;
  },
);
const picture = await sharp({
  create: { width: 1600, height: 1200, channels: 3, background: '#b57a35' },
})
  .jpeg()
  .toBuffer();
const photos = [];
for (let at = 0; at < PHOTOS; at++) photos.push((await areas.photos.add(picture)).id);
const year = [];
for await (const rows of areas.bakes.part.dump(false)) year.push(...rows);
let made = year.length;
while (made < BAKES) {
  const more = year.slice(0, Math.min(year.length, BAKES - made)).map((bake, at) => ({
    ...bake,
    id: randomUUID(),
    begunAt: new Date(Date.parse(bake.begunAt) - made * 3_600_000).toISOString(),
    readings: [
      ...bake.readings.map((reading) => ({ ...reading, id: randomUUID() })),
      {
        ...bake.readings.at(-1),
        id: randomUUID(),
        act: { do: 'photo', photo: photos[(made + at) % PHOTOS], isKept: true },
      },
    ],
  }));
  await database.write(() => areas.bakes.part.load(more));
  made += more.length;
}
const recipeId = year.at(-1).recipeId;
await database.close();

const server = spawn(
  process.execPath,
  [new URL('../../server/dist/ypsigram.js', import.meta.url).pathname],
  {
    env: {
      ...process.env,
      ...SERVER_ENVIRONMENT,
      PORT: '0',
      DATABASE: file,
      LOG_LEVEL: 'error',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  },
);
const address = await new Promise((resolve) => {
  let text = '';
  server.stdout.on('data', (data) => {
    text += data;
    const found = /http:\/\/[^\s]+/.exec(text);
    if (found) resolve(found[0]);
  });
});
const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];
const worst = (times) => Math.max(...times);
async function time(name, limit, paths) {
  const times = [];
  // The first is slower on a server that has just started: it is told apart.
  const cold = performance.now();
  await Promise.all(paths.map(async (path) => (await fetch(address + path)).text()));
  const first = performance.now() - cold;
  for (let run = 0; run < RUNS; run++) {
    const from = performance.now();
    await Promise.all(paths.map(async (path) => (await fetch(address + path)).text()));
    times.push(performance.now() - from);
  }
  const kept = worst(times) < limit ? 'kept' : 'MISSED';
  console.log(
    `${name}: median ${median(times).toFixed(1)} ms, longest of ${RUNS} ${worst(times).toFixed(1)} ms, the very first ${first.toFixed(0)} ms; wanted under ${limit} ms: ${kept}`,
  );
}
const memoryNow = () =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;
console.log(`memory of the server at rest: ${memoryNow().toFixed(0)} MB`);
await time(`list of ${BAKES} bakes, a page of it`, 100, ['/api/bakes?limit=50']);
await time('search in their titles and notes', 100, ['/api/bakes?limit=50&search=knots']);
await time('the log of a recipe: bakes, outcomes and what is learned', 200, [
  `/api/bakes?limit=50&recipeId=${recipeId}`,
  `/api/log/outcomes?recipeId=${recipeId}`,
  `/api/log/learned/${recipeId}`,
]);
console.log(`memory after that: ${memoryNow().toFixed(0)} MB`);
await time('everything for the pictures over time', 2000, ['/api/log/outcomes']);
const memory = memoryNow();
console.log(
  `memory of the server after all that: ${memory.toFixed(0)} MB; wanted under 200 MB: ${memory < 200 ? 'kept' : 'MISSED'}`,
);
server.kill();
rmSync(folder, { recursive: true });
