// Clocks that go back, jump ahead and differ: the act that was done last is the one that holds.
import { randomUUID } from 'node:crypto';
import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { newFolder, randomFrom, send, startServer } from './server.mjs';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const MINUTE = 60_000;
const LINES = 'Buns\n2 cups flour\n1 tsp salt\nMix.\nBake.';
const SHIFTED = fileURLToPath(new URL('shifted-clock.mjs', import.meta.url));

/** A server whose clock is moved by `move`. */
async function clocked(folder) {
  const clock = join(folder, 'clock');
  writeFileSync(clock, '0');
  const file = join(folder, 'kitchen.sqlite');
  const start = () =>
    startServer(file, { node: ['--import', SHIFTED], environment: { TORTURE_CLOCK: clock } });
  return { file, start, move: (milliseconds) => writeFileSync(clock, String(milliseconds)) };
}

async function beginBake(address) {
  const { body: recipe } = await send(address, 'POST', '/api/recipes', { text: LINES });
  const draft = { id: randomUUID(), recipeId: recipe.id, handId: null };
  const { body: bake } = await send(address, 'POST', '/api/bakes', draft);
  return { id: bake.id, line: bake.plan.lines[0].id };
}

/** The weight that holds of the bake's line: that of the act whose place is the last. */
async function holding(address, { id }) {
  const { body } = await send(address, 'GET', `/api/bakes/${id}`);
  const last = [...body.readings].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  return last.at(-1)?.act.grams;
}

/** A device with a clock of its own, which does things and sends them when it can. */
class Device {
  constructor(name, skew) {
    this.name = name;
    this.skew = skew;
    this.seen = 0;
    this.waiting = [];
  }

  /** `ago`: how long before now, in truth, it was done. */
  weigh({ line }, grams, ago = 0) {
    const done = Date.now() - ago;
    const act = { do: 'weigh', route: 'container', line, grams, scale: 's' };
    const at = new Date(done + this.skew).toISOString();
    const reading = { id: randomUUID(), at, device: this.name, handId: null, act };
    this.waiting.push({ reading, done, after: this.seen });
  }

  async exchange(address, bake) {
    if (this.waiting.length > 0) {
      const readings = this.waiting.map(({ reading, done, after }) => ({
        ...reading,
        // What no clock that is set changes: how long ago it was.
        age: Math.max(0, Date.now() - done),
        after,
      }));
      const sentAt = new Date(Date.now() + this.skew).toISOString();
      await send(address, 'POST', `/api/bakes/${bake.id}/readings`, { sentAt, readings });
      this.waiting = [];
    }
    const { body } = await send(address, 'GET', `/api/bakes/${bake.id}`);
    this.seen = Math.max(0, ...body.readings.map(({ order }) => order));
  }
}

/** So many weighings by devices that see each other, with every clock jumping about. */
async function online(server, move, random, count) {
  let wrong = 0;
  const bake = await beginBake(server.address);
  const devices = ['tablet', 'phone', 'laptop'].map((name) => new Device(name, 0));
  for (let at = 0; at < count; at++) {
    if (random() < 0.4) move(Math.round((random() * 2 - 1) * 3 * DAY));
    const device = devices[Math.floor(random() * devices.length)];
    if (random() < 0.3) device.skew = Math.round((random() * 2 - 1) * 5 * HOUR);
    await device.exchange(server.address, bake);
    device.weigh(bake, 100 + at);
    await device.exchange(server.address, bake);
    if ((await holding(server.address, bake)) !== 100 + at) wrong++;
  }
  return wrong;
}

/** So many weighings by devices that are away for a while and have wrong clocks: in truth's order. */
async function away(server, random, count) {
  let wrong = 0;
  for (let at = 0; at < count; at++) {
    const bake = await beginBake(server.address);
    const devices = ['tablet', 'phone', 'laptop'].map(
      (name) => new Device(name, Math.round((random() * 2 - 1) * 5 * HOUR)),
    );
    const acts = devices.map((device, index) => ({
      device,
      grams: 100 + index,
      ago: Math.round(random() * 60 * MINUTE) + index,
    }));
    for (const { device, grams, ago } of acts) device.weigh(bake, grams, ago);
    // The clock of one is set right before it sends.
    acts[0].device.skew = 0;
    for (const { device } of [...acts].sort(() => random() - 0.5)) {
      await device.exchange(server.address, bake);
    }
    const latest = acts.reduce((a, b) => (a.ago < b.ago ? a : b));
    if ((await holding(server.address, bake)) !== latest.grams) wrong++;
  }
  return wrong;
}

/** A start with a clock that is years ahead stops no copy once it is right again. */
async function copies(folder) {
  const { file, start, move } = await clocked(folder);
  const made = () => readdirSync(`${file}-copies`).filter((name) => name.startsWith('daily'));
  move(20 * 365 * DAY);
  let server = await start();
  await new Promise((resolve) => setTimeout(resolve, 500));
  await server.stop();
  move(0);
  server = await start();
  await new Promise((resolve) => setTimeout(resolve, 500));
  await server.stop();
  return made().length;
}

/** How many of so many weighings ended with another than the last one holding. */
export async function clock(count, seed = 1) {
  const random = randomFrom(seed);
  const folder = newFolder();
  const { start, move } = await clocked(folder);
  const server = await start();
  const result = {
    'weighings with every clock jumping': count,
    'of them wrong': await online(server, move, random, count),
  };
  move(0);
  result['bakes of devices that were away'] = Math.ceil(count / 3);
  result['of them wrong too'] = await away(server, random, Math.ceil(count / 3));
  await server.stop();
  rmSync(folder, { recursive: true });
  const other = newFolder();
  result['copies after a start in the future'] = await copies(other);
  rmSync(other, { recursive: true });
  return result;
}
