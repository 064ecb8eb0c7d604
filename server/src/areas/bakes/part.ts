import { Op, type ModelStatic } from 'sequelize';
import type { Bake, BakeReadingReply } from '@ypsigram/contract';
import { bakeState } from '@ypsigram/core/bench';
import type { Shelf } from '@ypsigram/core/catalogue';
import { deletionIn, deletionOf, type BackupPart } from '../../database/part.js';
import type { BakeReadingRow, BakeRow } from './model.js';
import { toReading } from './replies.js';
import { summaryOf } from './summary.js';

/** A bake with everything that was done, as a backup holds it. */
export type WholeBake = Pick<
  Bake,
  'id' | 'recipeId' | 'recipeRevision' | 'handId' | 'begunAt' | 'plan'
> & {
  readonly readings: readonly (Omit<BakeReadingReply, 'sequence' | 'order'> & {
    readonly order?: number;
  })[];
  readonly deletedAt?: string | null;
};

/** Rows that one statement takes. */
const AT_ONCE = 50;

/** All bakes with their readings, out and in again a few at a time. */
export function bakePart(
  rows: ModelStatic<BakeRow>,
  readingRows: ModelStatic<BakeReadingRow>,
  shelf: () => Promise<Shelf>,
): BackupPart<WholeBake> {
  return {
    async *dump(withDeleted) {
      for (let last = 0; ;) {
        const found = await rows.findAll({
          where: { number: { [Op.gt]: last } },
          order: ['number'],
          limit: AT_ONCE,
          paranoid: !withDeleted,
        });
        if (found.length === 0) return;
        last = found.at(-1)!.number;
        const readings = await readingRows.findAll({
          where: { bakeId: found.map(({ id }) => id) },
          order: ['sequence'],
        });
        yield found.map((row) => wholeOf(row, readings, withDeleted));
      }
    },

    async clear() {
      await readingRows.destroy({ where: {} });
      await rows.destroy({ where: {}, force: true });
    },

    async load(bakes) {
      const here = await shelf();
      await rows.bulkCreate(bakes.map((bake) => rowOf(bake, here)));
      const readings = bakes.flatMap(({ id: bakeId, readings: done }) =>
        done.map((one) => ({ ...one, bakeId, order: one.order ?? null })),
      );
      for (let at = 0; at < readings.length; at += AT_ONCE) {
        await readingRows.bulkCreate(readings.slice(at, at + AT_ONCE));
      }
    },

    count: () => rows.count(),
  };
}

function wholeOf(
  row: BakeRow,
  readings: readonly BakeReadingRow[],
  withDeleted: boolean,
): WholeBake {
  const { id, recipeId, recipeRevision, handId, begunAt, plan } = row;
  return {
    id,
    recipeId,
    recipeRevision,
    handId,
    begunAt,
    plan,
    readings: readings
      .filter(({ bakeId }) => bakeId === id)
      .map((reading) => {
        const { sequence: _sequence, ...rest } = toReading(reading);
        return rest;
      }),
    ...(withDeleted && deletionOf(row)),
  };
}

/** How far a bake is follows from what was done at it. */
function rowOf({ readings, ...bake }: WholeBake, shelf: Shelf) {
  const state = bakeState(bake.plan, readings);
  return {
    ...bake,
    ...deletionIn(bake),
    changedAt: readings.at(-1)?.at ?? bake.begunAt,
    factor: bake.plan.factor,
    makes: bake.plan.makes,
    ...summaryOf(bake, state, shelf),
  };
}
