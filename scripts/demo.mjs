// The same server with a database of its own, filled with the demo kitchen. --reset begins anew.
import { runBuilt } from './prepare.mjs';

process.env.DATABASE ??= 'var/demo.sqlite';
await runBuilt('demo', '--no-browser');
