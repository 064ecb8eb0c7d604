// Backups that are damaged in every way: what is sound comes back, and the dry run says the same.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, randomFrom, send, startServer } from './server.mjs';

const LISTS = ['authors', 'recipes', 'trials', 'bakes', 'photos', 'tries', 'timers'];

const pick = (list, random) => list[Math.floor(random() * list.length)];

/** Somewhere in a document, something else. */
function spoil(value, random) {
  const wrong = [null, '', -1, 1e300, [], {}, 'x'.repeat(300), '+012026-01-01T00:00:00Z', '\u0000'];
  let at = value;
  for (;;) {
    const keys = Object.keys(at);
    if (keys.length === 0) return;
    const key = pick(keys, random);
    if (typeof at[key] === 'object' && at[key] !== null && random() < 0.8) at = at[key];
    else {
      if (random() < 0.2) delete at[key];
      else at[key] = pick(wrong, random);
      return;
    }
  }
}

const DAMAGES = {
  none: (text) => text,
  cut: (text, random) => text.slice(0, Math.floor(random() * text.length)),
  bytes(text, random) {
    const bytes = Buffer.from(text);
    for (let count = 0; count < 1 + random() * 4; count++) {
      bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
    }
    return bytes;
  },
  row(text, random) {
    const document = JSON.parse(text);
    const rows = document[pick(LISTS, random)];
    if (rows?.length > 0) spoil(pick(rows, random), random);
    return JSON.stringify(document);
  },
  twice(text, random) {
    const document = JSON.parse(text);
    const rows = document[pick(LISTS, random)];
    if (rows?.length > 0) rows.push(pick(rows, random));
    return JSON.stringify(document);
  },
  picture(text, random) {
    const document = JSON.parse(text);
    const photo = pick(document.photos, random);
    photo.jpeg = photo.jpeg.slice(0, Math.floor(random() * (photo.jpeg.length / 4)) * 4);
    if (random() < 0.5) delete photo.sha256;
    return JSON.stringify(document);
  },
  reading(text, random) {
    const document = JSON.parse(text);
    const bakes = document.bakes.filter(({ readings }) => readings.length > 0);
    const { readings } = pick(bakes, random);
    if (random() < 0.5) readings.push(pick(readings, random));
    else spoil(pick(readings, random), random);
    return JSON.stringify(document);
  },
};

/** So many damaged backups: how many were restored, how many refused, and what went wrong. */
export async function backups(count, seed = 1) {
  const folder = newFolder();
  const server = await startServer(join(folder, 'kitchen.sqlite'), { demo: true });
  const random = randomFrom(seed);
  // Once in and out, so that fields stand in the order in which a backup is read.
  const made = await send(server.address, 'GET', '/api/backup');
  await send(server.address, 'POST', '/api/backup', made.body);
  const whole = (await send(server.address, 'GET', '/api/backup')).body;
  const text = JSON.stringify(whole);
  const totals = {
    backups: 0,
    restored: 0,
    'with something left out': 0,
    'refused with a sentence': 0,
    'dry run said otherwise': 0,
    'whole ones that lost something': 0,
    'backups that can’t be made afterwards': 0,
    '5xx or no answer': 0,
  };
  const post = (body, query = '') => send(server.address, 'POST', `/api/backup${query}`, body);
  for (let round = 0; round < count; round++) {
    const kind = Object.keys(DAMAGES)[round % Object.keys(DAMAGES).length];
    const damaged = DAMAGES[kind](text, random);
    const dry = await post(damaged, '?dryRun=1');
    const real = await post(damaged);
    totals.backups++;
    if (real.status === 0 || real.status >= 500) {
      totals['5xx or no answer']++;
      console.error(`${kind}: ${real.status} ${real.body?.detail}`);
      continue;
    }
    const said = (one) => JSON.stringify([one.status, one.body?.coming, one.body?.notes]);
    if (said(dry) !== said(real)) {
      totals['dry run said otherwise']++;
      console.error(`${kind}: ${said(dry)} and then ${said(real)}`);
    }
    if (real.status !== 200) {
      if (real.body?.detail) totals['refused with a sentence']++;
      continue;
    }
    totals.restored++;
    if (real.body.notes.length > 0) totals['with something left out']++;
    const after = await send(server.address, 'GET', '/api/backup');
    const isMade = after.status === 200 && LISTS.every((list) => Array.isArray(after.body[list]));
    if (!isMade) totals['backups that can’t be made afterwards']++;
    else if (kind === 'none') {
      const same = LISTS.every(
        (list) => JSON.stringify(after.body[list]) === JSON.stringify(whole[list]),
      );
      if (!same) totals['whole ones that lost something']++;
    }
  }
  await server.stop();
  rmSync(folder, { recursive: true });
  return totals;
}
