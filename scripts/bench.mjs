// Measures core, server and page, each beside what a user would take instead or a limit.
import { build, install, root, run } from './prepare.mjs';

process.chdir(root);
install();
build();
for (const part of [
  'core',
  'balance',
  'chance',
  'reading',
  'search',
  'server',
  'files',
  'scale',
  'page',
  'quick',
  'chance-page',
  'weighing-page',
  'diagnosis',
  'log',
  'practice-page',
  'first-view',
  'photo',
]) {
  console.log(`\n== ${part}`);
  // Through tsx, since the search is part of the page and written in TypeScript.
  run('node', '--import', 'tsx', `bench/src/${part}.bench.mjs`);
}
