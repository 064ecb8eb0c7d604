// Starts the bundled server with the code that was compiled when it was built: that takes a third off
// every start. Code of another version of Node.js is not taken, and the bundle is compiled as ever.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import { Script } from 'node:vm';

const bundle = fileURLToPath(new URL('./ypsigram-server.cjs', import.meta.url));
const compiled = `${bundle}.compiled`;

const script = new Script(`(function (require) {${readFileSync(bundle, 'utf8')}\n})`, {
  filename: bundle,
  ...(existsSync(compiled) && { cachedData: readFileSync(compiled) }),
});
// The build asks for what was compiled once the server has done some work.
if (process.send) {
  process.once('message', (message) => {
    if (message !== 'keep what is compiled') return;
    writeFileSync(compiled, script.createCachedData());
    process.disconnect();
  });
}
script.runInThisContext()(createRequire(bundle));
