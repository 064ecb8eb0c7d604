import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';

/** What the environment decides. */
export interface Settings {
  readonly host: string;
  readonly port: number;
  /** Path of the SQLite file. */
  readonly database: string;
  /** Fill an empty database with the demo scenario. */
  readonly demo: boolean;
  readonly logLevel: string;
  /** Folder of the built page. */
  readonly page: string;
  readonly version: string;
}

const environment = z.object({
  HOST: z.string().min(1).default('127.0.0.1'),
  PORT: z.coerce
    .number('PORT must be a number from 0 to 65535.')
    .int('PORT must be a whole number.')
    .min(0, 'PORT must be from 0 to 65535.')
    .max(65535, 'PORT must be from 0 to 65535.')
    .default(4310),
  DATABASE: z.string().min(1).default('var/ypsigram.sqlite'),
  DEMO: z.enum(['0', '1'], 'DEMO must be 1 or 0.').default('0'),
  LOG_LEVEL: z
    .enum(
      ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'],
      'LOG_LEVEL is not one of pino’s levels.',
    )
    .default('info'),
});

const fromHere = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** Reads the settings. @throws Error with a sentence when a variable makes no sense. */
export function readSettings(variables: NodeJS.ProcessEnv): Settings {
  const parsed = environment.safeParse(variables);
  if (!parsed.success) throw new Error(parsed.error.issues.map(({ message }) => message).join(' '));
  const { HOST, PORT, DATABASE, DEMO, LOG_LEVEL } = parsed.data;
  const manifest = JSON.parse(readFileSync(fromHere('../package.json'), 'utf8')) as {
    version: string;
  };
  return {
    host: HOST,
    port: PORT,
    database: DATABASE,
    demo: DEMO === '1',
    logLevel: LOG_LEVEL,
    page: fromHere('../../web/dist'),
    version: manifest.version,
  };
}
