import { randomUUID } from 'node:crypto';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { z } from 'zod';
import {
  shelfOfKitchen,
  type ImportReply,
  type Kitchen,
  type TrialRecord,
  type trialDraft,
  type trialQuery,
  type trialReplacement,
} from '@ypsigram/contract';
import { readTrialTable, trialTable } from '@ypsigram/contract/tables';
import { ProblemError, notFound, staleChange } from '../../http/problem.js';
import { trialModel, type TrialRow } from './model.js';

type Draft = z.output<typeof trialDraft>;
type Replacement = z.output<typeof trialReplacement>;
type Query = z.output<typeof trialQuery>;

/** Trials of the hands of this kitchen. */
export interface TrialService {
  /** Oldest first. */
  list(query: Query): Promise<TrialRecord[]>;
  create(draft: Draft): Promise<TrialRecord>;
  /** @throws ProblemError 409 when `revision` is not the newest. */
  replace(id: string, replacement: Replacement): Promise<TrialRecord>;
  remove(id: string): Promise<void>;
  restore(id: string): Promise<TrialRecord>;
  exportTable(): Promise<string>;
  importTable(text: string, dryRun: boolean): Promise<ImportReply>;
  /** Takes back everything that came in with one import. */
  removeImport(importId: string): Promise<void>;
  /** Puts others in the place of all of them, as part of a larger change. */
  load(trials: readonly TrialRecord[], transaction: Transaction): Promise<void>;
  /** Changes with every change of any trial, and is quick to ask for. */
  stamp(): Promise<string>;
}

/** What the area needs from elsewhere. */
export interface Surroundings {
  now(): Date;
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
const keyOf = (trial: Draft): string =>
  JSON.stringify([
    trial.handId,
    trial.ingredientId,
    trial.form,
    trial.method,
    trial.tool,
    trial.grams,
    Date.parse(trial.at),
  ]);

export function trialService(sequelize: Sequelize, around: Surroundings): TrialService {
  const rows = trialModel(sequelize);
  const live = { deletedAt: null };

  const find = async (id: string): Promise<TrialRow> => {
    const row = await rows.findOne({ where: { id, ...live } });
    if (!row) throw notFound(GONE);
    return row;
  };

  const list = async (query: Query): Promise<TrialRecord[]> => {
    const { handId, ingredientId } = query;
    const found = await rows.findAll({
      where: { ...live, ...(handId ? { handId } : {}), ...(ingredientId ? { ingredientId } : {}) },
      order: ['at', 'number'],
    });
    return found.map(toTrial);
  };

  /** A trial is of a hand and an ingredient that are here. */
  const check = async ({ handId, ingredientId }: Draft): Promise<void> => {
    const kitchen = await around.kitchen();
    if (!kitchen.hands.some(({ id }) => id === handId)) {
      throw new ProblemError(400, 'Nobody of that id measures here. Add the hand first.', {
        field: 'handId',
      });
    }
    if (!shelfOfKitchen(kitchen).ingredient(ingredientId)) {
      throw new ProblemError(400, 'The Shelf has no ingredient of this id. Add it there first.', {
        field: 'ingredientId',
      });
    }
  };

  const checkRoom = async (coming: number): Promise<void> => {
    if ((await rows.count({ where: live })) + coming <= MOST_TRIALS) return;
    throw new ProblemError(422, `A kitchen keeps at most ${MOST_TRIALS} trials. Delete old ones.`);
  };

  const fresh = (draft: Draft, importId: string | null) => ({
    ...draft,
    id: randomUUID(),
    importId,
    revision: 1,
    deletedAt: null,
  });

  return {
    list,

    async create(draft) {
      await check(draft);
      await checkRoom(1);
      return toTrial(await rows.create(fresh(draft, null)));
    },

    async replace(id, { revision, ...draft }) {
      await check(draft);
      const [changed] = await rows.update(
        { ...draft, revision: revision + 1 },
        { where: { id, revision, ...live } },
      );
      const current = toTrial(await find(id));
      if (changed > 0) return current;
      throw staleChange('trial', current);
    },

    async remove(id) {
      const deletedAt = around.now().toISOString();
      const [changed] = await rows.update({ deletedAt }, { where: { id, ...live } });
      if (changed === 0) throw notFound(GONE);
    },

    async restore(id) {
      await rows.update({ deletedAt: null }, { where: { id } });
      return toTrial(await find(id));
    },

    async exportTable() {
      const kitchen = await around.kitchen();
      return trialTable(await list({}), kitchen.hands, shelfOfKitchen(kitchen));
    },

    async importTable(text, dryRun) {
      const kitchen = await around.kitchen();
      const table = readTrialTable(text, kitchen.hands, shelfOfKitchen(kitchen));
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
      await sequelize.transaction(async (transaction) => {
        for (let from = 0; from < coming.length; from += ROWS_AT_ONCE) {
          const part = coming.slice(from, from + ROWS_AT_ONCE);
          await rows.bulkCreate(
            part.map((draft) => fresh(draft, importId)),
            { transaction },
          );
        }
      });
      return { ...reply, importId };
    },

    async stamp() {
      // Revisions only go up, so that count and sum together tell one state from the next.
      const [state] = await sequelize.query<{ live: number; sum: number | null }>(
        'SELECT COUNT(*) AS live, SUM(revision + number) AS sum FROM trials WHERE deleted_at IS NULL',
        { type: QueryTypes.SELECT },
      );
      return `${state!.live} ${state!.sum ?? 0}`;
    },

    async load(trials, transaction) {
      await rows.destroy({ where: {}, transaction });
      for (let from = 0; from < trials.length; from += ROWS_AT_ONCE) {
        const part = trials.slice(from, from + ROWS_AT_ONCE);
        await rows.bulkCreate(
          part.map((trial) => ({ ...trial, deletedAt: null })),
          { transaction },
        );
      }
    },

    async removeImport(importId) {
      const deletedAt = around.now().toISOString();
      const [changed] = await rows.update({ deletedAt }, { where: { importId, ...live } });
      if (changed === 0) throw notFound('There is no such import. It may have been taken back.');
    },
  };
}
