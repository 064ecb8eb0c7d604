// A disk that fills up while recipes are saved: said, nothing lost, and on again once there is room.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, send, startServer } from './server.mjs';

const DISK = '8m';
const TEXT = `Buns\n${'2 cups flour\nFold and fold again.\n'.repeat(300)}`;

/** The most 512-byte blocks that a file may have where nobody may mount a small disk. */
const MOST_BLOCKS = 4 * 2 ** 11;

/** A small disk of its own, where the machine allows. */
function mountedDisk(folder) {
  const disk = join(folder, 'disk');
  mkdirSync(disk);
  const { status } = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK}`, 'tmpfs', disk]);
  if (status !== 0) return null;
  const ballast = join(disk, 'ballast');
  writeFileSync(ballast, Buffer.alloc(2 * 2 ** 20));
  return {
    how: 'a disk of 8 MB',
    file: join(disk, 'kitchen.sqlite'),
    wrap: [],
    makeRoom: () => rmSync(ballast),
    remove: () => spawnSync('umount', [disk]),
  };
}

/** Files that may grow no further, by a limit of the process that can be raised. */
function limitedFiles(folder) {
  return {
    how: 'files of 4 MB at most',
    file: join(folder, 'kitchen.sqlite'),
    wrap: ['sh', '-c', `ulimit -S -f ${MOST_BLOCKS}; exec "$@"`, 'sh'],
    makeRoom: ({ pid }) => spawnSync('prlimit', ['--pid', String(pid), '--fsize=unlimited']),
    remove: () => undefined,
  };
}

/** A restore has no room either: said, nothing left half written, and the server goes on. */
async function restoreOnFull({ address }, file, safetyCopyId) {
  const backup = await send(address, 'GET', '/api/backup');
  const { status, body } = await send(address, 'POST', '/api/backup', backup.body);
  const undo = await send(address, 'POST', `/api/backup/${safetyCopyId}/restore`);
  const isThere = (await send(address, 'GET', '/api/health')).status === 200;
  const copies = `${file}-copies`;
  const left = existsSync(copies)
    ? readdirSync(copies).filter((name) => name.endsWith('.part')).length
    : 0;
  const said = (one) => (isThere ? `${one.status}: ${one.body?.detail}` : 'the server is gone');
  return { restore: said({ status, body }), undo: said(undo), left };
}

/** What came of a disk that was full, or of files that could not grow. */
export async function fullDisk({ mount = true } = {}) {
  const folder = newFolder();
  const { how, file, wrap, makeRoom, remove } =
    (mount && mountedDisk(folder)) || limitedFiles(folder);
  try {
    let server = await startServer(file, { wrap });
    const add = () => send(server.address, 'POST', '/api/recipes', { text: TEXT });
    // Of the kitchen while it was empty: there is something to undo when the disk is full.
    const empty = await send(server.address, 'GET', '/api/backup');
    const { safetyCopyId } = (await send(server.address, 'POST', '/api/backup', empty.body)).body;
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
    const restored = await restoreOnFull(server, file, safetyCopyId);
    makeRoom(server);
    const { status: again } = await add();
    await server.kill();
    server = await startServer(file);
    const afterwards = await list();
    await server.stop();
    return {
      how,
      'saved until it was full': saved,
      'said then': `${refused?.status}: ${refused?.detail}`,
      'still to be read': whileFull,
      'restoring a backup then': restored.restore,
      'undoing a restore then': restored.undo,
      'left half written': restored.left,
      'saved once there was room': again === 201,
      lost: saved + 1 - afterwards,
    };
  } finally {
    remove();
    rmSync(folder, { recursive: true, force: true });
  }
}
