// The same server with a database of its own, filled with the demo kitchen. --reset begins anew.
import { rmSync } from 'node:fs';
import { root } from './prepare.mjs';

process.chdir(root);
process.env.DATABASE ??= 'var/demo.sqlite';
process.env.DEMO = '1';
process.env.LOG_LEVEL ??= 'warn';
if (process.argv.includes('--reset')) {
  for (const part of ['', '-wal', '-shm', '-photos', '-house'])
    rmSync(`${process.env.DATABASE}${part}`, { force: true, recursive: true });
}
await import('./start.mjs');
