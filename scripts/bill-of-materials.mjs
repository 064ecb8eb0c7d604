import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './prepare.mjs';

/** What is on people's machines; all else builds and tests it. */
const SHIPPED = ['server', 'web', 'contract', 'core'];
const INSTALLED = 'node_modules/';

/** Where a package finds another one: in the nearest folder of packages above it. */
function resolveFrom(path, name, packages) {
  for (let at = path; ; at = at.slice(0, Math.max(0, at.lastIndexOf('/')))) {
    const found = at === '' ? `${INSTALLED}${name}` : `${at}/${INSTALLED}${name}`;
    if (packages[found]) return found;
    if (at === '') return null;
  }
}

/**
 * The packages that the program is made of and that are installed on this kind of machine, each with
 * its folder: what its parts need, what that needs, and so on, as package-lock.json has them.
 */
export function shippedPackages() {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const found = new Map();
  const addNeedsOf = (path) => {
    const { dependencies, optionalDependencies } = packages[path];
    for (const name of Object.keys({ ...dependencies, ...optionalDependencies })) {
      const needed = resolveFrom(path, name, packages);
      if (needed === null || found.has(needed) || packages[needed].link) continue;
      const folder = join(root, needed);
      if (!existsSync(folder)) continue;
      found.set(needed, { name, version: packages[needed].version, folder });
      addNeedsOf(needed);
    }
  };
  SHIPPED.forEach(addNeedsOf);
  return [...found.values()];
}

/** The same as a document for whoever has to know what is inside (CycloneDX). @throws Error */
export function billOfMaterials() {
  const { stdout, status, stderr } = spawnSync('npm', ['sbom', '--sbom-format=cyclonedx'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 2 ** 27,
  });
  if (status !== 0) throw new Error(`npm could not say what the program is made of: ${stderr}`);
  const bill = JSON.parse(stdout);
  const refs = new Set(shippedPackages().map(({ name, version }) => `${name}@${version}`));
  const isShipped = (one) => refs.has(one['bom-ref'] ?? one.ref);
  return JSON.stringify({
    ...bill,
    components: bill.components.filter(isShipped),
    dependencies: bill.dependencies
      .filter(isShipped)
      .map((one) => ({ ...one, dependsOn: one.dependsOn.filter((ref) => refs.has(ref)) })),
  });
}
