import { spawnSync } from 'node:child_process';
import {
  chmodSync,
  cpSync,
  mkdirSync,
  readFileSync,
  realpathSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { root } from '../prepare.mjs';

/** Debian's names of processors. */
const ARCHITECTURES = { x64: 'amd64', arm64: 'arm64' };
const EXECUTABLE = 0o755;
/** Small enough to send about, and made in seconds. */
const PRESSED = ['-Zgzip', '-z6'];

/** Debian sorts what is before a release by a tilde. */
const debianVersion = (version) => version.replace('-', '~');

const control = (version, architecture, kilobytes) => `Package: ypsigram
Version: ${debianVersion(version)}
Architecture: ${architecture}
Maintainer: The founders of Ypsigram <founders@ypsigram.invalid>
Installed-Size: ${kilobytes}
Depends: libc6, libstdc++6, libgcc-s1
Recommends: xdg-utils
Section: misc
Priority: optional
Description: cups, spoons and grams that agree
 Reads a recipe as its author meant it and gives it back in two columns for
 your own kitchen: what to measure with cups and spoons, and what to weigh.
 .
 It runs on this machine and keeps everything in your home folder.
`;

const COMMAND = `#!/bin/sh
exec /usr/lib/ypsigram/bin/node /usr/lib/ypsigram/server/dist/ypsigram-command.js "$@"
`;

const kilobytesOf = (folder) =>
  Number(spawnSync('du', ['-sk', folder], { encoding: 'utf8' }).stdout.split('\t')[0]);

/**
 * A Debian package of the staged program with its own Node.js; the path of the file. What people
 * keep in their home folders belongs to no package: nothing here ever touches it.
 * @throws Error where this is no Debian, or where dpkg-deb refuses it
 */
export function debianPackage(program, version, into, pressing = PRESSED) {
  const architecture = ARCHITECTURES[process.arch];
  if (!architecture) throw new Error(`Debian has no name here for ${process.arch}.`);
  const folder = join(into, 'debian');
  rmSync(folder, { recursive: true, force: true });
  const lib = join(folder, 'usr/lib/ypsigram');
  mkdirSync(join(lib, 'bin'), { recursive: true });
  cpSync(program, lib, { recursive: true });
  cpSync(realpathSync(process.execPath), join(lib, 'bin/node'));
  mkdirSync(join(folder, 'usr/bin'), { recursive: true });
  writeFileSync(join(folder, 'usr/bin/ypsigram'), COMMAND, { mode: EXECUTABLE });
  const units = join(folder, 'usr/lib/systemd/user');
  mkdirSync(units, { recursive: true });
  cpSync(join(root, 'scripts/package/ypsigram.service'), join(units, 'ypsigram.service'));
  const applications = join(folder, 'usr/share/applications');
  mkdirSync(applications, { recursive: true });
  cpSync(join(root, 'scripts/package/ypsigram.desktop'), join(applications, 'ypsigram.desktop'));
  const icons = join(folder, 'usr/share/icons/hicolor/512x512/apps');
  mkdirSync(icons, { recursive: true });
  cpSync(join(root, 'web/public/icons/icon-512.png'), join(icons, 'ypsigram.png'));
  const docs = join(folder, 'usr/share/doc/ypsigram');
  mkdirSync(docs, { recursive: true });
  cpSync(join(program, 'LICENCES.txt'), join(docs, 'copyright'));
  writeFileSync(join(docs, 'changelog'), readFileSync(join(program, 'CHANGELOG.md')));
  const head = join(folder, 'DEBIAN');
  mkdirSync(head);
  writeFileSync(join(head, 'control'), control(version, architecture, kilobytesOf(folder)));
  // Everybody may read it, whatever this user's own files are like.
  spawnSync('chmod', ['-R', 'u=rwX,go=rX', folder]);
  chmodSync(join(folder, 'usr/bin/ypsigram'), EXECUTABLE);
  const file = join(into, `ypsigram_${debianVersion(version)}_${architecture}.deb`);
  const { status, stderr } = spawnSync(
    'dpkg-deb',
    ['--root-owner-group', ...pressing, '--build', folder, file],
    { encoding: 'utf8' },
  );
  rmSync(folder, { recursive: true, force: true });
  if (status !== 0) throw new Error(`dpkg-deb could not build the package: ${stderr}`);
  return file;
}
