// Installs and builds what is missing, then serves the kitchen with the baker's own database.
// --home lets the other devices of the house in.
import { runBuilt } from './prepare.mjs';

process.env.DATABASE ??= 'var/ypsigram.sqlite';
process.env.LOG_LEVEL ??= 'info';
await runBuilt('start', '--no-browser');
