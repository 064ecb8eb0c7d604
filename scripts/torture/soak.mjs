// A long time under a steady load: memory and descriptors stay where they are.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import {
  newFolder,
  openDescriptors,
  randomFrom,
  residentMegabytes,
  send,
  startServer,
} from './server.mjs';

const PAUSE_MILLISECONDS = 40;

/** Memory in megabytes and open descriptors, after a tenth of the time and at its end. */
export async function soak(minutes, seed = 1) {
  const folder = newFolder();
  const server = await startServer(join(folder, 'kitchen.sqlite'), { demo: true });
  const random = randomFrom(seed);
  const { body } = await send(server.address, 'GET', '/api/recipes');
  const ids = body.items.map(({ id }) => id);
  const until = Date.now() + minutes * 60_000;
  const samples = [];
  let requests = 0;
  let failed = 0;
  let looked = 0;
  while (Date.now() < until) {
    const id = ids[Math.floor(random() * ids.length)];
    const factor = `${1 + Math.floor(random() * 400)}/100`;
    const acts = [
      () => send(server.address, 'GET', '/api/recipes'),
      () => send(server.address, 'GET', `/api/recipes/${id}`),
      () =>
        send(server.address, 'POST', '/api/plans', {
          recipeId: id,
          batch: { by: 'factor', factor },
        }),
      () => send(server.address, 'POST', '/api/chances', { recipeId: id, bakes: 500 }),
      async () => {
        const { body: made } = await send(server.address, 'POST', '/api/recipes', {
          text: `Batch ${random()}\n2 cups flour`,
        });
        return send(server.address, 'DELETE', `/api/recipes/${made?.id}`);
      },
      () => send(server.address, 'GET', '/api/backup'),
    ];
    const { status } = await acts[Math.floor(random() * acts.length)]();
    requests++;
    if (status === 0 || status >= 500) failed++;
    if (Date.now() - looked > 5_000) {
      looked = Date.now();
      samples.push({ memory: residentMegabytes(server.pid), files: openDescriptors(server.pid) });
    }
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MILLISECONDS));
  }
  await server.stop();
  rmSync(folder, { recursive: true });
  const mean = (part, of) => part.reduce((sum, one) => sum + one[of], 0) / part.length;
  const tenth = Math.max(1, Math.floor(samples.length / 10));
  const [early, late] = [samples.slice(tenth, 2 * tenth + 1), samples.slice(-tenth)];
  return {
    minutes,
    requests,
    failed,
    'memory early, MB': Math.round(mean(early, 'memory')),
    'memory late, MB': Math.round(mean(late, 'memory')),
    'descriptors early': Math.round(mean(early, 'files')),
    'descriptors late': Math.round(mean(late, 'files')),
  };
}
