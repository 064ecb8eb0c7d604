import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';

/** What the environment decides. */
export interface Settings {
  readonly host: string;
  readonly port: number;
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
const DATABASE_TAKES =
  'DATABASE takes the path of a file, for example DATABASE=var/ypsigram.sqlite.';

const environment = z.object({
  HOST: z
    .string()
    .regex(/^[a-z0-9.:_-]+$/i, HOST_TAKES)
    .default('127.0.0.1'),
  PORT: z
    .string()
    .regex(/^\d{1,5}$/, PORT_TAKES)
    .transform(Number)
    .refine((port) => port <= 65535, PORT_TAKES)
    .default(4310),
  DATABASE: z
    .string()
    .regex(/^[^\0]*[^\0/]$/, DATABASE_TAKES)
    .default('var/ypsigram.sqlite'),
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
  const { HOST, PORT, DATABASE, DEMO, CHECK, LOG_LEVEL } = parsed.data;
  const manifest = JSON.parse(readFileSync(fromHere('../package.json'), 'utf8')) as {
    version: string;
  };
  return {
    host: HOST,
    port: PORT,
    database: DATABASE,
    demo: DEMO === '1',
    checkWhole: CHECK === 'whole',
    logLevel: LOG_LEVEL,
    page: fromHere('../../web/dist'),
    version: manifest.version,
  };
}
