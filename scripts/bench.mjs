// Measures core, server and page, each beside what a user would take instead or a limit.
import { build, install, root, run } from './prepare.mjs';

process.chdir(root);
install();
build();
for (const part of ['core', 'server', 'page']) {
  console.log(`\n== ${part}`);
  run('node', `bench/src/${part}.bench.mjs`);
}
