import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import envPaths from 'env-paths';

/** What is written is for the owner of the kitchen alone. */
const ONLY_OWNER_FOLDER = 0o700;

/**
 * The folder that this platform gives to a program for a person's data: on Linux
 * `~/.local/share/ypsigram`. `YPSIGRAM_HOME` names another.
 */
export const homeFolder = (): string =>
  resolve(process.env['YPSIGRAM_HOME'] ?? envPaths('ypsigram', { suffix: '' }).data);

/** The person's own kitchen; `DATABASE` names another. */
export const ownKitchen = (): string =>
  resolve(process.env['DATABASE'] ?? join(homeFolder(), 'kitchen.sqlite'));

/** The demo kitchen, beside the person's own; `DATABASE` names another. */
export const demoKitchen = (): string =>
  resolve(process.env['DATABASE'] ?? join(homeFolder(), 'demo.sqlite'));

/** Which kitchen a command is about, as its options say. */
export interface WhichKitchen {
  readonly kitchen?: string;
  readonly demo?: boolean;
}

/** The file of a kitchen. It need not be there yet. */
export const kitchenFile = ({ kitchen, demo }: WhichKitchen): string =>
  kitchen === undefined ? (demo ? demoKitchen() : ownKitchen()) : resolve(kitchen);

/** The same, of a kitchen that has been used before. @throws Error in a sentence where it has not */
export function usedKitchen(which: WhichKitchen): string {
  const file = kitchenFile(which);
  if (existsSync(file)) return file;
  const start = which.demo ? 'ypsigram demo' : 'ypsigram';
  throw new Error(`There is no kitchen at ${file} yet. Start it once: ${start}`);
}

/** Makes the folder of a person's kitchens, for its owner alone. */
export function makeHome(): void {
  mkdirSync(homeFolder(), { recursive: true, mode: ONLY_OWNER_FOLDER });
}
