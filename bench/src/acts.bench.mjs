// An act at the counter: what the 5th of a bake costs, and what the 500th.
import { randomUUID } from 'node:crypto';
import { TWENTY_LINES } from './recipe.mjs';
import { openServer } from '../../scripts/stage.mjs';

const ACTS = 520;
const AROUND = 20;
const WANTED_RATIO = 1.2;

const server = await openServer({ demo: false });
const post = async (path, body) => {
  const response = await fetch(`${server.address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${path} answered ${response.status}`);
  return response.json();
};

/** How long each act of one bake took, in milliseconds. */
async function evening() {
  const { id: recipeId } = await post('/recipes', { text: `Buns\n${TWENTY_LINES}` });
  const bake = await post('/bakes', { id: randomUUID(), recipeId, handId: null });
  const times = [];
  for (let number = 0; number < ACTS; number++) {
    const at = new Date().toISOString();
    const line = bake.plan.lines[number % bake.plan.lines.length].id;
    const act = { do: 'weigh', route: 'container', line, grams: 100 + number, scale: 'scale' };
    const start = performance.now();
    await post(`/bakes/${bake.id}/readings`, {
      sentAt: at,
      readings: [{ id: randomUUID(), at, device: 'tablet', handId: null, act }],
    });
    times.push(performance.now() - start);
  }
  return times;
}

const medianAround = (times, number) => {
  const near = times.slice(number - 1, number - 1 + AROUND).sort((a, b) => a - b);
  return near[near.length >> 1];
};

await evening();
const times = await evening();
const [early, late] = [medianAround(times, 5), medianAround(times, 500)];
console.log(
  `An act at the counter: the 5th ${early.toFixed(1)} ms, the 500th ${late.toFixed(1)} ms: ${(late / early).toFixed(2)} of it (wanted ${WANTED_RATIO} at most: ${late / early <= WANTED_RATIO ? 'kept' : 'MISSED'})`,
);
server.close();
