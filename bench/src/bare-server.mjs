// A bare Express route that reads one row through Sequelize: the peer of the server's own routes.
// Run by itself it listens on a free port and prints its address.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const SELF = fileURLToPath(import.meta.url);

/** Starts it in a process of its own, as the server that it stands beside has one. */
export async function openBareServer() {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-bare-'));
  const child = spawn(process.execPath, [SELF, join(folder, 'bare.sqlite')], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => resolve(String(data).trim()));
    child.on('exit', () => reject(new Error('the bare server ended before it had an address')));
  });
  const close = () => {
    child.kill();
    rmSync(folder, { recursive: true });
  };
  return { address, close };
}

async function serve(file) {
  const { default: express } = await import('express');
  const { QueryTypes, Sequelize } = await import('sequelize');
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await sequelize.query('CREATE TABLE rows (id INTEGER PRIMARY KEY, text TEXT)');
  await sequelize.query("INSERT INTO rows VALUES (1, 'one row')");
  const app = express();
  app.get('/', async (_request, response) => {
    const [row] = await sequelize.query('SELECT * FROM rows WHERE id = 1', {
      type: QueryTypes.SELECT,
    });
    response.json(row);
  });
  const server = app.listen(0, '127.0.0.1', () => {
    console.log(`http://127.0.0.1:${server.address().port}`);
  });
}

if (process.argv[1] === SELF) await serve(process.argv[2]);
