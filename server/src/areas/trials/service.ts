import { Op } from 'sequelize';
import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type {
  ImportReply,
  Kitchen,
  TrialRecord,
  trialDraft,
  trialQuery,
  trialReplacement,
} from '@ypsigram/contract';
import { shelfOf } from '@ypsigram/core/shelf';
import { readTrialTable, trialTable } from './trial-table.js';
import type { Database } from '../../database/database.js';
import { deletionIn, deletionOf, type BackupPart } from '../../database/part.js';
import { removable, type Removable } from '../removable.js';
import { ProblemError, notFound, staleChange } from '../../http/problem.js';
import { trialModel, type TrialRow } from './model.js';

type NewTrial = z.output<typeof trialDraft>;
type TrialPatch = z.output<typeof trialReplacement>;
type TrialQuery = z.output<typeof trialQuery>;

/** Trials of the hands of this kitchen. */
export interface TrialService extends Removable<TrialRecord> {
  /** Oldest first. */
  list(query: TrialQuery): Promise<TrialRecord[]>;
  create(draft: NewTrial): Promise<TrialRecord>;
  /** @throws ProblemError 409 when `revision` is not the newest. */
  replace(id: string, replacement: TrialPatch): Promise<TrialRecord>;
  exportTable(): Promise<string>;
  importTable(text: string, dryRun: boolean): Promise<ImportReply>;
  /** Takes back everything that came in with one import. */
  removeImport(importId: string): Promise<void>;
  /** All there is of them, out and in again. */
  readonly part: BackupPart<TrialRecord & { readonly deletedAt?: string | null }>;
}

/** What the area needs of the others. */
export interface TrialsContext {
  kitchen(): Promise<Kitchen>;
}

const GONE = 'There is no such trial. It may have been deleted.';
/** A kitchen holds no more than this many: all of them are read at once. */
const MOST_TRIALS = 50_000;
/** So many rows are written with one statement: SQLite takes 32 766 figures in one. */
const ROWS_AT_ONCE = 1000;

function toTrial(row: TrialRow): TrialRecord {
  const { id, handId, ingredientId, form, method, tool, millilitres, grams } = row;
  const { at, source, conditions, verdict, importId, revision } = row;
  return {
    id,
    handId,
    ingredientId,
    form,
    method,
    tool,
    millilitres,
    grams,
    at,
    source,
    conditions,
    verdict,
    importId,
    revision,
  };
}

/** Trials that agree in all of this are one and the same. */
const keyOf = (trial: NewTrial): string =>
  JSON.stringify([
    trial.handId,
    trial.ingredientId,
    trial.form,
    trial.method,
    trial.tool,
    trial.grams,
    Date.parse(trial.at),
  ]);

export function trialService(database: Database, context: TrialsContext): TrialService {
  const rows = trialModel(database.sequelize);

  const find = async (id: string): Promise<TrialRow> => {
    const row = await rows.findOne({ where: { id } });
    if (!row) throw notFound(GONE);
    return row;
  };

  const list = async ({ handId, ingredientId }: TrialQuery): Promise<TrialRecord[]> => {
    const found = await rows.findAll({
      where: { ...(handId ? { handId } : {}), ...(ingredientId ? { ingredientId } : {}) },
      order: ['at', 'number'],
    });
    return found.map(toTrial);
  };

  /** A trial is of a hand and an ingredient that are here. */
  const check = async ({ handId, ingredientId }: NewTrial): Promise<void> => {
    const { hands, weights, ingredients } = await context.kitchen();
    if (!hands.some(({ id }) => id === handId)) {
      throw new ProblemError(400, 'There is no hand with that id. Add the hand first.', {
        field: 'handId',
      });
    }
    if (!shelfOf(weights, ingredients).ingredient(ingredientId)) {
      throw new ProblemError(
        400,
        'There is no ingredient with this id in Ingredients. Add it first.',
        {
          field: 'ingredientId',
        },
      );
    }
  };

  const checkRoom = async (coming: number): Promise<void> => {
    if ((await rows.count()) + coming <= MOST_TRIALS) return;
    throw new ProblemError(422, `A kitchen keeps at most ${MOST_TRIALS} trials. Delete old ones.`);
  };

  const newRow = (draft: NewTrial, importId: string | null) => ({
    ...draft,
    id: randomUUID(),
    importId,
    revision: 1,
  });

  const insertAll = async (
    all: readonly (ReturnType<typeof newRow> | TrialRecord)[],
  ): Promise<void> => {
    for (let from = 0; from < all.length; from += ROWS_AT_ONCE) {
      await rows.bulkCreate(all.slice(from, from + ROWS_AT_ONCE));
    }
  };

  return {
    list,

    create: (draft) =>
      database.write(async () => {
        await check(draft);
        await checkRoom(1);
        return toTrial(await rows.create(newRow(draft, null)));
      }),

    replace: (id, { revision, ...draft }) =>
      database.write(async () => {
        await check(draft);
        const row = await find(id);
        if (row.revision !== revision) throw staleChange('trial', toTrial(row));
        return toTrial(await row.update(draft));
      }),

    ...removable(database, rows, { gone: GONE, read: async (id) => toTrial(await find(id)) }),

    async exportTable() {
      const { hands, weights, ingredients } = await context.kitchen();
      return trialTable(await list({}), hands, shelfOf(weights, ingredients));
    },

    importTable: (text, dryRun) =>
      database.write(async () => {
        const { hands, weights, ingredients } = await context.kitchen();
        const table = readTrialTable(text, hands, shelfOf(weights, ingredients));
        const here = new Set((await list({})).map(keyOf));
        const coming = table.rows.map(({ value }) => value).filter((row) => !here.has(keyOf(row)));
        const reply = {
          ready: coming.length,
          known: table.rows.length - coming.length,
          problems: [...table.problems],
        };
        if (dryRun || coming.length === 0) return { ...reply, importId: null };
        await checkRoom(coming.length);
        const importId = randomUUID();
        await insertAll(coming.map((draft) => newRow(draft, importId)));
        return { ...reply, importId };
      }),

    part: {
      async *dump(withDeleted) {
        for (let last = 0; ;) {
          const found = await rows.findAll({
            where: { number: { [Op.gt]: last } },
            order: ['number'],
            limit: ROWS_AT_ONCE,
            paranoid: !withDeleted,
          });
          if (found.length === 0) return;
          last = found.at(-1)!.number;
          yield found.map((row) => ({ ...toTrial(row), ...(withDeleted && deletionOf(row)) }));
        }
      },
      async clear() {
        await rows.destroy({ where: {}, force: true });
      },
      async load(trials) {
        await insertAll(trials.map((trial) => ({ ...trial, ...deletionIn(trial) })));
      },
      count: () => rows.count(),
    },

    async removeImport(importId) {
      const removed = await database.write(() => rows.destroy({ where: { importId } }));
      if (removed === 0) throw notFound('There is no such import. It may have been undone.');
    },
  };
}
