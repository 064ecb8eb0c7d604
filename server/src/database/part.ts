/** A part of the kitchen that goes out and comes in a few rows at a time. */
export interface BackupPart<T> {
  /** All of it; what is deleted too where that is asked for. `leaveOut` is told what can't be had. */
  dump(withDeleted: boolean, leaveOut: (what: string) => void): AsyncIterable<readonly T[]>;
  /** Empties it, as part of a larger change. */
  clear(): Promise<void>;
  /** Adds rows as they are, as part of a larger change. */
  load(rows: readonly T[]): Promise<void>;
  /** How many there are that are not deleted. */
  count(): Promise<number>;
}

/** When a row was deleted, as a document tells it; nothing of one that is here. The library hands
 * a moment out as a date or as the text it keeps. */
export const deletionOf = ({
  deletedAt,
}: {
  readonly deletedAt: Date | string | null;
}): { deletedAt?: string } => (deletedAt ? { deletedAt: new Date(deletedAt).toISOString() } : {});

/** The same as a row has it. */
export const deletionIn = ({
  deletedAt,
}: {
  readonly deletedAt?: string | null;
}): { deletedAt: Date | null } => ({ deletedAt: deletedAt ? new Date(deletedAt) : null });
