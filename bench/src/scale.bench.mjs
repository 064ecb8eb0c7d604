// The scale's stream: twenty pages listening at once, and what that costs the server.
import { readFileSync, readdirSync } from 'node:fs';
import { get } from 'node:http';
import { openServer } from '../../scripts/stage.mjs';

const PAGES = 20;
const SECONDS = 4;
/** The machine is shared: the middle of so many looks is told. */
const LOOKS = 5;
const server = await openServer({ demo: true });
/** Time its threads have run, to the nanosecond: clock ticks would miss what fits between them. */
const cpuSeconds = () => {
  const tasks = `/proc/${server.pid}/task`;
  const times = readdirSync(tasks).map((task) =>
    Number(readFileSync(`${tasks}/${task}/schedstat`, 'utf8').split(' ')[0]),
  );
  return times.reduce((sum, time) => sum + time, 0) / 1e9;
};
const wait = (seconds) => new Promise((resolve) => setTimeout(resolve, seconds * 1000));

/** A page that listens; how many readings it has had. */
function listen() {
  const page = { readings: 0, request: null };
  page.request = get(`${server.address}/api/scale/stream`, (response) => {
    response.on('data', (data) => {
      page.readings += String(data).split('event: reading').length - 1;
    });
  });
  page.request.on('error', () => {});
  return page;
}

/** Share of a core over a few seconds, in percent: the middle of several looks, and all of them. */
async function share() {
  const looks = [];
  for (let look = 0; look < LOOKS; look++) {
    const before = cpuSeconds();
    await wait(SECONDS);
    looks.push((100 * (cpuSeconds() - before)) / SECONDS);
  }
  looks.sort((a, b) => a - b);
  return { load: looks[Math.floor(LOOKS / 2)], low: looks[0], high: looks.at(-1) };
}

await wait(3);
const idle = await share();
const pages = Array.from({ length: PAGES }, listen);
await wait(2);
const first = pages.map(({ readings }) => readings);
const started = performance.now();
const busy = await share();
const seconds = (performance.now() - started) / 1000;
const perSecond = pages.map(({ readings }, index) => (readings - first[index]) / seconds);
for (const { request } of pages) request.destroy();

const row = (count, { load, low, high }, readings) => ({
  pages: count,
  'share of a core, %': load.toFixed(1),
  'from to': `${low.toFixed(1)} to ${high.toFixed(1)}`,
  'readings a second to each': readings,
});
console.table([
  row(0, idle, ''),
  row(PAGES, busy, `${Math.min(...perSecond).toFixed(1)} to ${Math.max(...perSecond).toFixed(1)}`),
]);
console.log(
  `Wanted: 20 readings a second to ${PAGES} pages at under 5 % of a core: ` +
    `${busy.load.toFixed(1)} %, ${busy.load < 5 ? 'kept' : 'MISSED'}`,
);
server.close();
