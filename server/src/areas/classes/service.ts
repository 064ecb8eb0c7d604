import { randomInt } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import type {
  BakingClass,
  ClassDraft,
  ClassEvent,
  ClassList,
  ClassResultDraft,
  ClassResultRecord,
  JoinedClass,
} from '@ypsigram/contract/practice';
import { randomFrom } from '@ypsigram/core/chance';
import { classCode } from '@ypsigram/core/practice';
import type { Database } from '../../database/database.js';
import { ProblemError, notFound } from '../../http/problem.js';
import { classModel, resultModel, type ClassRow, type ResultRow } from './model.js';

/** Classes, and what comes in from those who joined. */
export interface ClassService {
  /** The newest first. */
  list(): Promise<ClassList>;
  /** @throws ProblemError 404 */
  read(id: string): Promise<BakingClass>;
  /** Starts a class, or changes its name and tasks; its code and results stay. */
  keep(id: string, draft: ClassDraft): Promise<BakingClass>;
  /** Removes a class with all names and results, for good. @throws ProblemError 404 */
  remove(id: string): Promise<void>;
  /** The tasks of a class, and nobody's results. @throws ProblemError 404 */
  joined(code: string): Promise<JoinedClass>;
  /** The id of the class with this code. @throws ProblemError 404 */
  idOf(code: string): Promise<string>;
  /** Adds a result; one that was sent before is as it was. @throws ProblemError 404, 422 */
  addResult(id: string, resultId: string, draft: ClassResultDraft): Promise<ClassResultRecord>;
  /** @throws ProblemError 404 */
  removeResult(id: string, resultId: string): Promise<void>;
  /** Tells what comes in, until the returned function is called. */
  listen(id: string, listener: (event: ClassEvent) => void): () => void;
}

const GONE = 'There is no such class. It may have been removed.';
const NO_CODE = 'There is no class with this code. Ask for the code again.';
const MOST_CLASSES = 50;
/** More people are no class, and nobody weighs more often in a morning. */
const MOST_PEOPLE = 60;
const MOST_RESULTS_OF_ONE = 100;

export function classService(database: Database, now: () => Date): ClassService {
  const rows = classModel(database.sequelize);
  const results = resultModel(database.sequelize);
  const listeners = new Map<string, Set<(event: ClassEvent) => void>>();
  const tell = (id: string, event: ClassEvent): void => {
    for (const listener of listeners.get(id) ?? []) listener(event);
  };

  const find = async (id: string): Promise<ClassRow> => {
    const row = await rows.findOne({ where: { id } });
    if (!row) throw notFound(GONE);
    return row;
  };
  const whole = async ({ id, code, name, tasks, createdAt }: ClassRow): Promise<BakingClass> => {
    const found = await results.findAll({ where: { classId: id }, order: ['number'] });
    return { id, code, name, tasks, createdAt, results: found.map(toResult) };
  };
  const freeCode = async (): Promise<string> => {
    const random = randomFrom(randomInt(2 ** 32));
    for (;;) {
      const code = classCode(random);
      if ((await rows.count({ where: { code } })) === 0) return code;
    }
  };
  /** @throws ProblemError 422 where nobody else fits, or one has weighed enough */
  const checkSize = async (classId: string, name: string): Promise<void> => {
    const own = await results.count({ where: { classId, name } });
    if (own >= MOST_RESULTS_OF_ONE) {
      throw new ProblemError(422, `There are ${own} results of this name already: that is enough.`);
    }
    const people = await results.count({ where: { classId }, distinct: true, col: 'name' });
    if (own === 0 && people >= MOST_PEOPLE) {
      throw new ProblemError(422, 'This class is full: nobody else fits.', { field: 'name' });
    }
  };
  const byCode = async (code: string): Promise<ClassRow> => {
    const row = await rows.findOne({ where: { code } });
    if (!row) throw notFound(NO_CODE);
    return row;
  };

  return {
    async list() {
      const items = await database.sequelize.query<ClassList['items'][number]>(
        `SELECT c.id, c.code, c.name, c.created_at AS createdAt, json_array_length(c.tasks) AS tasks,
          (SELECT COUNT(DISTINCT r.name) FROM class_results r WHERE r.class_id = c.id) AS people
        FROM classes c ORDER BY c.number DESC`,
        { type: QueryTypes.SELECT },
      );
      return { items };
    },

    read: (id) => database.snapshot(async () => whole(await find(id))),

    keep: (id, { name, tasks }) =>
      database.write(async () => {
        const known = await rows.findOne({ where: { id } });
        if (known) return whole(await known.update({ name, tasks }));
        if ((await rows.count()) >= MOST_CLASSES) {
          throw new ProblemError(422, 'There are so many classes. Remove an old one first.');
        }
        const code = await freeCode();
        const createdAt = now().toISOString();
        return whole(await rows.create({ id, code, name, tasks, createdAt }));
      }),

    async remove(id) {
      await database.write(async () => {
        await find(id);
        await results.destroy({ where: { classId: id } });
        await rows.destroy({ where: { id } });
      });
      // What was removed is to be gone from the file too, not only from its tables.
      await database.forget();
    },

    async joined(code) {
      const { name, tasks } = await byCode(code);
      return { code, name, tasks };
    },

    async idOf(code) {
      return (await byCode(code)).id;
    },

    async addResult(id, resultId, draft) {
      const { isNew, result } = await database.write(async () => {
        const { tasks } = await find(id);
        const known = await results.findOne({ where: { id: resultId } });
        if (known && known.classId !== id) {
          throw new ProblemError(422, 'A result with this id belongs to another class.');
        }
        if (known) return { isNew: false, result: toResult(known) };
        if (!tasks.some((task) => task.id === draft.taskId)) {
          throw new ProblemError(422, 'The class has no such task any more. Load the page again.', {
            field: 'taskId',
          });
        }
        await checkSize(id, draft.name);
        const row = await results.create({ id: resultId, classId: id, ...draft });
        return { isNew: true, result: toResult(row) };
      });
      if (isNew) tell(id, { event: 'result', result });
      return result;
    },

    async removeResult(id, resultId) {
      const removed = await database.write(() =>
        results.destroy({ where: { id: resultId, classId: id } }),
      );
      if (removed === 0) throw notFound('There is no such result. It may have been taken back.');
      tell(id, { event: 'taken-back', id: resultId });
    },

    listen(id, listener) {
      const all = listeners.get(id) ?? new Set();
      listeners.set(id, all.add(listener));
      return () => {
        all.delete(listener);
        if (all.size === 0) listeners.delete(id);
      };
    },
  };
}

function toResult({ id, taskId, name, grams, at }: ResultRow): ClassResultRecord {
  return { id, taskId, name, grams, at };
}
