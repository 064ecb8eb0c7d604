// Many photos and a scanned book in the real page: how long each takes, what the page remembers meanwhile,
// and whether it stands still. `node bench/src/photo-page.bench.mjs 200 300` takes a night's worth of both.
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openBrowser, openServer } from '../../scripts/stage.mjs';
import { CARDS, cardsByLot, drawCard } from './cards/cards.mjs';
import { shareOf } from './main-thread.mjs';

const WANTED = { pageMilliseconds: 5000, megabytes: 400, taskMilliseconds: 50 };
const LOT = 20261202;
const LOOK_MILLISECONDS = 500;
const KEEPING_MILLISECONDS = 20_000;
const [photos = 20, pages = 20] = process.argv.slice(2).map(Number);

/** Memory of a process and of those it began, of its own and its part of what is shared, in megabytes. */
function megabytesOf(isWanted) {
  let sum = 0;
  for (const id of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      if (!isWanted(readFileSync(`/proc/${id}/cmdline`, 'utf8'))) continue;
      sum += Number(/^Pss:\s+(\d+)/m.exec(readFileSync(`/proc/${id}/smaps_rollup`, 'utf8'))[1]);
    } catch {
      // It ended meanwhile.
    }
  }
  return sum / 1024;
}

const server = await openServer({ demo: false });
const browser = await openBrowser();
const folder = mkdtempSync(join(tmpdir(), 'ypsigram-photos-'));

const drawing = await browser.newPage();
const drawn = [];
const count = Math.max(photos, pages);
for (let lot = LOT; drawn.length < count; lot++) {
  for (const card of lot === LOT ? CARDS : cardsByLot(lot)) {
    const file = join(folder, `card ${drawn.length + 1}.jpg`);
    writeFileSync(file, await drawCard(drawing, card));
    drawn.push(file);
    if (drawn.length === count) break;
  }
}
const book = join(folder, 'book.pdf');
const sheets = drawn.slice(0, pages).map((file) => readFileSync(file, 'base64'));
await drawing.setContent(
  `<style>@page { size: 160mm 220mm; margin: 0 } img { display: block; width: 160mm; height: 219mm; break-after: page }</style>${sheets
    .map((sheet) => `<img src="data:image/jpeg;base64,${sheet}">`)
    .join('')}`,
);
writeFileSync(book, await drawing.pdf({ preferCSSPageSize: true, printBackground: true }));
await drawing.close();

async function run(what, files, count) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    globalThis.longTasks = [];
    new globalThis.PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) globalThis.longTasks.push(duration);
    }).observe({ type: 'longtask' });
  });
  await page.goto(`${server.address}/recipes/import-and-export`);
  await page.getByLabel('Choose files').waitFor({ state: 'attached' });
  // The program's own files are kept for the time without a network first.
  await page.waitForTimeout(KEEPING_MILLISECONDS);
  const isRenderer = (line) => line.includes('--type=renderer');
  const before = megabytesOf(isRenderer);
  await page.evaluate(() => globalThis.longTasks.splice(0));
  const start = performance.now();
  await page.getByLabel('Choose files').setInputFiles(files);
  const times = [];
  const memory = [];
  let done = 0;
  let last = performance.now();
  let isOver = false;
  while (!isOver) {
    await page.waitForTimeout(LOOK_MILLISECONDS);
    memory.push(megabytesOf(isRenderer) - before);
    const text = await page.locator('main').innerText();
    const bar = page.locator('main progress');
    const now = (await bar.count()) > 0 ? await bar.evaluate(({ value }) => value) : done;
    isOver = /All read\.|Import \d+ recipe/.test(text);
    if (now > done || isOver) {
      times.push((performance.now() - last) / Math.max(1, now - done));
      last = performance.now();
      done = now;
      if (process.env.SHOW) console.log(`${done}: ${Math.round(memory.at(-1))} MB`);
    }
  }
  const seconds = (performance.now() - start) / 1000;
  const tasks = await page.evaluate(() => globalThis.longTasks.splice(0));
  const looks = await page.getByText(/needs? a look/).allInnerTexts();
  times.sort((a, b) => a - b);
  const third = Math.ceil(memory.length / 3);
  const most = (part) => Math.round(part.reduce((a, b) => Math.max(a, b), 0));
  const kept = (is) => (is ? 'kept' : 'MISSED');
  const slowest = shareOf(times, 0.95);
  const longest = most(tasks);
  console.log(
    `${what}: ${Math.round(seconds)} s, ${(seconds / count).toFixed(1)} s a page, 95 of 100 under ${(slowest / 1000).toFixed(1)} s (wanted ${WANTED.pageMilliseconds / 1000}: ${kept(slowest <= WANTED.pageMilliseconds)}); ` +
      `memory above the empty page: ${most(memory.slice(0, third))}, ${most(memory.slice(third, 2 * third))} and ${most(memory.slice(2 * third))} MB at most in each third (wanted ${WANTED.megabytes}: ${kept(most(memory) <= WANTED.megabytes)}); ` +
      `${tasks.length} tasks over ${WANTED.taskMilliseconds} ms, the longest ${longest} ms (wanted none: ${kept(tasks.length === 0)}); ${looks.join(' ')}`,
  );
  await context.close();
}

if (photos > 0) await run(`${photos} photos`, drawn.slice(0, photos), photos);
if (pages > 0) await run(`a scanned book of ${pages} pages`, [book], pages);
await browser.close();
server.close();
rmSync(folder, { recursive: true });
