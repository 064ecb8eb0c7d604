// kill -9 under mixed writes, with imports and restores running: what was acknowledged is there.
import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, randomFrom, send, startServer } from './server.mjs';

const LINES = '2 cups flour\n1 cup sugar\n1/2 cup butter\n2 eggs\n1 tsp salt\nMix.\nBake.';
const WRITERS = 4;
const SHORTEST_MILLISECONDS = 40;
const LONGEST_MILLISECONDS = 400;

const now = () => new Date().toISOString();

/** Begins a bake of a recipe, or does something at one, and notes what was acknowledged. */
async function bake(address, random, recipe, bakes, ledger) {
  if (bakes.length === 0 || random() < 0.2) {
    const draft = { id: randomUUID(), recipeId: recipe.id, handId: null };
    const { status, body } = await send(address, 'POST', '/api/bakes', draft);
    if (status !== 201) return;
    bakes.push({ id: body.id, line: body.plan.lines[0].id });
    ledger.set(body.id, { revision: 1 });
    return;
  }
  const at = Math.floor(random() * bakes.length);
  const { id, line } = bakes[at];
  const acts = Array.from({ length: 3 }, () => ({
    do: 'weigh',
    route: 'container',
    line,
    grams: 250,
    scale: 'scale',
  }));
  const readings = acts.map((act) => ({
    id: randomUUID(),
    at: now(),
    device: 'torture',
    handId: null,
    act,
  }));
  const sent = { sentAt: now(), readings };
  const { status, body } = await send(address, 'POST', `/api/bakes/${id}/readings`, sent);
  if (status !== 201) bakes.splice(at, 1);
  else for (const reading of body.items) ledger.set(reading.id, { revision: 1 });
}

/** Writes without end, and notes what was acknowledged. */
async function write(address, random, ledger, isOver) {
  const mine = [];
  const bakes = [];
  for (let count = 0; !isOver(); count++) {
    const dice = random();
    const text = `Batch ${Math.floor(random() * 1e9)}\n${LINES}`;
    if (dice < 0.45 || mine.length === 0) {
      const { status, body } = await send(address, 'POST', '/api/recipes', { text });
      if (status !== 201) continue;
      mine.push(body);
      ledger.set(body.id, { revision: body.revision });
    } else if (dice < 0.6) {
      await bake(address, random, mine[Math.floor(random() * mine.length)], bakes, ledger);
    } else if (dice < 0.85) {
      const at = Math.floor(random() * mine.length);
      const { id, standard, authorId, batch, methods, balance, answers, revision } = mine[at];
      const change = { text, standard, authorId, batch, methods, balance, answers, revision };
      const { status, body } = await send(address, 'PUT', `/api/recipes/${id}`, change);
      // Replaced by a restore: it is in the copy that was made before.
      if (status !== 200) mine.splice(at, 1);
      else {
        mine[at] = body;
        ledger.set(id, { revision: body.revision });
      }
    } else if (dice < 0.95) {
      const recipes = Array.from({ length: 15 }, (_, at) => ({ text: `${at} ${text}` }));
      const { status, body } = await send(address, 'POST', '/api/imports', { recipes });
      if (status !== 200) continue;
      for (const { recipeId } of body.items) ledger.set(recipeId, { revision: 1 });
    } else if (count > 3) {
      const backup = await send(address, 'GET', '/api/backup');
      if (backup.status !== 200) continue;
      await send(address, 'POST', '/api/backup', backup.body);
    }
  }
}

/** Everything that is in the database or in a copy that a restore has made of it. */
async function everything(address, file) {
  const { body } = await send(address, 'GET', '/api/backup');
  const found = new Map();
  const note = ({ id, revision }) => found.set(id, Math.max(revision, found.get(id) ?? 0));
  const noteAll = ({ recipes, bakes }) => {
    recipes.forEach(note);
    for (const { id, readings } of bakes) {
      note({ id, revision: 1 });
      for (const reading of readings) note({ id: reading.id, revision: 1 });
    }
  };
  noteAll(body);
  const copies = `${file}-copies`;
  for (const name of readdirSync(copies).filter((one) => one.endsWith('.json'))) {
    noteAll(JSON.parse(readFileSync(join(copies, name), 'utf8')));
  }
  return found;
}

/** So many kills: how many writes were acknowledged, how many of them are gone, how many starts failed. */
export async function kills(rounds, seed = 1) {
  const random = randomFrom(seed);
  let folder = newFolder();
  let file = join(folder, 'kitchen.sqlite');
  const totals = { kills: 0, acknowledged: 0, lost: 0, 'failed starts': 0, 'cut copies': 0 };
  let server = await startServer(file);
  for (let round = 0; round < rounds; round++) {
    const ledger = new Map();
    let isOver = false;
    const writers = Array.from({ length: WRITERS }, () =>
      write(server.address, random, ledger, () => isOver),
    );
    const lasts = SHORTEST_MILLISECONDS + random() * (LONGEST_MILLISECONDS - SHORTEST_MILLISECONDS);
    await new Promise((resolve) => setTimeout(resolve, lasts));
    await server.kill();
    isOver = true;
    await Promise.all(writers);
    totals.kills++;
    try {
      server = await startServer(file);
    } catch (error) {
      totals['failed starts']++;
      console.error(String(error));
      return totals;
    }
    const found = await everything(server.address, file).catch(() => null);
    if (!found) {
      totals['cut copies']++;
      continue;
    }
    totals.acknowledged += ledger.size;
    for (const [id, { revision }] of ledger) {
      if ((found.get(id) ?? 0) < revision) totals.lost++;
    }
    // A kitchen that has grown large begins anew: what is tested is the kill, not the size.
    if (found.size > 1500) {
      await server.kill();
      rmSync(folder, { recursive: true });
      folder = newFolder();
      file = join(folder, 'kitchen.sqlite');
      server = await startServer(file);
    }
  }
  await server.stop();
  rmSync(folder, { recursive: true });
  return totals;
}
