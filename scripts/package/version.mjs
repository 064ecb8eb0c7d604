import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const VERSION = /^\d+\.\d+\.\d+(?:-[0-9a-z.-]+)?$/;

const git = (root, ...args) =>
  spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout?.trim() ?? '';

/**
 * The version of what is packed: of the tag that stands on this commit (v1.2.3); without one it is
 * the next of the manifest's, not released, and says from which commit it is.
 * @throws Error where a tag has no entry in CHANGELOG.md
 */
export function packageVersion(root, wanted) {
  if (wanted !== undefined) {
    if (!VERSION.test(wanted)) throw new Error(`${wanted} is no version: write 1.2.3.`);
    return wanted;
  }
  const tag = git(root, 'describe', '--exact-match', '--tags', '--match', 'v[0-9]*');
  if (tag !== '') {
    const version = tag.slice(1);
    const changes = readFileSync(join(root, 'CHANGELOG.md'), 'utf8');
    if (!changes.includes(`## ${version}`)) {
      throw new Error(`CHANGELOG.md has no entry for ${version}: write it for people, then tag.`);
    }
    return version;
  }
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  const commit = git(root, 'rev-parse', '--short', 'HEAD');
  return `${version}-dev.${commit === '' ? 'local' : `g${commit}`}`;
}
