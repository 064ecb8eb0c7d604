// Installs and builds what is missing, then serves the kitchen with the baker's own database.
// --home lets the other devices of the house in.
import { spawn } from 'node:child_process';
import { MAIN, SERVER_ENVIRONMENT, build, install, root } from './prepare.mjs';

process.chdir(root);
if (process.argv.includes('--home')) process.env.HOUSE = '1';
install();
build();
const server = spawn(process.execPath, [MAIN], {
  env: { ...process.env, ...SERVER_ENVIRONMENT },
  stdio: 'inherit',
});
// A key press reaches both; whoever ends this one alone ends the server too.
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.once('exit', (code) => process.exit(code ?? 1));
