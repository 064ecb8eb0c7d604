import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { copyFileSync, cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The built server, or an installed one that is named. */
const MAIN =
  process.env['SERVER_MAIN'] ??
  fileURLToPath(new URL('../../server/dist/ypsigram.js', import.meta.url));

/** A port that nobody listens on. */
async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}

/** The built server as a process of its own, on a database in a folder that is thrown away. */
export class KitchenServer {
  private child: ChildProcess | null = null;
  private readonly folder = mkdtempSync(join(tmpdir(), 'ypsigram-e2e-'));
  readonly database = join(this.folder, 'kitchen.sqlite');
  private port = 0;
  private housePort = 0;
  /** Whether the devices of the house come in from its start. */
  isHouseOpen = false;

  /** With demo data, which is quicker from a database that has it already. */
  constructor(
    private readonly demo: boolean,
    prepared: string | null = null,
  ) {
    if (!prepared) return;
    copyFileSync(prepared, this.database);
    // The pictures of its photos lie beside it.
    const photos = `${prepared}-photos`;
    if (existsSync(photos)) cpSync(photos, `${this.database}-photos`, { recursive: true });
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Where the devices of the house come in. */
  get house(): string {
    return `https://localhost:${this.housePort}`;
  }

  /** What is typed on a new device. */
  async passcode(): Promise<string> {
    const reply = await fetch(`${this.address}/api/house`);
    return ((await reply.json()) as { passcode: string }).passcode;
  }

  /** Starts it, on the same port as before if it ran before, and waits until it answers. */
  async start(): Promise<void> {
    if (this.isHouseOpen) this.housePort ||= await freePort();
    const child = spawn(process.execPath, [MAIN], {
      env: {
        ...process.env,
        PORT: String(this.port),
        DATABASE: this.database,
        DEMO: this.demo ? '1' : '0',
        LOG_LEVEL: 'error',
        HOUSE: this.isHouseOpen ? '1' : '0',
        HOUSE_PORT: String(this.housePort),
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    let output = '';
    for await (const data of child.stdout!) {
      output += String(data);
      const port = /http:\/\/[^:]+:(\d+)/.exec(output)?.[1];
      if (port && (!this.isHouseOpen || output.includes('It should show'))) {
        this.port = Number(port);
        return;
      }
    }
    throw new Error(`The server ended without an address: ${output}`);
  }

  /** Ends it politely (SIGTERM) or as a crash does (SIGKILL); gives its exit code. */
  async stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<number | null> {
    const child = this.child;
    if (!child || child.exitCode !== null) return child?.exitCode ?? null;
    const ended = once(child, 'exit');
    child.kill(signal);
    await ended;
    this.child = null;
    return child.exitCode;
  }

  async dispose(): Promise<void> {
    await this.stop('SIGKILL');
    rmSync(this.folder, { recursive: true, force: true });
  }
}
