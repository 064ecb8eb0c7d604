// Tries hard to lose something or to bring the server down: npm run torture. With --short the same
// in half a minute, as part of npm test; a part by its name: npm run torture -- kills.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build, install, root } from './prepare.mjs';
import { backups } from './torture/backup.mjs';
import { clock } from './torture/clock.mjs';
import { fullDisk } from './torture/disk.mjs';
import { fuzz } from './torture/fuzz.mjs';
import { kills } from './torture/kills.mjs';
import { large } from './torture/large.mjs';
import { pictures } from './torture/pictures.mjs';
import { soak } from './torture/soak.mjs';
import { storage } from './torture/storage.mjs';
import { twins } from './torture/twins.mjs';

/** So many in one sitting. */
const KILLS_A_RUN = 500;
const KILLS_AT_ONCE = 20;
/** What the server and the process that opens pictures may take together. */
const MOST_PICTURE_MEGABYTES = 900;
/** What may be left of it when they are at rest again. */
const REST_MEGABYTES = 60;

process.chdir(root);
const isShort = process.argv.includes('--short');
/** An hour, unless said otherwise: npm run torture -- soak --minutes=10. */
const soakMinutes = Number(
  process.argv.find((word) => word.startsWith('--minutes='))?.slice('--minutes='.length) ?? 60,
);
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

const LEDGER = join(root, 'var/torture-kills.json');
/** What the server is made of: kills of another one count for nothing. */
const builtFrom = () => readFileSync(join(root, 'web/dist/.built-from'), 'utf8');

/**
 * Kills are added up over several runs of the same server, and written down a few at a time: a
 * thousand need not be one sitting, and one that is broken off has not been for nothing.
 */
async function moreKills(count) {
  const before = existsSync(LEDGER) ? JSON.parse(readFileSync(LEDGER, 'utf8')) : null;
  const isSame = before?.of === builtFrom();
  let [seed, total] = isSame ? [before.seed, before.total] : [0, {}];
  for (let done = 0; done < count; done += KILLS_AT_ONCE) {
    const lanes = [++seed, ++seed].map((lane) => kills(KILLS_AT_ONCE / 2, lane));
    total = sum([total, ...(await Promise.all(lanes))]);
    writeFileSync(LEDGER, JSON.stringify({ of: builtFrom(), seed, total }));
    console.log(`${total.kills} kills, ${total.lost} of ${total.acknowledged} lost`);
  }
  return total;
}

/** Each with what it does, and what must hold of the result. */
const PARTS = {
  kills: {
    run: () => (isShort ? kills(4) : moreKills(KILLS_A_RUN)),
    holds: (found) =>
      found.lost === 0 &&
      found['came back'] === 0 &&
      found['failed starts'] === 0 &&
      found['cut copies'] === 0,
  },
  fuzz: {
    run: () => fuzz(isShort ? 1000 : 100_000),
    holds: (found) => found['5xx'] === 0 && found.unanswered === 0,
  },
  disk: {
    run: () => fullDisk(),
    holds: (found) =>
      found.lost === 0 &&
      found['saved once there was room'] &&
      found['left half written'] === 0 &&
      /^50[37]:/.test(found['restoring a backup then']) &&
      /^50[37]:/.test(found['undoing a restore then']),
  },
  clock: {
    run: () => clock(isShort ? 6 : 300),
    holds: (found) =>
      found['of them wrong'] === 0 &&
      found['of them wrong too'] === 0 &&
      found['copies after a start in the future'] === 2,
  },
  twins: {
    run: () => twins(isShort ? 2 : 30),
    holds: (found) =>
      found.refused === found['second starts'] &&
      found['said who has it'] === found['second starts'] &&
      found.lost === 0 &&
      found['locks left'] === 0,
  },
  pictures: {
    run: () => pictures(isShort ? 4 : 30, isShort),
    holds: (found) =>
      found['traps that were no 4xx'] === 0 &&
      found['of them kept'] === found['large photos at once'] &&
      found['at most, MB'] < MOST_PICTURE_MEGABYTES &&
      found['at rest again, MB'] < found['at rest before, MB'] + REST_MEGABYTES,
  },
  backup: {
    run: () => backups(isShort ? 7 : 200),
    holds: (found) =>
      found['dry run said otherwise'] === 0 &&
      found['whole ones that lost something'] === 0 &&
      found['backups that can’t be made afterwards'] === 0 &&
      found['5xx or no answer'] === 0,
  },
  storage: {
    run: () => storage(isShort),
    holds: (found) => Object.values(found).every((lost) => lost === 0),
  },
  large: {
    run: () => large(isShort ? 250 : 10_000),
    holds: (found) => isShort || (found['list p50, ms'] < 50 && found['search p50, ms'] < 50),
  },
  soak: {
    run: () => soak(isShort ? 0.25 : soakMinutes),
    holds: (found) =>
      found.failed === 0 &&
      (isShort || found['memory late, MB'] < found['memory early, MB'] * 1.15 + 10) &&
      found['descriptors late'] <= found['descriptors early'] + 5,
  },
};

const cases = [];
for (const [name, { run, holds }] of Object.entries(PARTS)) {
  if (named.length > 0 && !named.includes(name)) continue;
  const from = performance.now();
  const found = await run();
  const seconds = Math.round((performance.now() - from) / 1000);
  const isKept = holds(found);
  console.log(`\n${name}: ${isKept ? 'kept' : 'BROKEN'}`);
  console.table(found);
  cases.push({ name, isKept, seconds, found });
}

console.log('\nAll parts');
console.table(
  Object.fromEntries(
    cases.map(({ name, isKept, seconds }) => [name, { kept: isKept ? 'yes' : 'NO', seconds }]),
  ),
);

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
