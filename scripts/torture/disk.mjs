// A disk that fills up while recipes are saved: said, nothing lost, and on again once there is room.
import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, send, startServer } from './server.mjs';

const DISK = '8m';
const TEXT = `Buns\n${'2 cups flour\nFold and fold again.\n'.repeat(300)}`;

/** A small disk of its own where the machine allows; null elsewhere. */
function smallDisk(folder) {
  const disk = join(folder, 'disk');
  mkdirSync(disk);
  const { status } = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK}`, 'tmpfs', disk]);
  return status === 0 ? disk : null;
}

/** What came of a full disk. */
export async function fullDisk() {
  const folder = newFolder();
  const disk = smallDisk(folder);
  if (!disk) {
    rmSync(folder, { recursive: true });
    return { 'full disk': 'not tried: this machine lets nobody mount a small disk' };
  }
  const file = join(disk, 'kitchen.sqlite');
  const ballast = join(disk, 'ballast');
  writeFileSync(ballast, Buffer.alloc(2 * 2 ** 20));
  try {
    let server = await startServer(file);
    const add = () => send(server.address, 'POST', '/api/recipes', { text: TEXT });
    let saved = 0;
    let refused = null;
    for (let tries = 0; tries < 2000 && !refused; tries++) {
      const { status, body } = await add();
      if (status === 201) saved++;
      else refused = { status, detail: body?.detail ?? '' };
    }
    const list = async () =>
      (await send(server.address, 'GET', '/api/recipes?pageSize=1')).body?.total;
    const whileFull = await list();
    rmSync(ballast);
    const { status: again } = await add();
    await server.kill();
    server = await startServer(file);
    const afterwards = await list();
    await server.stop();
    return {
      'saved until it was full': saved,
      'said then': `${refused?.status}: ${refused?.detail}`,
      'still to be read': whileFull,
      'saved once there was room': again === 201,
      lost: saved + 1 - afterwards,
    };
  } finally {
    spawnSync('umount', [disk]);
    rmSync(folder, { recursive: true, force: true });
  }
}
