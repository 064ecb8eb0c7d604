// A server on a database of its own, to be killed, starved and flooded.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MAIN, SERVER_ENVIRONMENT } from '../prepare.mjs';

export const newFolder = () => mkdtempSync(join(tmpdir(), 'ypsigram-torture-'));

/** Starts a server on a file. Its address, how to end it, what it prints. */
export async function startServer(
  database,
  { demo = false, wrap = [], node = [], port = '0', environment = {} } = {},
) {
  const command = [...wrap, process.execPath, ...node, MAIN];
  const child = spawn(command[0], command.slice(1), {
    env: {
      ...process.env,
      ...SERVER_ENVIRONMENT,
      PORT: port,
      HOST: '127.0.0.1',
      DATABASE: database,
      DEMO: demo ? '1' : '0',
      LOG_LEVEL: 'fatal',
      ...environment,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let printed = '';
  child.stderr.on('data', (data) => (printed += data));
  const ended = new Promise((resolve) => child.once('exit', resolve));
  let output = '';
  const isHouse = environment.HOUSE === '1';
  const address = await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      output += String(data);
      const found = /http:\/\/\S+/.exec(output);
      // A house that is open is told last.
      if (found && (!isHouse || output.includes('It should show'))) resolve(found[0]);
    });
    child.once('exit', (code) => reject(new Error(`ended with ${code}: ${printed.trim()}`)));
  });
  const end = (signal) => {
    child.kill(signal);
    return ended;
  };
  return { address, pid: child.pid, kill: () => end('SIGKILL'), stop: () => end('SIGTERM') };
}

const isText = (body) => typeof body === 'string' || Buffer.isBuffer(body);

/** Sends JSON; the status and what came back, 0 where nothing did. */
export async function send(address, method, path, body) {
  try {
    const response = await fetch(address + path, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(body === undefined ? {} : { body: isText(body) ? body : JSON.stringify(body) }),
      signal: AbortSignal.timeout(60_000),
    });
    const text = await response.text();
    const isJson = /json/.test(response.headers.get('content-type') ?? '');
    return { status: response.status, body: isJson && text !== '' ? JSON.parse(text) : text };
  } catch (error) {
    return {
      status: 0,
      body: null,
      why: `${error.cause?.code ?? error.cause?.message ?? error.message}`,
    };
  }
}

export const residentMegabytes = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

export const openDescriptors = (pid) => readdirSync(`/proc/${pid}/fd`).length;

/** A generator of numbers from 0 to 1 that can be started again: the same seed, the same torture. */
export function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
