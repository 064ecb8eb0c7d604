import { stripVTControlCharacters } from 'node:util';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../database/database.js';
import { migrate } from '../database/migrate.js';
import { runCommand } from './index.js';

const DOCS = new URL('../../../docs/commands.md', import.meta.url);

interface Ran {
  readonly code: number;
  readonly out: string;
  readonly err: string;
}

/** What was said since the last command. */
let said: { out: string; err: string };

/** What a command says and ends with. */
async function run(...typed: readonly string[]): Promise<Ran> {
  said = { out: '', err: '' };
  const code = await runCommand(typed);
  return { code, ...said };
}

function listen(): void {
  const add = (to: 'out' | 'err', end: string) => (text: unknown) => {
    said[to] += `${String(text)}${end}`;
    return true;
  };
  spyOn(console, 'log').and.callFake(add('out', '\n'));
  spyOn(console, 'error').and.callFake(add('err', '\n'));
  spyOn(process.stdout, 'write').and.callFake(add('out', ''));
  spyOn(process.stderr, 'write').and.callFake(add('err', ''));
}

const withoutEnds = (text: string): string =>
  stripVTControlCharacters(text)
    .split('\n')
    .map((line) => line.replace(/ +/g, ' ').trim())
    .join('\n')
    .trim();

describe('the commands for recipes', () => {
  let folder: string;
  const before = { cwd: process.cwd(), home: process.env['YPSIGRAM_HOME'] };

  beforeEach(() => {
    listen();
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-commands-'));
    process.chdir(folder);
    process.env['YPSIGRAM_HOME'] = join(folder, 'home');
  });
  afterEach(() => {
    process.chdir(before.cwd);
    if (before.home === undefined) delete process.env['YPSIGRAM_HOME'];
    else process.env['YPSIGRAM_HOME'] = before.home;
    rmSync(folder, { recursive: true });
  });

  it('do what their page says', async () => {
    const page = readFileSync(DOCS, 'utf8');
    writeFileSync('knots.txt', /```text\n([\s\S]*?)```/.exec(page)![1]!);
    const examples = [...page.matchAll(/```console\n([\s\S]*?)```/g)].flatMap(([, block]) =>
      block!.split(/^\$ ypsigram /m).slice(1),
    );
    expect(examples.length).toBe(6);
    for (const example of examples) {
      const [typed = '', ...shown] = example.split('\n');
      const { out } = await run(...typed.split(' '));
      expect(out).withContext(typed).not.toBe('');
      if (shown.join('').trim() !== '') {
        expect(withoutEnds(out))
          .withContext(typed)
          .toBe(withoutEnds(shown.join('\n')));
      }
    }
  });

  it('end with 0 where nothing is open, 1 where something is, 2 where they are not understood', async () => {
    writeFileSync('plain.txt', '250 g all-purpose flour\n100 g butter');
    writeFileSync('open.txt', '1 cup moon dust');
    expect((await run('convert', 'plain.txt')).code).toBe(0);
    expect((await run('check', 'plain.txt')).code).toBe(0);
    expect((await run('ask', '1', 'cup', 'flour')).code).toBe(0);
    expect((await run('convert', 'open.txt')).code).toBe(1);
    expect((await run('check', 'open.txt')).code).toBe(1);
    expect((await run('ask', 'moon', 'dust')).code).toBe(1);
    for (const wrong of [
      ['convert', 'nothing.txt'],
      ['convert', 'plain.txt', '--to', 'buckets'],
      ['convert', 'plain.txt', '--batch', 'many'],
      ['convert', 'plain.txt', '--pieces', 'x'],
      ['convert', 'plain.txt', '--pieces', '12'],
      ['convert', 'plain.txt', '--cups', 'roman'],
      ['convert', 'plain.txt', '--json', '--csv'],
      ['check', '--loud'],
      ['bake'],
    ]) {
      const { code, err } = await run(...wrong);
      expect(code).withContext(wrong.join(' ')).toBe(2);
      expect(err)
        .withContext(wrong.join(' '))
        .toMatch(/[a-z].*[.!?)p]\n?$/s);
    }
  });

  it('give a table and a plan that other programs read', async () => {
    writeFileSync('a.txt', 'Plain loaf\n\n4 cups bread flour\n1 tsp salt');
    writeFileSync('b.txt', '1 cup sugar');
    const csv = await run('convert', 'a.txt', 'b.txt', '--csv', '--batch', '2');
    expect(csv.out.split(/\r?\n/)[0]).toBe('recipe,ingredient,grams,weigh,measure,source,written');
    expect(csv.out).toContain('Plain loaf,');
    expect(csv.out.trim().split(/\r?\n/).length).toBe(4);
    const plan = JSON.parse((await run('convert', 'b.txt', '--json')).out) as {
      readonly file: string;
      readonly lines: readonly { readonly intended: { readonly grams: number } }[];
    };
    expect(plan.file).toBe('b.txt');
    expect(plan.lines[0]!.intended.grams).toBe(200);
    const open = JSON.parse((await run('check', 'b.txt', '--json')).out) as unknown;
    expect(open).toEqual([{ file: 'b.txt', doubts: [] }]);
  });

  it('say that nobody of that name measures here, before there is a kitchen', async () => {
    writeFileSync('b.txt', '1 cup sugar');
    const { code, err } = await run('convert', 'b.txt', '--hand', 'ann');
    expect(code).toBe(1);
    expect(err).toContain('no kitchen here yet');
  });

  it('need a running server, or a kitchen, where they are about one, and say so', async () => {
    for (const [typed, says] of [
      [['passcode'], 'not running'],
      [['devices'], 'not running'],
      [['devices', 'remove', 'tablet'], 'not running'],
      [['backup'], 'no kitchen'],
      [['restore', '3'], 'no copies'],
      [['restore'], 'no copies'],
    ] as const) {
      const { code, err } = await run(...typed);
      expect(code).withContext(typed.join(' ')).toBe(1);
      expect(err).withContext(typed.join(' ')).toContain(says);
    }
    expect((await run('stop')).out).toContain('Nothing is running');
  });

  it('read a kitchen that a server is just writing to', async () => {
    const file = join(folder, 'kitchen.sqlite');
    const database = await openDatabase(file);
    await migrate(database);
    writeFileSync('b.txt', '1 cup sugar');
    // Somebody reads meanwhile, so what is written stays in the log beside the file.
    await database.sequelize.transaction(async () => {
      await database.sequelize.query('SELECT count(*) FROM recipes');
      const other = await openDatabase(file);
      await other.sequelize.query('CREATE TABLE more AS SELECT randomblob(200000) AS much');
      const { code, out, err } = await run('convert', 'b.txt', '--kitchen', file);
      expect(err).toBe('');
      expect(code).toBe(0);
      expect(out).toContain('200 g');
      await other.close();
    });
    await database.close();
  });
});
