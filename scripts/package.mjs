// Makes what people install: a package for npm and, where dpkg-deb is there, one for Debian; and the
// two libraries.
//   npm run package [-- --version 1.2.3] [-- --into FOLDER]
import { existsSync, statSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { build, install, root } from './prepare.mjs';

process.chdir(root);
const { values } = parseArgs({
  options: { version: { type: 'string' }, into: { type: 'string', default: 'var/package' } },
});
install();
build();
const { packageVersion } = await import('./package/version.mjs');
const { stageProgram } = await import('./package/stage.mjs');
const { packFolder } = await import('./package/node-package.mjs');
const { packLibrary } = await import('./package/library.mjs');
const { debianPackage } = await import('./package/debian.mjs');

const into = resolve(values.into);
const program = join(into, 'program');
const megabytes = (file) => Math.round(statSync(file).size / 2 ** 20);
try {
  const version = packageVersion(root, values.version);
  await stageProgram(program, version);
  const made = [packFolder(program, into)];
  if (existsSync('/usr/bin/dpkg-deb')) made.push(debianPackage(program, version, into));
  else console.log('No dpkg-deb here, so no Debian package.');
  for (const library of ['core', 'contract']) {
    const { file, kilobytes } = await packLibrary(library, version, into);
    made.push(file);
    console.log(`${library}: ${kilobytes} kB in a page, compressed`);
  }
  for (const file of made) console.log(`${relative(root, file)}  ${megabytes(file)} MB`);
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
