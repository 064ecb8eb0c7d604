// The libraries as others install them: their examples run, their types hold.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, install, root } from '../prepare.mjs';
import { packLibrary } from './library.mjs';

const MINUTES = 60_000;

/** The examples of a page, each with what its comments say it prints. */
function examplesOf(page) {
  return [...page.matchAll(/```ts\n([\s\S]*?)```/g)].map(([, code]) => ({
    code,
    prints: code
      .split('\n')
      .filter((line) => /^\/\/ |; \/\/ /.test(line))
      .map((line) => line.slice(line.lastIndexOf('// ') + 3)),
  }));
}

describe('the libraries', () => {
  let folder;
  const sizes = {};

  const run = (command, ...args) => {
    const { status, stdout, stderr } = spawnSync(command, args, { cwd: folder, encoding: 'utf8' });
    if (status !== 0) throw new Error(`${command} ${args.join(' ')}: ${stdout}${stderr}`);
    return stdout;
  };

  beforeAll(async () => {
    install();
    build();
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-library-'));
    writeFileSync(join(folder, 'package.json'), '{"type":"module","private":true}');
    const packed = [];
    for (const library of ['core', 'contract']) {
      const { file, kilobytes } = await packLibrary(library, '0.0.1', join(folder, 'packed'));
      packed.push(file);
      sizes[library] = kilobytes;
    }
    run('npm', 'install', '--prefer-offline', '--no-audit', '--no-fund', '--silent', ...packed);
  }, 5 * MINUTES);
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it(
    'do what their page says, and have the types for it',
    () => {
      const examples = examplesOf(readFileSync(join(root, 'docs/library.md'), 'utf8'));
      expect(examples.length).toBe(4);
      examples.forEach(({ code, prints }, index) => {
        const name = `example-${index}.ts`;
        writeFileSync(join(folder, name), code);
        expect(prints.length).withContext(code).toBeGreaterThan(1);
        const printed = run(join(root, 'node_modules/.bin/tsx'), name);
        expect(printed.trim().split('\n')).withContext(code).toEqual(prints);
      });
      const strict = ['--noEmit', '--strict', '--module', 'nodenext', '--target', 'es2022'];
      run(
        join(root, 'node_modules/.bin/tsc'),
        ...strict,
        '--lib',
        'es2023,dom',
        ...examples.map((_, index) => `example-${index}.ts`),
      );
    },
    2 * MINUTES,
  );

  it('carry nothing that the house needs for itself, and do nothing when they are loaded', () => {
    const installed = (library) =>
      readFileSync(join(folder, 'node_modules/@ypsigram', library, 'index.js'), 'utf8');
    for (const own of ['bench', 'log', 'practice', 'diagnosis', 'calibration']) {
      expect(installed('core')).not.toContain(`// core/dist/${own}/`);
    }
    expect(sizes.core).toBeLessThan(400);
    // Nobody misses what a bundler leaves out: loading changes nothing that others see, but for the
    // registry of the schema library itself.
    writeFileSync(
      join(folder, 'seen.js'),
      `const shared = [globalThis, Object, Array, String, Number, Map, Promise, Intl, process];
      const seen = () => JSON.stringify(shared.flatMap((one) =>
        [one, one.prototype ?? {}].map((of) => Reflect.ownKeys(of).map(String).filter((key) => !key.startsWith('__zod')))));
      const before = seen();
      await import('@ypsigram/core');
      await import('@ypsigram/contract');
      console.log(before === seen());`,
    );
    expect(run(process.execPath, 'seen.js').trim()).toBe('true');
  });
});
