// The same server with a database of its own, filled with the demo kitchen. --reset begins anew.
import { rmSync } from 'node:fs';
import { build, install, root } from './prepare.mjs';

process.chdir(root);
process.env.DATABASE ??= 'var/demo.sqlite';
process.env.DEMO = '1';
process.env.LOG_LEVEL ??= 'warn';
if (process.argv.includes('--reset')) {
  install();
  build();
  const { lockDatabase } = await import('../server/dist/database/lock.js');
  try {
    // Nothing is taken away from under a server that runs.
    const lock = await lockDatabase(process.env.DATABASE);
    for (const part of ['', '-wal', '-shm', '-photos', '-house', '-copies', '-coming'])
      rmSync(`${process.env.DATABASE}${part}`, { force: true, recursive: true });
    await lock.release();
  } catch (error) {
    console.error(error.message);
    process.exit(1);
  }
}
await import('./start.mjs');
