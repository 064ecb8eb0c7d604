import { Op } from 'sequelize';
import type { z } from 'zod';
import type { PracticeTryRecord, practiceTryDraft } from '@ypsigram/contract/practice';
import type { Database } from '../../database/database.js';
import type { BackupPart } from '../../database/part.js';
import { ProblemError } from '../../http/problem.js';
import { tryModel, type TryRow } from './model.js';

/** What was practised in this kitchen. */
export interface PracticeService {
  /** Oldest first. */
  list(): Promise<PracticeTryRecord[]>;
  /** Adds a try; one that was added already is as it was. @throws ProblemError 422 when full */
  add(id: string, draft: z.output<typeof practiceTryDraft>): Promise<PracticeTryRecord>;
  /** Takes a try back; one that is gone stays gone. */
  remove(id: string): Promise<void>;
  readonly part: BackupPart<PracticeTryRecord>;
}

/** All of them are read at once: twenty a day for seven years. */
const MOST_TRIES = 50_000;
/** So many rows are written with one statement. */
const ROWS_AT_ONCE = 1000;

export function practiceService(database: Database): PracticeService {
  const rows = tryModel(database.sequelize);
  return {
    async list() {
      const found = await rows.findAll({ order: ['at', 'number'] });
      return found.map(toTry);
    },

    add: (id, draft) =>
      database.write(async () => {
        const known = await rows.findOne({ where: { id } });
        if (known) return toTry(known);
        if ((await rows.count()) >= MOST_TRIES) {
          throw new ProblemError(422, `A kitchen keeps at most ${MOST_TRIES} tries.`);
        }
        return toTry(await rows.create({ id, ...draft }));
      }),

    async remove(id) {
      await database.write(() => rows.destroy({ where: { id } }));
    },

    part: {
      async *dump() {
        for (let last = 0; ;) {
          const found = await rows.findAll({
            where: { number: { [Op.gt]: last } },
            order: ['number'],
            limit: ROWS_AT_ONCE,
          });
          if (found.length === 0) return;
          last = found.at(-1)!.number;
          yield found.map(toTry);
        }
      },
      async clear() {
        await rows.destroy({ where: {} });
      },
      async load(tries) {
        await rows.bulkCreate([...tries]);
      },
      count: () => rows.count(),
    },
  };
}

function toTry(row: TryRow): PracticeTryRecord {
  const { id, handId, skill, ingredientId, at, off, tolerance, isGood } = row;
  return { id, handId, skill, ingredientId, at, off, tolerance, isGood };
}
