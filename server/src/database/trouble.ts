import { DatabaseError, TimeoutError } from 'sequelize';
import { adviceOnDamage } from './copy-list.js';

/**
 * `full`: there is no room. `away`: the file can't be used as it is now. `held`: something that takes
 * long has it, and passes by itself.
 */
type TroubleKind = 'full' | 'away' | 'held';

/** What the database can't do for a person, in a sentence with what helps. */
export class DatabaseTrouble extends Error {
  constructor(
    readonly kind: TroubleKind,
    readonly detail: string,
  ) {
    super(detail);
  }
}

/** What the file system or the file itself does not let the database do, and what helps. */
const TROUBLES: Readonly<Record<string, readonly [kind: TroubleKind, detail: string]>> = {
  SQLITE_FULL: [
    'full',
    'The disk is full: this was not saved. Make room, then save again. Nothing saved before is lost.',
  ],
  SQLITE_READONLY: [
    'away',
    'The database file can’t be written to: this was not saved. Give this user the right to write to it and to its folder, then save again.',
  ],
  SQLITE_IOERR: [
    'away',
    'The disk does not let the database write: this was not saved. Check the disk, then save again. Nothing saved before is lost.',
  ],
  SQLITE_CANTOPEN: [
    'away',
    'The database file can’t be opened: this was not saved. Put it back in its place with the right to write to it, then save again.',
  ],
  SQLITE_BUSY: [
    'away',
    'Another program holds the database file: this was not saved. Close that program, then save again.',
  ],
};

/** The file itself is no whole database any more. */
const DAMAGED = new Set(['SQLITE_CORRUPT', 'SQLITE_NOTADB']);

/** What the system itself refuses, of whichever file: its own name is told, and no other's. */
function systemTrouble(error: Error): DatabaseTrouble | null {
  const { code = '', path } = error as NodeJS.ErrnoException;
  if (code === 'ENOSPC' || code === 'EDQUOT')
    return new DatabaseTrouble(...TROUBLES['SQLITE_FULL']!);
  if (path === undefined || !REFUSED.has(code)) return null;
  return new DatabaseTrouble(
    'away',
    `${path} can’t be written to: this was not saved. Give this user the right to write there, then save again.`,
  );
}

const REFUSED = new Set(['EACCES', 'EPERM', 'EROFS']);

/** The code behind an error, whoever wrapped it. */
function codeOf(error: Error): string | undefined {
  const wrapped =
    error instanceof DatabaseError || error instanceof TimeoutError
      ? error.original
      : ((error as { parent?: Error }).parent ?? error);
  return (wrapped as { code?: string }).code;
}

/** The trouble behind an error of the database at this path; null for any other error. */
export function databaseTrouble(error: unknown, file: string): DatabaseTrouble | null {
  if (error instanceof DatabaseTrouble) return error;
  if (!(error instanceof Error)) return null;
  const ofSystem = systemTrouble(error);
  if (ofSystem) return ofSystem;
  const code = codeOf(error);
  if (code === undefined) return null;
  if (DAMAGED.has(code)) {
    const detail = `The database file is damaged. Stop the server before it gets worse. ${adviceOnDamage(file)}`;
    return new DatabaseTrouble('away', detail);
  }
  const trouble = TROUBLES[code];
  return trouble ? new DatabaseTrouble(...trouble) : null;
}

/** Something that takes long has the file for itself: it passes, and the same can be sent again. */
export const busyWriting = (detail: string): DatabaseTrouble => new DatabaseTrouble('held', detail);

/** The file was taken away while it was open: what would be written now would be lost with it. */
export const fileIsGone = (file: string): DatabaseTrouble =>
  new DatabaseTrouble(
    'away',
    `The database file ${file} was moved or deleted while the server ran, so nothing is saved any more. Put the same file back and save again; or export a backup now, which still works, and start the server anew.`,
  );
