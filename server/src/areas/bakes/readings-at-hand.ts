import { LRUCache } from 'lru-cache';
import { Op, type ModelStatic } from 'sequelize';
import type { BakeReadingReply } from '@ypsigram/contract';
import { toReading } from './replies.js';
import type { BakeReadingRow } from './model.js';

/** More bakes than this are at no counter at once. */
const BAKES_REMEMBERED = 20;

/** What was done at the bakes that are worked at: what was read once is not read again. */
export interface ReadingsAtHand {
  /** All of a bake, in the order in which they were received; nothing may have been added in this change. */
  before(bakeId: string): Promise<readonly BakeReadingReply[]>;
  /** These, with what came after them. */
  since(bakeId: string, before: readonly BakeReadingReply[]): Promise<readonly BakeReadingReply[]>;
}

/** Rows are only ever added: of a bake whose first ones are known, those that came after are enough. */
export function readingsAtHand(rows: ModelStatic<BakeReadingRow>): ReadingsAtHand {
  const remembered = new LRUCache<string, readonly BakeReadingReply[]>({ max: BAKES_REMEMBERED });

  const since: ReadingsAtHand['since'] = async (bakeId, before) => {
    const fresh = await rows.findAll({
      where: { bakeId, sequence: { [Op.gt]: before.at(-1)?.sequence ?? 0 } },
      order: ['sequence'],
    });
    return fresh.length === 0 ? before : [...before, ...fresh.map(toReading)];
  };

  return {
    since,

    async before(bakeId) {
      const known = remembered.get(bakeId) ?? [];
      const last = known.at(-1)?.sequence ?? 0;
      // A backup that was restored meanwhile has other ones in their place.
      const count = await rows.count({ where: { bakeId, sequence: { [Op.lte]: last } } });
      const all = await since(bakeId, count === known.length ? known : []);
      remembered.set(bakeId, all);
      return all;
    },
  };
}
