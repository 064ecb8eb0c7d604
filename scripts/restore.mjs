// Puts a copy of the database, or a backup file, in the place of the database. Stop the server first.
import { MAIN_COMMAND, build, install, root, run } from './prepare.mjs';

process.chdir(root);
install();
build();
process.env.STARTED_BY = 'sources';
process.env.DATABASE ??= 'var/ypsigram.sqlite';
run(process.execPath, MAIN_COMMAND, 'restore', ...process.argv.slice(2));
