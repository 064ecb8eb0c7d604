import { createReadStream } from 'node:fs';
import { JSONParser } from '@streamparser/json-node';
import type { z } from 'zod';
import {
  backupAuthor,
  backupBake,
  backupHead,
  backupRecipe,
  backupTrial,
  kitchen as kitchenSchema,
  type Kitchen,
} from '@ypsigram/contract';
import { backupPhoto } from '@ypsigram/contract/log';
import { practiceTry, type PracticeTryRecord } from '@ypsigram/contract/practice';
import { ProblemError } from '../../http/problem.js';
import { validate } from '../../http/validate.js';
import {
  LISTS,
  type BackupAuthor,
  type BackupBake,
  type BackupPhoto,
  type BackupRecipe,
  type BackupTrial,
  type ListName,
} from './parts.js';

/** A piece of a backup, validated, as it comes out of the file. */
export type Piece =
  | { readonly of: 'head'; readonly value: z.output<typeof backupHead> }
  | { readonly of: 'kitchen'; readonly value: Kitchen }
  | { readonly of: 'authors'; readonly value: BackupAuthor }
  | { readonly of: 'recipes'; readonly value: BackupRecipe }
  | { readonly of: 'trials'; readonly value: BackupTrial }
  | { readonly of: 'bakes'; readonly value: BackupBake }
  | { readonly of: 'photos'; readonly value: BackupPhoto }
  | { readonly of: 'tries'; readonly value: PracticeTryRecord };

const HEAD = ['format', 'version', 'madeAt'] as const;
const PATHS = [...HEAD, 'kitchen', ...LISTS.map((name) => `${name}.*`)].map((path) => `$.${path}`);
const SCHEMAS = {
  authors: backupAuthor,
  recipes: backupRecipe,
  trials: backupTrial,
  bakes: backupBake,
  photos: backupPhoto,
  tries: practiceTry,
} as const;

const NO_JSON =
  'This is not a complete backup file. Choose the file that “Save a backup” gave you.';
const TWICE = 'Something is in this backup twice.';

/** What the parser tells of a value: where it stands, and the stack of what it stands in. */
interface Parsed {
  readonly value: unknown;
  readonly key: string | number | undefined;
  readonly stack: readonly { readonly key: string | number | undefined }[];
}

/** As a field is named in a problem: "recipes.3.text". */
function inField<T>(field: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    const { field: below, errors, ...extra } = error.extra;
    throw new ProblemError(error.status, error.detail, {
      ...extra,
      field: below ? `${field}.${below}` : field,
    });
  }
}

/** The values of a file, as they come. @throws ProblemError 400 where it is no JSON */
async function* valuesOf(file: string): AsyncGenerator<Parsed> {
  const parser = new JSONParser({ paths: PATHS, keepStack: false });
  const source = createReadStream(file);
  source.on('error', (error) => parser.destroy(error));
  try {
    for await (const parsed of source.pipe(parser)) yield parsed as Parsed;
  } catch (error) {
    if (error instanceof ProblemError || (error as NodeJS.ErrnoException).code) throw error;
    throw new ProblemError(400, NO_JSON);
  } finally {
    source.destroy();
  }
}

/**
 * Reads a backup piece by piece, whatever its size; the head comes as soon as all of it is known,
 * and everything is looked at. @throws ProblemError 400 naming the first field that is wrong
 */
export async function* readBackup(file: string): AsyncGenerator<Piece> {
  const head: Record<string, unknown> = {};
  let hasKitchen = false;
  const ids = Object.fromEntries(LISTS.map((name) => [name, new Set()])) as Record<
    ListName,
    Set<unknown>
  >;
  for await (const { value, key, stack } of valuesOf(file)) {
    const list = LISTS.find((name) => name === stack.at(-1)?.key);
    if (list !== undefined && stack.length === 2) {
      const field = `${list}.${String(key)}`;
      const item = inField(field, () => validate(SCHEMAS[list], value));
      if (ids[list].has(item.id)) throw new ProblemError(400, TWICE, { field });
      ids[list].add(item.id);
      yield { of: list, value: item } as Piece;
    } else if (key === 'kitchen') {
      hasKitchen = true;
      yield { of: 'kitchen', value: inField('kitchen', () => validate(kitchenSchema, value)) };
    } else if (typeof key === 'string') {
      head[key] = value;
    }
  }
  yield { of: 'head', value: validate(backupHead, head) };
  if (!hasKitchen) {
    throw new ProblemError(400, 'There is no kitchen in this backup.', { field: 'kitchen' });
  }
}
