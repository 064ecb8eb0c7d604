import { readFileSync } from 'node:fs';
import { text } from 'node:stream/consumers';

/** A text to work on, and what it is called: its file, or null for standard input. */
export interface Input {
  readonly name: string | null;
  readonly text: string;
}

/** A file that can't be read, or an option that makes no sense: the command was not understood. */
export class UsageError extends Error {}

const REASONS: Readonly<Record<string, string>> = {
  ENOENT: 'There is no such file',
  EISDIR: 'That is a folder',
  EACCES: 'This user may not read it',
};

function readText(name: string): Input {
  try {
    return { name, text: readFileSync(name, 'utf8') };
  } catch (error) {
    const { code = '', message } = error as NodeJS.ErrnoException;
    throw new UsageError(`${name}: ${REASONS[code] ?? message}.`);
  }
}

/** The texts of these files, or of standard input where none is named, or "-". @throws UsageError */
export async function readInputs(files: readonly string[]): Promise<readonly Input[]> {
  if (files.length > 0 && !files.includes('-')) return files.map(readText);
  if (process.stdin.isTTY) console.error('Type or paste, then press Ctrl-D.');
  return [{ name: null, text: await text(process.stdin) }];
}
