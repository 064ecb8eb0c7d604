import { build } from 'esbuild';
import { cpSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { extractTypes, LIBRARIES } from '../api-report.mjs';
import { root } from '../prepare.mjs';
import { packFolder } from './node-package.mjs';

const readJson = (file) => JSON.parse(readFileSync(file, 'utf8'));
const PACKAGE = /^(?:@[^/]+\/)?[^/]+/;

/**
 * Packs one of the libraries as a package of its own: one file with what its entry needs, one of its
 * types. What other projects publish stays a dependency. The file, and its size for a page in kB.
 */
export async function packLibrary(library, version, into) {
  const folder = join(into, library);
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const manifest = readJson(join(root, library, 'package.json'));
  const entry = join(root, library, 'dist', LIBRARIES[library].entry);
  const { metafile } = await build({
    entryPoints: [`${entry}.js`],
    outfile: join(folder, 'index.js'),
    bundle: true,
    format: 'esm',
    target: 'es2022',
    metafile: true,
    // Our own libraries are part of it; what others publish is not.
    plugins: [
      {
        name: 'others-stay-outside',
        setup(building) {
          building.onResolve({ filter: /^[^./]/ }, ({ path }) =>
            path.startsWith('@ypsigram/') || path.startsWith('/') ? undefined : { external: true },
          );
        },
      },
    ],
    logLevel: 'warning',
  });
  extractTypes(library, join(folder, 'index.d.ts'));
  const known = Object.assign(
    {},
    ...Object.keys(LIBRARIES).map((one) => readJson(join(root, one, 'package.json')).dependencies),
  );
  const outside = Object.values(metafile.outputs).flatMap(({ imports }) =>
    imports.filter(({ external }) => external).map(({ path }) => PACKAGE.exec(path)[0]),
  );
  const dependencies = Object.fromEntries([...new Set(outside)].sort().map((n) => [n, known[n]]));
  cpSync(join(root, 'docs/library.md'), join(folder, 'README.md'));
  writeFileSync(
    join(folder, 'package.json'),
    JSON.stringify(
      {
        name: manifest.name,
        version,
        description: LIBRARIES[library].description,
        license: readJson(join(root, 'package.json')).license,
        type: 'module',
        sideEffects: false,
        exports: { '.': { types: './index.d.ts', default: './index.js' } },
        dependencies,
      },
      null,
      2,
    ),
  );
  const script = readFileSync(join(folder, 'index.js'));
  const kilobytes = Math.round(gzipSync(script, { level: 9 }).length / 1000);
  return {
    file: packFolder(folder, into),
    kilobytes,
    bytes: statSync(join(folder, 'index.js')).size,
  };
}
