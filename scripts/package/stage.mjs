import { build } from 'esbuild';
import {
  cpSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { billOfMaterials } from '../bill-of-materials.mjs';
import { root } from '../prepare.mjs';

const readJson = (file) => JSON.parse(readFileSync(file, 'utf8'));
const installed = (name) => join(root, 'node_modules', name);

/** What starts threads or opens compiled libraries by files of its own can't be in one bundle. */
const APART = ['piscina', 'sharp'];
/** Asked for by the database library for engines that are not in use. */
const NEVER = ['pg-hstore'];

/** Libraries that stand apart, with what they need on this kind of machine. */
function apart() {
  const found = new Map();
  const add = (name) => {
    const manifest = join(installed(name), 'package.json');
    if (found.has(name) || !existsSync(manifest)) return;
    const { version, dependencies = {}, optionalDependencies = {} } = readJson(manifest);
    found.set(name, version);
    [...Object.keys(dependencies), ...Object.keys(optionalDependencies)].forEach(add);
  };
  APART.forEach(add);
  return found;
}

const NO_MAPS = (path) => !path.endsWith('.map');

/** The finder of the compiled driver is replaced by one that knows where the package has it. */
const ownDriver = {
  name: 'own-driver',
  setup(building) {
    const file = join(root, 'scripts/package/driver.cjs');
    building.onResolve({ filter: /^bindings$/ }, () => ({ path: file }));
  },
};

/** One file for each process and thread of the program, with all libraries that can be in it. */
async function bundle(folder) {
  const from = (name) => join(root, 'server/dist', `${name}.js`);
  await build({
    entryPoints: {
      ypsigram: from('main'),
      'ypsigram-command': from('command'),
      'workers/chance-worker': from('workers/chance-worker'),
      'areas/photos/resize-process': from('areas/photos/resize-process'),
    },
    outdir: join(folder, 'server/dist'),
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    legalComments: 'none',
    external: [...APART, ...NEVER, 'sqlite3/build/*'],
    plugins: [ownDriver],
    define: {
      BUNDLE_FOLDER: 'import.meta.dirname',
      SQLITE3_VERSION: JSON.stringify(readJson(join(installed('sqlite3'), 'package.json')).version),
    },
    banner: {
      js: "import { createRequire as _requireFrom } from 'node:module'; const require = _requireFrom(import.meta.url);",
    },
    logLevel: 'warning',
  });
}

function copyApart(folder, libraries) {
  for (const name of libraries.keys()) {
    const target = join(folder, 'node_modules', name);
    cpSync(installed(name), target, { recursive: true, filter: NO_MAPS });
    rmSync(join(target, 'node_modules'), { recursive: true, force: true });
    const manifest = readJson(join(target, 'package.json'));
    // Everything is there as it has to be: nothing may depend on a script that nobody runs unasked.
    delete manifest.scripts;
    writeFileSync(join(target, 'package.json'), JSON.stringify(manifest, null, 2));
  }
}

function copyDriver(folder) {
  const target = join(folder, 'native', `${process.platform}-${process.arch}`);
  mkdirSync(target, { recursive: true });
  cpSync(
    join(installed('sqlite3'), 'build/Release/node_sqlite3.node'),
    join(target, 'node_sqlite3.node'),
  );
}

/** The licences of all that ships as one text. */
function writeLicences(folder) {
  const licences = readJson(join(root, 'web/dist/licences.json'));
  const texts = licences.map(({ packages, text }) => `${packages.join('\n')}\n\n${text}\n`);
  writeFileSync(join(folder, 'LICENCES.txt'), texts.join(`\n${'-'.repeat(72)}\n\n`));
}

/**
 * Lays out the program as it is installed, in a folder that is made anew. Everything is in it but
 * Node.js. The project must be built.
 */
export async function stageProgram(folder, version) {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(join(folder, 'server'), { recursive: true });
  await bundle(folder);
  writeFileSync(
    join(folder, 'server/package.json'),
    JSON.stringify({ name: '@ypsigram/server', version, type: 'module', private: true }),
  );
  for (const path of ['web/dist', 'core/data']) {
    mkdirSync(dirname(join(folder, path)), { recursive: true });
    cpSync(join(root, path), join(folder, path), { recursive: true, filter: NO_MAPS });
  }
  const libraries = apart();
  copyApart(folder, libraries);
  copyDriver(folder);
  // For whoever has to know what is inside (CycloneDX).
  writeFileSync(join(folder, 'sbom.json'), billOfMaterials());
  writeLicences(folder);
  cpSync(join(root, 'CHANGELOG.md'), join(folder, 'CHANGELOG.md'));
  cpSync(join(root, 'docs/install.md'), join(folder, 'README.md'));
  cpSync(join(root, 'docs/commands.md'), join(folder, 'commands.md'));
  const { description, license, engines } = readJson(join(root, 'package.json'));
  const dependencies = Object.fromEntries(libraries);
  writeFileSync(
    join(folder, 'package.json'),
    JSON.stringify(
      {
        name: 'ypsigram',
        version,
        description,
        license,
        engines,
        type: 'module',
        bin: { ypsigram: 'server/dist/ypsigram-command.js' },
        dependencies,
        bundleDependencies: Object.keys(dependencies),
        files: readdirSync(folder).filter((name) => name !== 'node_modules'),
      },
      null,
      2,
    ),
  );
}
