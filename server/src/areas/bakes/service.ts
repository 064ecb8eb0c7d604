import { EventEmitter } from 'node:events';
import { randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import type { z } from 'zod';
import type {
  Bake,
  BakeReadingReply,
  BakeSummary,
  bakeDraft,
  bakeQuery,
  readingsDraft,
} from '@ypsigram/contract';
import { bakeState, lineIdsOf, replan, type BakePlan, type BakeState } from '@ypsigram/core/bench';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Database } from '../../database/database.js';
import type { BackupPart } from '../../database/part.js';
import { removable, type Removable } from '../removable.js';
import { ProblemError, notFound } from '../../http/problem.js';
import { ordersGiven, placeActs } from './clock.js';
import { bakeModel, bakeReadingModel, type BakeReadingRow, type BakeRow } from './model.js';
import { bakeOutcomes, type BakeOutcomes } from './outcomes.js';
import { bakePart, type WholeBake } from './part.js';
import { readingsAtHand } from './readings-at-hand.js';
import { toBake, toReading, toSummary } from './replies.js';
import { summaryOf } from './summary.js';

type NewBake = z.output<typeof bakeDraft>;
type BakeQuery = z.output<typeof bakeQuery>;
type SentReadings = z.output<typeof readingsDraft>;

/** Bakes: begun from a plan, then everything that is done at them. */
export interface BakeService extends Removable<Bake>, BakeOutcomes {
  /** The newest first. */
  list(query: BakeQuery): Promise<BakeSummary[]>;
  /** Begins a bake; the same id again is the bake that was begun by it. */
  begin(draft: NewBake): Promise<Bake>;
  read(id: string): Promise<Bake>;
  readings(id: string, after: number): Promise<BakeReadingReply[]>;
  /** Keeps what was done, each reading once. Gives all of it as it is kept. */
  append(id: string, sent: SentReadings): Promise<BakeReadingReply[]>;
  /** Takes in the newest text of the recipe for what is still to do. */
  takeNewText(id: string): Promise<BakeReadingReply>;
  /** Tells of every new reading of a bake until the returned function is called. */
  listen(id: string, tell: (reading: BakeReadingReply) => void): () => void;
  readonly part: BackupPart<WholeBake>;
}

/** A recipe planned for the bench, and its revision. */
export interface PlannedBake {
  readonly plan: BakePlan;
  readonly revision: number;
}

/** What the area needs of the others. */
export interface BakesContext {
  now(): Date;
  /**
   * The plan of a saved recipe as it is now, `times` as much of it.
   * @throws ProblemError 404 or 422
   */
  plan(of: Pick<NewBake, 'recipeId' | 'handId' | 'way'>, times?: number): Promise<PlannedBake>;
  shelf(): Promise<Shelf>;
}

const GONE = 'There is no such bake. It may have been deleted.';
/** More was never done at one bake; what goes on for ever is a mistake. */
const MOST_READINGS = 20_000;
export function bakeService(database: Database, context: BakesContext): BakeService {
  const { sequelize } = database;
  const rows = bakeModel(sequelize);
  const readingRows = bakeReadingModel(sequelize);
  const atHand = readingsAtHand(readingRows);
  const told = new EventEmitter();
  // Every open page of a bake listens.
  told.setMaxListeners(0);

  const find = async (id: string, paranoid = true): Promise<BakeRow> => {
    const row = await rows.findOne({ where: { id }, paranoid });
    if (!row) throw notFound(GONE);
    return row;
  };
  const readingsOf = (bakeId: string, after = 0): Promise<BakeReadingRow[]> =>
    readingRows.findAll({
      where: { bakeId, sequence: { [Op.gt]: after } },
      order: ['sequence'],
    });
  const read = async (id: string): Promise<Bake> => toBake(await find(id), await readingsOf(id));

  /** Writes how far a bake is beside it, so that a list needs none of its readings. */
  const summarise = async (row: BakeRow, state: BakeState): Promise<void> => {
    await row.update({
      changedAt: context.now().toISOString(),
      ...summaryOf(row, state, await context.shelf()),
    });
  };

  const keep = async (
    row: BakeRow,
    before: readonly BakeReadingReply[],
    coming: readonly Omit<BakeReadingReply, 'sequence'>[],
  ): Promise<BakeReadingReply[]> => {
    await readingRows.bulkCreate(coming.map((one) => ({ ...one, bakeId: row.id })));
    const all = await atHand.since(row.id, before);
    await summarise(row, bakeState(row.plan, all));
    const ids = new Set(coming.map(({ id }) => id));
    return all.filter(({ id }) => ids.has(id));
  };

  const tell = (bakeId: string, kept: readonly BakeReadingReply[]): void => {
    for (const reading of kept) told.emit(bakeId, reading);
  };

  return {
    part: bakePart(rows, readingRows, context.shelf),
    read,

    async list({ recipeId, stage, search, before, limit }) {
      const found = await rows.findAll({
        attributes: { exclude: ['plan', 'outcome'] },
        where: {
          ...(recipeId && { recipeId }),
          ...(stage && { stage }),
          ...(before && { begunAt: { [Op.lt]: before } }),
          ...(search && holding(search)),
        },
        order: [
          ['begunAt', 'DESC'],
          ['number', 'DESC'],
        ],
        limit,
      });
      return found.map(toSummary);
    },

    begin: (draft) =>
      database.write(async () => {
        const known = await rows.findOne({ where: { id: draft.id }, paranoid: false });
        if (known) return toBake(known, await readingsOf(draft.id));
        const { plan, revision } = await context.plan(draft);
        if (plan.lines.length === 0) {
          throw new ProblemError(422, 'There is nothing to measure in this recipe yet.', {
            field: 'recipeId',
          });
        }
        const at = context.now().toISOString();
        const { bakedAt } = draft;
        const row = await rows.create({
          id: draft.id,
          recipeId: draft.recipeId,
          recipeRevision: revision,
          handId: draft.handId,
          plan,
          begunAt: bakedAt === null || bakedAt > at ? at : bakedAt,
          changedAt: at,
          title: plan.title,
          factor: plan.factor,
          makes: plan.makes,
          stage: 'bench',
          ready: 0,
          lineCount: plan.lines.length,
        });
        if (bakedAt === null) return toBake(row, []);
        const order = Date.parse(at);
        const reading = { at, order, device: 'server', handId: draft.handId };
        const kept = await keep(
          row,
          [],
          [{ id: randomUUID(), ...reading, act: { do: 'stage', stage: 'log' } }],
        );
        return { ...toBake(row, []), readings: kept };
      }),

    ...bakeOutcomes(rows),

    async readings(id, after) {
      await find(id);
      return (await readingsOf(id, after)).map(toReading);
    },

    async append(id, { sentAt, readings }) {
      const [asKept, fresh] = await database.write(async () => {
        // What was done without the server, at a bake that was deleted meanwhile, goes with it.
        const row = await find(id, false);
        const ids = readings.map((reading) => reading.id);
        const known = await readingRows.findAll({ where: { id: ids } });
        if (known.some(({ bakeId }) => bakeId !== id)) {
          throw new ProblemError(422, 'A reading with this id belongs to another bake.');
        }
        const isKnown = new Set(known.map((reading) => reading.id));
        const fresh = readings.filter(
          (reading, at) => !isKnown.has(reading.id) && ids.indexOf(reading.id) === at,
        );
        const before = await atHand.before(id);
        const { last, lastOf } = ordersGiven(before);
        const here = { now: context.now(), last, lastOf, begunAt: row.begunAt };
        const placed = placeActs(fresh, sentAt, here);
        const coming = fresh.map(({ age: _age, after: _after, ...reading }, at) => ({
          ...reading,
          ...placed[at]!,
        }));
        if (before.length + coming.length > MOST_READINGS) {
          throw new ProblemError(422, 'This bake holds all it can. Begin another one.');
        }
        checkLines(coming, lineIdsOf(row.plan, before));
        const kept = coming.length > 0 ? await keep(row, before, coming) : [];
        return [[...known.map(toReading), ...kept], kept];
      });
      tell(id, fresh);
      return asKept.sort((a, b) => a.sequence - b.sequence);
    },

    async takeNewText(id) {
      const [reading] = await database.write(async () => {
        const row = await find(id);
        const before = await atHand.before(id);
        const state = bakeState(row.plan, before);
        const { recipeId, handId } = row;
        const fresh = await context.plan({ recipeId, handId, way: 'planned' }, state.times);
        const plan = replan(state, fresh.plan);
        const now = context.now();
        const kept = await keep(row, before, [
          {
            id: randomUUID(),
            at: now.toISOString(),
            order: Math.max(now.getTime(), ordersGiven(before).last + 1),
            device: 'server',
            handId: row.handId,
            act: { do: 'replan', plan, revision: fresh.revision },
          },
        ]);
        return kept;
      });
      tell(id, [reading!]);
      return reading!;
    },

    listen(id, tell) {
      told.on(id, tell);
      return () => told.off(id, tell);
    },

    ...removable(database, rows, { gone: GONE, read }),
  };
}

/** Rows whose title or note holds a text, its signs meant as they are. */
function holding(search: string) {
  const like = { [Op.like]: `%${search.replace(/[\\%_]/g, '')}%` };
  return { [Op.or]: [{ title: like }, { note: like }] };
}

/** @throws ProblemError 422 for something done at a line that this bake never had */
function checkLines(
  coming: readonly Pick<BakeReadingReply, 'act'>[],
  known: ReadonlySet<string>,
): void {
  for (const [at, { act }] of coming.entries()) {
    if (!('line' in act) || known.has(act.line)) continue;
    throw new ProblemError(422, 'There is no such line in this bake.', {
      field: `readings.${at}.act.line`,
    });
  }
}
