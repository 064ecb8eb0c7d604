// The licences of everything that ships, beside the page that shows them: web/dist/licences.json.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { shippedPackages } from './bill-of-materials.mjs';
import { root } from './prepare.mjs';

const IS_LICENCE = /^(?:licen[cs]e|copying)(?:[.-].*)?$/i;

/** The text of a package's own licence; where it has none, the name that its manifest gives. */
function licenceOf(folder, { name, version }) {
  const file = readdirSync(folder).find((one) => IS_LICENCE.test(one));
  if (file) return readFileSync(join(folder, file), 'utf8').trim();
  const { license } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
  if (!license) throw new Error(`${name} ${version} says nothing of its licence.`);
  return `Licence: ${license}`;
}

/** Texts by what they are of; one that several packages share stands once. */
const byText = new Map();
for (const { name, version, folder } of shippedPackages()) {
  const text = licenceOf(folder, { name, version });
  byText.set(text, [...(byText.get(text) ?? []), `${name} ${version}`]);
}
const licences = [...byText].map(([text, packages]) => ({ packages: packages.sort(), text }));
licences.sort((a, b) => a.packages[0].localeCompare(b.packages[0]));
writeFileSync(join(root, 'web/dist/licences.json'), JSON.stringify(licences));
