// Installs and builds what is missing, then serves the kitchen with the baker's own database.
import { build, install, root } from './prepare.mjs';

process.chdir(root);
install();
build();
await import('../server/dist/main.js');
