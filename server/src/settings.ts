import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import type { HouseSettings } from './house/index.js';
import { ownCommand } from './own-command.js';

/** What the environment decides. */
export interface Settings {
  /** Address of this machine's own door, never reached from elsewhere. */
  readonly host: string;
  readonly port: number;
  /** Open the door for the other devices of the house at start. */
  readonly isHouseOpen: boolean;
  readonly house: HouseSettings;
  /** Path of the SQLite file. */
  readonly database: string;
  /** Look at every entry of every index at start, not only at the pages. */
  readonly checkWhole: boolean;
  /** Fill an empty database with the demo scenario. */
  readonly demo: boolean;
  readonly logLevel: string;
  /** Folder of the built page. */
  readonly page: string;
  readonly version: string;
}

/** One sentence for a variable, whatever is wrong with it. */
const PORT_TAKES = 'PORT takes a whole number from 0 to 65535, for example PORT=4310.';
const HOST_TAKES = 'HOST takes a name or an address to listen on, for example HOST=127.0.0.1.';
const OWN_HOST = '127.0.0.1';
const EVERYWHERE = '0.0.0.0';
const LOOPBACK = /^(?:127(?:\.\d{1,3}){3}|localhost|::1)$/;
const NOT_WITHOUT_HOUSE =
  'would let everybody in the network read and change your kitchen, and listen in. ' +
  `Start it with "${ownCommand('home')}": other devices then come in over TLS, with a passcode.`;
const HOUSE_PORT_TAKES =
  'HOUSE_PORT takes a whole number from 0 to 65535, for example HOUSE_PORT=4311.';
const DATABASE_TAKES =
  'DATABASE takes the path of a file, for example DATABASE=var/ypsigram.sqlite.';

const portOf = (says: string) =>
  z
    .string()
    .regex(/^\d{1,5}$/, says)
    .transform(Number)
    .refine((port) => port <= 65535, says);

const environment = z.object({
  HOST: z
    .string()
    .regex(/^[a-z0-9.:_-]+$/i, HOST_TAKES)
    .default(OWN_HOST),
  PORT: portOf(PORT_TAKES).default(4310),
  HOUSE: z.enum(['0', '1'], 'HOUSE takes 1 or 0.').default('0'),
  HOUSE_PORT: portOf(HOUSE_PORT_TAKES).optional(),
  DATABASE: z
    .string()
    .regex(/^[^\0]*[^\0/]$/, DATABASE_TAKES)
    .default('var/ypsigram.sqlite')
    // Whole, so that what lies beside it is found whoever asks.
    .transform((path) => resolve(path)),
  DEMO: z.enum(['0', '1'], 'DEMO takes 1 or 0.').default('0'),
  CHECK: z.enum(['quick', 'whole'], 'CHECK takes quick or whole.').default('quick'),
  LOG_LEVEL: z
    .enum(
      ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'],
      'LOG_LEVEL takes trace, debug, info, warn, error, fatal or silent.',
    )
    .default('info'),
});

const fromHere = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** Reads the settings. @throws Error with a sentence when a variable makes no sense. */
export function readSettings(variables: NodeJS.ProcessEnv): Settings {
  const parsed = environment.safeParse(variables);
  if (!parsed.success) throw new Error(parsed.error.issues.map(({ message }) => message).join(' '));
  const { HOST, PORT, HOUSE, HOUSE_PORT, DATABASE, DEMO, CHECK, LOG_LEVEL } = parsed.data;
  const isOwn = LOOPBACK.test(HOST);
  if (!isOwn && HOUSE === '0') throw new Error(`HOST=${HOST} ${NOT_WITHOUT_HOUSE}`);
  const manifest = JSON.parse(readFileSync(fromHere('../package.json'), 'utf8')) as {
    version: string;
  };
  return {
    host: isOwn ? HOST : OWN_HOST,
    port: PORT,
    isHouseOpen: HOUSE === '1',
    house: {
      host: isOwn ? EVERYWHERE : HOST,
      // Beside the machine's own, so that both are known by one figure.
      port: HOUSE_PORT ?? (PORT === 0 ? 0 : Math.min(PORT + 1, 65535)),
      folder: `${DATABASE}-house`,
    },
    database: DATABASE,
    demo: DEMO === '1',
    checkWhole: CHECK === 'whole',
    logLevel: LOG_LEVEL,
    page: fromHere('../../web/dist'),
    version: manifest.version,
  };
}
