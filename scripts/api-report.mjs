// The public interface of the two libraries as a report that a review sees change: docs/api.
//   node scripts/api-report.mjs            fails where the report is not of the code as it is
//   node scripts/api-report.mjs --update   writes it anew
import { Extractor, ExtractorConfig } from '@microsoft/api-extractor';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root, run } from './prepare.mjs';

/** The libraries by their workspace: their entry, and what of ours is part of them. */
export const LIBRARIES = {
  core: {
    entry: 'index',
    includes: [],
    description: 'Reads recipes, works out what each line was meant to weigh, plans batches.',
  },
  contract: {
    entry: 'client',
    includes: ['@ypsigram/core'],
    description: 'What crosses the wire between Ypsigram and whoever talks to it, as Zod schemas.',
  },
};
const KEPT = join(root, 'docs/api');
const TEMPORARY = join(root, 'var/api');

/** What the tool finds is of no use here: how our comments mark what is public. */
const SILENT = { default: { logLevel: 'none' } };

function configOf(library, types) {
  return ExtractorConfig.prepare({
    configObject: {
      projectFolder: join(root, library),
      mainEntryPointFilePath: `<projectFolder>/dist/${LIBRARIES[library].entry}.d.ts`,
      bundledPackages: LIBRARIES[library].includes,
      compiler: { tsconfigFilePath: '<projectFolder>/tsconfig.json' },
      apiReport: {
        enabled: true,
        reportFileName: `${library}.api.md`,
        reportFolder: KEPT,
        reportTempFolder: TEMPORARY,
      },
      docModel: { enabled: false },
      dtsRollup: { enabled: types !== null, untrimmedFilePath: types ?? '' },
      tsdocMetadata: { enabled: false },
      newlineKind: 'lf',
      messages: {
        compilerMessageReporting: SILENT,
        extractorMessageReporting: SILENT,
        tsdocMessageReporting: SILENT,
      },
    },
    configObjectFullPath: undefined,
    packageJsonFullPath: join(root, library, 'package.json'),
  });
}

/**
 * The compiler names the members of a union in an order that depends on what it looked at before: two
 * reports say the same where each of their declarations has the same words.
 */
function saysOf(file) {
  const declarations = readFileSync(file, 'utf8').split('\n\n');
  return declarations.map((one) => (one.match(/[\w$]+/g) ?? []).sort().join(' ')).join('\n');
}

const isSame = (a, b) => existsSync(a) && existsSync(b) && saysOf(a) === saysOf(b);

/** Rolls the types of a library into one file. Gives whether its report is of the code as it is. */
export function extractTypes(library, types = null, isUpdate = false) {
  mkdirSync(TEMPORARY, { recursive: true });
  Extractor.invoke(configOf(library, types), {
    localBuild: false,
    showVerboseMessages: false,
    messageCallback: (message) => {
      // That the report changed is said below, with what to do.
      if (message.category === 'console') message.logLevel = 'none';
    },
  });
  const [now, kept] = [TEMPORARY, KEPT].map((folder) => join(folder, `${library}.api.md`));
  if (isSame(now, kept)) return true;
  if (isUpdate) cpSync(now, kept);
  return isUpdate;
}

if (process.argv[1]?.endsWith('api-report.mjs')) {
  process.chdir(root);
  run('npx', 'tsc', '-b', 'core', 'contract');
  const isUpdate = process.argv.includes('--update');
  const changed = Object.keys(LIBRARIES).filter((name) => !extractTypes(name, null, isUpdate));
  rmSync(TEMPORARY, { recursive: true, force: true });
  if (changed.length > 0) {
    console.error(
      `The public interface of ${changed.join(' and ')} is another than docs/api says. Is that meant? Then: node scripts/api-report.mjs --update`,
    );
    process.exit(1);
  }
}
