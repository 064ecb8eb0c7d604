import type { Model, ModelStatic, WhereOptions } from 'sequelize';
import { notFound } from '../http/problem.js';
import type { Database } from '../database/database.js';

/** What is deleted by its id, and can be brought back. */
export interface Removable<T> {
  /** @throws ProblemError 404 when it is not here. */
  remove(id: string): Promise<void>;
  /** The same again, as it is now. @throws ProblemError 404 when it never was here. */
  restore(id: string): Promise<T>;
}

/** Deletes rows of a paranoid table and brings them back; `read` finds one that is here. */
export function removable<T>(
  database: Database,
  rows: ModelStatic<Model>,
  { gone, read }: { readonly gone: string; read(id: string): Promise<T> },
): Removable<T> {
  const byId = (id: string): { where: WhereOptions } => ({ where: { id } });
  return {
    async remove(id) {
      const removed = await database.write(() => rows.destroy(byId(id)));
      if (removed === 0) throw notFound(gone);
    },
    restore: (id) =>
      database.write(async () => {
        await rows.restore(byId(id));
        return read(id);
      }),
  };
}
