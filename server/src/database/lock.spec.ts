import { fork } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { sweepLeftovers } from './leftovers.js';
import { lockDatabase } from './lock.js';

describe('the lock on a database', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-lock-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));
  const file = (): string => join(folder, 'kitchen.sqlite');

  it('is had by one at a time, and says who has it', async () => {
    const first = await lockDatabase(file());
    await expectAsync(lockDatabase(file())).toBeRejectedWithError(/says nothing of itself yet/);
    first.tellAddress('http://127.0.0.1:4310');
    await expectAsync(lockDatabase(file())).toBeRejectedWithError(
      new RegExp(`a server at http://127\\.0\\.0\\.1:4310 \\(process ${process.pid},`),
    );
    await first.release();
    await (await lockDatabase(file())).release();
  });

  it('is the same whichever way leads to the file', async () => {
    mkdirSync(join(folder, 'real'));
    const real = join(folder, 'real', 'kitchen.sqlite');
    writeFileSync(real, '');
    symlinkSync(real, file());
    const held = await lockDatabase(real);
    await expectAsync(lockDatabase(file())).toBeRejectedWithError(/is in use/);
    await held.release();
  });

  it('is let go by the system when its process is killed', async () => {
    const script = join(folder, 'holder.mts');
    const lock = fileURLToPath(new URL('./lock.ts', import.meta.url));
    writeFileSync(
      script,
      `import { lockDatabase } from ${JSON.stringify(lock)};
      await lockDatabase(${JSON.stringify(file())});
      process.send('held');
      setInterval(() => {}, 1000);`,
    );
    const holder = fork(script, { execArgv: ['--import', import.meta.resolve('tsx')] });
    await new Promise((held) => holder.once('message', held));
    await expectAsync(lockDatabase(file())).toBeRejectedWithError(/is in use/);
    const gone = new Promise((exit) => holder.once('exit', exit));
    holder.kill('SIGKILL');
    await gone;
    await (await lockDatabase(file())).release();
  });
});

describe('what a killed process left half written', () => {
  it('is swept, and nothing else is', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ypsigram-sweep-'));
    const file = join(folder, 'kitchen.sqlite');
    const stays = [
      'copies/daily.sqlite',
      'copies/restored-over.json',
      'photos/a.jpg',
      'house/house.key',
    ];
    const goes = ['copies/daily.sqlite.part', 'copies/x.json.part', 'photos/b.part', 'coming/c'];
    for (const path of [...stays, ...goes]) {
      mkdirSync(join(folder, `kitchen.sqlite-${path.split('/')[0]}`), { recursive: true });
      writeFileSync(`${file}-${path}`, 'x');
    }
    writeFileSync(`${file}.part`, 'x');
    sweepLeftovers(file);
    expect(stays.filter((path) => !existsSync(`${file}-${path}`))).toEqual([]);
    expect(goes.filter((path) => existsSync(`${file}-${path}`))).toEqual([]);
    expect(readdirSync(folder).includes('kitchen.sqlite.part')).toBeFalse();
    // Where nothing was ever kept there is nothing to sweep.
    expect(() => sweepLeftovers(join(folder, 'new.sqlite'))).not.toThrow();
    rmSync(folder, { recursive: true });
  });
});
