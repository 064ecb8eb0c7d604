import { createReadStream } from 'node:fs';
import { JSONParser, type ParsedElementInfo } from '@streamparser/json';
import type { z } from 'zod';
import {
  backupAuthor,
  backupBake,
  backupHead,
  backupReading,
  backupRecipe,
  backupTrial,
  kitchen as kitchenSchema,
  type Kitchen,
} from '@ypsigram/contract';
import { backupPhoto } from '@ypsigram/contract/log';
import { timer } from '@ypsigram/contract/oven';
import { practiceTry } from '@ypsigram/contract/practice';
import { ProblemError } from '../../http/problem.js';
import { validate } from '../../http/validate.js';
import { LISTS, type ListName, type Rows } from './parts.js';

/** A row that is sound. */
export type BackupRow = {
  [Name in ListName]: { readonly of: Name; readonly value: Rows[Name] };
}[ListName];

/** A piece of a backup, looked at, as it comes out of the file. */
export type Piece =
  | { readonly of: 'head'; readonly value: z.output<typeof backupHead> }
  | { readonly of: 'kitchen'; readonly value: Kitchen }
  | BackupRow
  /** A row that can't be taken. */
  | {
      readonly of: 'unsound';
      readonly list: ListName;
      readonly which: string;
      readonly why: string;
    }
  /** Something done at a bake that can't be taken. */
  | { readonly of: 'unsound-reading'; readonly bake: string }
  /** What could not be taken when the backup was made, in sentences. */
  | { readonly of: 'gaps'; readonly value: readonly string[] }
  /** The file ends before the document does. */
  | { readonly of: 'cut' };

const HEAD = ['format', 'version', 'madeAt'] as const;
const GAPS = 'leftOut';
const PATHS = [...HEAD, GAPS, 'kitchen', ...LISTS.map((name) => `${name}.*`)].map(
  (path) => `$.${path}`,
);
const SCHEMAS = {
  authors: backupAuthor,
  recipes: backupRecipe,
  trials: backupTrial,
  bakes: backupBake,
  photos: backupPhoto,
  tries: practiceTry,
  timers: timer,
} as const;

const NO_BACKUP =
  'This is not a complete backup file. Choose the file that “Save a backup” gave you.';
const TWICE = 'it is in this backup twice';

/** What the parser tells of a value: where it stands, and the stack of what it stands in. */
type Parsed = ParsedElementInfo;

/** The values of a file, as they come; the last is null where the document breaks off or makes no sense. */
async function* valuesOf(file: string): AsyncGenerator<Parsed | null> {
  const parser = new JSONParser({ paths: PATHS, keepStack: false });
  let found: Parsed[] = [];
  let isBroken = false;
  parser.onValue = (parsed) => found.push({ ...parsed, stack: [...parsed.stack] });
  parser.onError = () => (isBroken = true);
  for await (const chunk of createReadStream(file)) {
    parser.write(chunk as Buffer);
    yield* found;
    found = [];
    if (isBroken) break;
  }
  if (!isBroken && !parser.isEnded) parser.end();
  if (isBroken) yield null;
}

/** What a row is known by to a person. */
function nameOf(value: unknown, at: string | number | undefined): string {
  const { title, name, plan } = (value ?? {}) as {
    readonly title?: unknown;
    readonly name?: unknown;
    readonly plan?: { readonly title?: unknown };
  };
  const called = [title, name, plan?.title].find((one) => typeof one === 'string' && one !== '');
  return called === undefined ? `number ${Number(at) + 1}` : `“${String(called).slice(0, 80)}”`;
}

/** Rows that were looked at before, so that none is taken twice. */
class SeenIds {
  private readonly ids = new Set<unknown>();

  /** Whether it is new. */
  add(list: string, id: unknown): boolean {
    const key = `${list} ${String(id)}`;
    if (this.ids.has(key)) return false;
    this.ids.add(key);
    return true;
  }
}

/** The readings of a bake that are sound, each once. */
function soundReadings(bake: unknown, seen: SeenIds): { value: unknown; unsound: number } {
  const readings = (bake as { readings?: unknown } | null)?.readings;
  if (!Array.isArray(readings)) return { value: bake, unsound: 0 };
  const sound = readings.filter((one: unknown) => {
    const { success, data } = backupReading.safeParse(one);
    return success && seen.add('readings', data.id);
  });
  const value = { ...(bake as object), readings: sound };
  return { value, unsound: readings.length - sound.length };
}

function* rowsOf(
  list: ListName,
  { value: raw, key }: Parsed,
  seen: SeenIds,
): Generator<Exclude<Piece, { of: 'head' | 'kitchen' }>> {
  const which = nameOf(raw, key);
  const unsound = (why: string): Piece & { of: 'unsound' } => ({ of: 'unsound', list, which, why });
  const { value, unsound: readings } =
    list === 'bakes' ? soundReadings(raw, seen) : { value: raw, unsound: 0 };
  let row: BackupRow;
  try {
    row = { of: list, value: validate(SCHEMAS[list], value) } as BackupRow;
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    const { field } = error.extra;
    yield unsound(`${field ? `${field}: ` : ''}${error.detail}`);
    return;
  }
  if (!seen.add(list, row.value.id)) {
    yield unsound(TWICE);
    return;
  }
  for (let count = 0; count < readings; count++) yield { of: 'unsound-reading', bake: which };
  yield row;
}

/**
 * Reads a backup piece by piece, whatever its size, and looks at everything: what is sound comes
 * out, and of the rest what it is and why it can't be taken. The head comes last.
 * @throws ProblemError 400 where it is no backup, or one without a kitchen
 */
export async function* readBackup(file: string): AsyncGenerator<Piece> {
  const head: Record<string, unknown> = {};
  const seen = new SeenIds();
  let hasKitchen = false;
  for await (const parsed of valuesOf(file)) {
    if (parsed === null) {
      if (!hasKitchen) throw new ProblemError(400, NO_BACKUP);
      yield { of: 'cut' };
      continue;
    }
    const { value, key, stack } = parsed;
    const list = LISTS.find((name) => name === stack.at(-1)?.key);
    if (list !== undefined && stack.length === 2) {
      yield* rowsOf(list, parsed, seen);
    } else if (key === 'kitchen') {
      hasKitchen = true;
      yield { of: 'kitchen', value: kitchenOf(value) };
    } else if (key === GAPS) {
      if (Array.isArray(value)) yield { of: 'gaps', value: value.map(String) };
    } else if (typeof key === 'string') {
      head[key] = value;
    }
  }
  yield { of: 'head', value: validate(backupHead, head) };
  if (!hasKitchen) {
    throw new ProblemError(400, 'There is no kitchen in this backup.', { field: 'kitchen' });
  }
}

/** Everything else is measured with it: without it nothing can be restored. */
function kitchenOf(value: unknown): Kitchen {
  try {
    return validate(kitchenSchema, value);
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    const { field, errors: _errors, ...extra } = error.extra;
    throw new ProblemError(error.status, error.detail, { ...extra, field: `kitchen.${field}` });
  }
}
