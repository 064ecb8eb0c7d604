// The server: start-up, memory, and requests per second on its busiest addresses.
import { readFileSync } from 'node:fs';
import autocannon from 'autocannon';
import { TWENTY_LINES } from './recipe.mjs';
import { openServer } from '../../scripts/stage.mjs';

const SECONDS = 5;
const CONNECTIONS = 10;

const started = performance.now();
const server = await openServer({ demo: true });
const { address } = server;
const startUp = performance.now() - started;
const residentMegabytes = () =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;
const atRest = residentMegabytes();

const plan = { text: TWENTY_LINES, batch: { by: 'factor', factor: '3/2' } };
const targets = [
  { name: 'GET /api/health (the limit: no work)', path: '/api/health' },
  { name: 'GET /api/recipes', path: '/api/recipes' },
  {
    name: 'POST /api/plans',
    path: '/api/plans',
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(plan),
  },
];
const rows = [];
for (const { name, path, ...request } of targets) {
  const { requests, latency, non2xx } = await autocannon({
    url: address + path,
    connections: CONNECTIONS,
    duration: SECONDS,
    ...request,
  });
  rows.push({
    name,
    'requests per second': Math.round(requests.average),
    'p50 ms': latency.p50,
    'p99 ms': latency.p99,
    failed: non2xx,
  });
}
console.table(rows);
console.log(`Start-up with migrations and demo data: ${Math.round(startUp)} ms`);
console.log(
  `Memory: ${Math.round(atRest)} MB at rest, ${Math.round(residentMegabytes())} MB after the load`,
);
server.close();
