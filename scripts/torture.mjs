// Tries hard to lose something or to bring the server down: npm run torture. With --short the same
// in half a minute, as part of npm test; a part by its name: npm run torture -- kills.
import { writeFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { build, install, root } from './prepare.mjs';
import { fullDisk } from './torture/disk.mjs';
import { fuzz } from './torture/fuzz.mjs';
import { kills } from './torture/kills.mjs';
import { large } from './torture/large.mjs';
import { soak } from './torture/soak.mjs';

process.chdir(root);
const isShort = process.argv.includes('--short');
const named = process.argv.slice(2).filter((word) => !word.startsWith('--'));
if (!isShort) {
  install();
  build();
}

const sum = (all) =>
  all.reduce((total, one) => {
    for (const [key, value] of Object.entries(one)) total[key] = (total[key] ?? 0) + value;
    return total;
  }, {});

/** Each with what it does, and what must hold of the result. */
const PARTS = {
  kills: {
    run: async () => (isShort ? kills(6) : sum(await Promise.all([kills(500, 1), kills(500, 2)]))),
    holds: (found) => found.lost === 0 && found['failed starts'] === 0 && found['cut copies'] === 0,
  },
  fuzz: {
    run: () => fuzz(isShort ? 1500 : 100_000),
    holds: (found) => found['5xx'] === 0 && found.unanswered === 0,
  },
  disk: {
    run: () => fullDisk(),
    holds: (found) => found.lost === 0 && found['saved once there was room'],
  },
  large: {
    run: () => large(isShort ? 500 : 10_000),
    holds: (found) => isShort || (found['list p50, ms'] < 50 && found['search p50, ms'] < 50),
  },
  soak: {
    run: () => soak(isShort ? 0.2 : 60),
    holds: (found) =>
      found.failed === 0 &&
      (isShort || found['memory late, MB'] < found['memory early, MB'] * 1.15 + 10) &&
      found['descriptors late'] <= found['descriptors early'] + 5,
  },
};

const cases = [];
for (const [name, { run, holds }] of Object.entries(PARTS)) {
  if (named.length > 0 && !named.includes(name)) continue;
  const found = await run();
  const isKept = holds(found);
  console.log(`\n${name}: ${isKept ? 'kept' : 'BROKEN'}`);
  console.table(found);
  cases.push({ name, isKept, found });
}

const reports = join(root, 'var/test-reports');
mkdirSync(reports, { recursive: true });
const failed = cases.filter(({ isKept }) => !isKept);
writeFileSync(
  join(reports, 'torture.xml'),
  `<testsuite name="torture" tests="${cases.length}" failures="${failed.length}">${cases
    .map(
      ({ name, isKept, found }) =>
        `<testcase name="${name}">${isKept ? '' : `<failure><![CDATA[${JSON.stringify(found)}]]></failure>`}</testcase>`,
    )
    .join('')}</testsuite>\n`,
);
process.exit(failed.length > 0 ? 1 : 0);
