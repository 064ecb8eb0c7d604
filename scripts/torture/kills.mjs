// kill -9 under mixed writes, with imports and restores running: what was acknowledged is there.
import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { request } from 'node:https';
import { join } from 'node:path';
import sharp from 'sharp';
import { newFolder, randomFrom, send, startServer } from './server.mjs';

const LINES = '2 cups flour\n1 cup sugar\n1/2 cup butter\n2 eggs\n1 tsp salt\nMix.\nBake.';
const WRITERS = 4;
const SHORTEST_MILLISECONDS = 40;
const LONGEST_MILLISECONDS = 900;

const now = () => new Date().toISOString();

/** A photo that no other is like. */
const newPhoto = (random) =>
  sharp({
    create: {
      width: 40 + Math.floor(random() * 200),
      height: 40 + Math.floor(random() * 200),
      channels: 3,
      background: { r: random() * 255, g: random() * 255, b: random() * 255 },
    },
  })
    .jpeg()
    .toBuffer();

/** Adds a photo, and notes it once it is acknowledged. */
async function photograph(address, random, ledger) {
  const bytes = await newPhoto(random);
  const sent = fetch(`${address}/api/photos`, {
    method: 'POST',
    headers: { 'content-type': 'image/jpeg' },
    body: bytes,
  });
  const answer = await sent.catch(() => null);
  if (answer?.status !== 201) return;
  const body = await answer.json().catch(() => null);
  if (body) ledger.set(body.id, { revision: 1 });
}

const TRY = {
  handId: null,
  skill: { kind: 'fill', class: 'powder', method: 'spooned' },
  ingredientId: 'flour-wheat-all-purpose',
  off: 0.02,
  tolerance: 0.06,
  isGood: true,
};
const TASK = {
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: 236.6,
  grams: 125,
  tolerance: 0.06,
};

/** A timer, a try or a class with a result: each by an id of its own. */
async function small(address, random, ledger) {
  const id = randomUUID();
  const dice = random();
  if (dice < 0.4) {
    const endsAt = new Date(Date.now() + 3_600_000).toISOString();
    const timer = { name: 'Tray', startedAt: now(), endsAt };
    const { status } = await send(address, 'PUT', `/api/timers/${id}`, timer);
    if (status === 200) ledger.set(id, { revision: 1 });
  } else if (dice < 0.8) {
    const { status } = await send(address, 'PUT', `/api/practice/${id}`, { ...TRY, at: now() });
    if (status === 200) ledger.set(id, { revision: 1 });
  } else {
    const task = { id: randomUUID(), ...TASK };
    const kept = await send(address, 'PUT', `/api/classes/${id}`, {
      name: 'A class',
      tasks: [task],
    });
    if (kept.status !== 200) return;
    ledger.set(id, { revision: 1 });
    const result = randomUUID();
    const draft = { taskId: task.id, name: 'Teal', grams: 120, at: now() };
    const { status } = await send(address, 'PUT', `/api/classes/${id}/results/${result}`, draft);
    if (status === 200) ledger.set(result, { revision: 1 });
  }
}

/** Asks at the house's door, whose certificate nobody here trusts. */
const atHouse = (address, body) =>
  new Promise((resolve) => {
    const { hostname, port } = new URL(address);
    const asked = request(
      {
        hostname,
        port: Number(port) + 1,
        path: '/api/house/devices',
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        rejectUnauthorized: false,
      },
      (answer) => {
        let text = '';
        answer.on('data', (data) => (text += data));
        answer.on('end', () => resolve({ status: answer.statusCode, body: text }));
        answer.on('error', () => resolve({ status: 0, body: '' }));
      },
    );
    asked.on('error', () => resolve({ status: 0, body: '' }));
    asked.end(JSON.stringify(body));
  });

/** Pairs a device, or removes one that was paired. */
async function pair(address, random, ledger, paired) {
  if (paired.length > 0 && random() < 0.4) {
    const id = paired.pop();
    const { status } = await send(address, 'DELETE', `/api/house/devices/${id}`);
    // Whether it went, where nothing was answered, nobody knows.
    ledger.delete(id);
    if (status === 204) ledger.set(id, { isGone: true });
    return;
  }
  const { body: house } = await send(address, 'GET', '/api/house');
  if (!house?.passcode) return;
  const { status, body } = await atHouse(address, { passcode: house.passcode, name: 'Tablet' });
  if (status !== 201 || body === '') return;
  const { id } = JSON.parse(body);
  paired.push(id);
  ledger.set(id, { revision: 1 });
}

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

/** Restores the kitchen as it is just now. */
async function restore(address, totals) {
  const backup = await send(address, 'GET', '/api/backup');
  if (backup.status !== 200) return;
  const { status } = await send(address, 'POST', '/api/backup', backup.body);
  if (status === 200) totals['restores that finished']++;
}

/** Writes without end, and notes what was acknowledged. */
async function write(address, random, ledger, isOver, totals) {
  const mine = [];
  const bakes = [];
  const paired = [];
  for (let count = 0; !isOver(); count++) {
    const dice = random();
    const text = `Batch ${Math.floor(random() * 1e9)}\n${LINES}`;
    if (dice < 0.3 || mine.length === 0) {
      const { status, body } = await send(address, 'POST', '/api/recipes', { text });
      if (status !== 201) continue;
      mine.push(body);
      ledger.set(body.id, { revision: body.revision });
    } else if (dice < 0.4) {
      await photograph(address, random, ledger);
    } else if (dice < 0.52) {
      await small(address, random, ledger);
    } else if (dice < 0.55) {
      await pair(address, random, ledger, paired);
    } else if (dice < 0.65) {
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
      await restore(address, totals);
    }
  }
}

/** Everything that is in the database or in a copy that a restore has made of it. */
async function everything(address, file) {
  const { body } = await send(address, 'GET', '/api/backup');
  const found = new Map();
  const note = ({ id, revision }) => found.set(id, Math.max(revision, found.get(id) ?? 0));
  const seen = ({ id }) => note({ id, revision: 1 });
  const noteAll = ({ recipes, bakes, photos, tries, timers }) => {
    recipes.forEach(note);
    for (const rows of [photos, tries, timers]) rows.forEach(seen);
    for (const { id, readings } of bakes) {
      note({ id, revision: 1 });
      for (const reading of readings) note({ id: reading.id, revision: 1 });
    }
  };
  noteAll(body);
  const { body: classes } = await send(address, 'GET', '/api/classes');
  for (const { id } of classes.items) {
    seen({ id });
    (await send(address, 'GET', `/api/classes/${id}`)).body.results.forEach(seen);
  }
  (await send(address, 'GET', '/api/house')).body.devices.forEach(seen);
  // What was made can be restored, whole.
  const dry = await send(address, 'POST', '/api/backup?dryRun=1', body);
  if (dry.status !== 200 || dry.body.notes.length > 0) {
    throw new Error(`a backup could not be restored: ${dry.body?.detail ?? dry.body?.notes}`);
  }
  if (body.leftOut) throw new Error(`a backup had to leave out: ${body.leftOut.join(' ')}`);
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
  const totals = {
    kills: 0,
    acknowledged: 0,
    lost: 0,
    'came back': 0,
    'restores that finished': 0,
    'failed starts': 0,
    'cut copies': 0,
  };
  // The house's door is the port after the machine's own.
  let port = 20_000 + 100 * seed + Math.floor(Math.random() * 400) * 50;
  const start = (again = 0) =>
    startServer(file, {
      port: String(port),
      environment: { HOUSE: '1', HOUSE_PORT: String(port + 1) },
    }).catch((error) => {
      // Somebody else has that port.
      if (again > 5 || !String(error).includes('Port')) throw error;
      port += 2;
      return start(again + 1);
    });
  let server = await start();
  for (let round = 0; round < rounds; round++) {
    const ledger = new Map();
    let isOver = false;
    const writers = Array.from({ length: WRITERS }, () =>
      write(server.address, random, ledger, () => isOver, totals),
    );
    const lasts = SHORTEST_MILLISECONDS + random() * (LONGEST_MILLISECONDS - SHORTEST_MILLISECONDS);
    await new Promise((resolve) => setTimeout(resolve, lasts));
    // One in ten lets a restore come to its end first, and dies soon after.
    if (random() < 0.1) {
      await restore(server.address, totals);
      await new Promise((resolve) => setTimeout(resolve, random() * SHORTEST_MILLISECONDS));
    }
    await server.kill();
    isOver = true;
    await Promise.all(writers);
    totals.kills++;
    try {
      server = await start();
    } catch (error) {
      totals['failed starts']++;
      console.error(String(error));
      return totals;
    }
    const found = await everything(server.address, file).catch((error) => {
      console.error(String(error));
      return null;
    });
    if (!found) {
      totals['cut copies']++;
      continue;
    }
    totals.acknowledged += ledger.size;
    for (const [id, { revision, isGone }] of ledger) {
      if (isGone) totals['came back'] += found.has(id) ? 1 : 0;
      else if ((found.get(id) ?? 0) < revision) totals.lost++;
    }
    // A kitchen that has grown large begins anew: what is tested is the kill, not the size.
    if (found.size > 1500) {
      await server.kill();
      rmSync(folder, { recursive: true });
      folder = newFolder();
      file = join(folder, 'kitchen.sqlite');
      server = await start();
    }
  }
  await server.stop();
  rmSync(folder, { recursive: true });
  return totals;
}
