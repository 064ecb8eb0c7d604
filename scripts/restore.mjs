// Puts a copy of the database, or a backup file, in the place of the database.
import { runBuilt } from './prepare.mjs';

process.env.DATABASE ??= 'var/ypsigram.sqlite';
await runBuilt('restore');
