import { extname } from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * The absolute path of a file of this program, which a thread or a process is started with.
 * It stands beside this one, as does the bundle that is made of both, built or not.
 * @param path from `src`, without its extension: "workers/chance-worker"
 */
export const ownFile = (path: string): string =>
  fileURLToPath(new URL(`./${path}${extname(import.meta.url)}`, import.meta.url));

/**
 * The absolute path of a file of facts that the program comes with.
 * @param name within `core/data`: "sr24-measures.csv"
 */
export const dataFile = (name: string): string =>
  fileURLToPath(new URL(`../../core/data/${name}`, import.meta.url));
