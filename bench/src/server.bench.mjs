// The server: start-up, memory, and requests per second on its busiest addresses.
import { readFileSync } from 'node:fs';
import autocannon from 'autocannon';
import { TWENTY_LINES } from './recipe.mjs';
import { openBareServer } from './bare-server.mjs';
import { openServer } from '../../scripts/stage.mjs';

const BARE = 'bare Express route, one row (the peer)';
const SECONDS = 5;
const WARM_UP_SECONDS = 3;
const CONNECTIONS = 10;

const started = performance.now();
const server = await openServer({ demo: true });
const { address } = server;
const startUp = performance.now() - started;
const residentMegabytes = () =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;
const atRest = residentMegabytes();

/** The list that is asked for has fifty recipes. */
const RECIPES = 50;
for (let number = 1; number <= RECIPES; number++) {
  await fetch(`${address}/api/recipes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ text: `Batch ${number}\n${TWENTY_LINES}` }),
  });
}

const plan = { text: TWENTY_LINES, batch: { by: 'factor', factor: '3/2' } };
let batches = 0;
/** A batch that nobody has asked for yet. */
const nextBatch = () =>
  JSON.stringify({ ...plan, batch: { by: 'factor', factor: `${1000 + ++batches}/1000` } });
// The peer: what Express, the same database package and one row cost, and nothing else.
const peer = await openBareServer();
const targets = [
  { name: BARE, url: peer.address, path: '/' },
  { name: 'GET /api/health (no work)', path: '/api/health' },
  { name: 'GET /api/recipes', path: '/api/recipes' },
  {
    name: 'POST /api/plans',
    path: '/api/plans',
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(plan),
  },
  {
    name: 'POST /api/plans, each batch for the first time',
    path: '/api/plans',
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    requests: [{ setupRequest: (request) => ({ ...request, body: nextBatch() }) }],
  },
];
const rows = [];
const perSecond = new Map();
for (const { name, path, url = address, ...request } of targets) {
  const load = { url: url + path, connections: CONNECTIONS, duration: SECONDS, ...request };
  // Once to warm up: all are measured as they run after a while.
  await autocannon({ ...load, duration: WARM_UP_SECONDS });
  const { requests, latency, non2xx } = await autocannon(load);
  rows.push({
    name,
    'requests per second': Math.round(requests.average),
    'p50 ms': latency.p50,
    'p99 ms': latency.p99,
    failed: non2xx,
  });
  perSecond.set(name, requests.average);
}
console.table(rows);
for (const [name, wanted] of [
  ['GET /api/recipes', 1 / 2],
  ['POST /api/plans', 1 / 3],
]) {
  const share = perSecond.get(name) / perSecond.get(BARE);
  const isKept = share >= wanted ? 'kept' : 'MISSED';
  console.log(
    `${name}: ${share.toFixed(2)} of the bare route (wanted ${wanted.toFixed(2)}): ${isKept}`,
  );
}
console.log(`Start-up with migrations and demo data: ${Math.round(startUp)} ms`);
console.log(
  `Memory: ${Math.round(atRest)} MB at rest, ${Math.round(residentMegabytes())} MB after the load`,
);
server.close();
peer.close();
