import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';

/** Packs a folder as npm does; the path of the file. @throws Error with what npm says */
export function packFolder(folder, into) {
  mkdirSync(into, { recursive: true });
  const { stdout, stderr, status } = spawnSync(
    'npm',
    ['pack', '--silent', '--ignore-scripts', '--pack-destination', into],
    { cwd: folder, encoding: 'utf8' },
  );
  if (status !== 0) throw new Error(`npm could not pack ${folder}: ${stderr}`);
  return join(into, stdout.trim().split('\n').at(-1));
}
