import { Op } from 'sequelize';
import type { z } from 'zod';
import type { Timer, TimerList, timerDraft } from '@ypsigram/contract/oven';
import type { Database } from '../../database/database.js';
import type { BackupPart } from '../../database/part.js';
import { ProblemError } from '../../http/problem.js';
import { timerModel, type TimerRow } from './model.js';

/** Timers of all bakes and devices: end times, which outlast windows and servers. */
export interface TimerService {
  /** Those that run or ring, the next to ring first. */
  list(): Promise<TimerList>;
  /** Sets a timer, or sets it anew. One that was stopped stays so: @throws ProblemError 410 */
  set(id: string, draft: z.output<typeof timerDraft>): Promise<Timer>;
  /** Ends a timer, for good: whoever wants it back sets another. */
  stop(id: string): Promise<void>;
  readonly part: BackupPart<Timer>;
}

/** So many may run at once. */
const MOST_RUNNING = 100;
/** Of those that ring, and nobody stopped, the newest stay. */
const MOST_RINGING = 50;
/** A device that was away for longer has no timer left to set. */
const REMEMBER_STOPPED_MILLISECONDS = 30 * 24 * 60 * 60 * 1000;
const GONE = 410;

export function timerService(database: Database, now: () => Date): TimerService {
  const rows = timerModel(database.sequelize);
  const here = { stoppedAt: null };

  /** Makes room: forgets what was stopped long ago, and what rang and was left so. */
  const tidy = async (): Promise<void> => {
    const longAgo = new Date(now().getTime() - REMEMBER_STOPPED_MILLISECONDS).toISOString();
    await rows.destroy({ where: { stoppedAt: { [Op.lt]: longAgo } } });
    const ringing = await rows.findAll({
      where: { ...here, endsAt: { [Op.lte]: now().toISOString() } },
      order: [['endsAt', 'DESC']],
      offset: MOST_RINGING,
      limit: MOST_RUNNING,
    });
    await rows.destroy({ where: { number: ringing.map(({ number }) => number) } });
  };

  return {
    async list() {
      const found = await rows.findAll({ where: here, order: ['endsAt', 'number'] });
      return { now: now().toISOString(), items: found.map(toTimer) };
    },

    set: (id, draft) =>
      database.write(async () => {
        const known = await rows.findOne({ where: { id } });
        if (known?.stoppedAt) {
          throw new ProblemError(GONE, 'This timer was stopped on another device.');
        }
        if (known) return toTimer(await known.update(draft));
        await tidy();
        const running = { ...here, endsAt: { [Op.gt]: now().toISOString() } };
        if ((await rows.count({ where: running })) >= MOST_RUNNING) {
          throw new ProblemError(422, 'So many timers are running. Stop one of them first.');
        }
        return toTimer(await rows.create({ id, ...draft }));
      }),

    async stop(id) {
      const stoppedAt = now().toISOString();
      await database.write(async () => {
        const [stopped] = await rows.update({ stoppedAt }, { where: { id } });
        // Set without the server and stopped elsewhere before it came: it is not to start late.
        if (stopped === 0) await rows.create({ id, ...NEVER_RAN, stoppedAt });
      });
    },

    part: {
      async *dump() {
        const found = await rows.findAll({ where: here, order: ['number'] });
        if (found.length > 0) yield found.map(toTimer);
      },
      async clear() {
        await rows.destroy({ where: {} });
      },
      async load(timers) {
        // What ended between the backup and now is over: it does not ring days later.
        const here = now().toISOString();
        await rows.bulkCreate(timers.filter(({ endsAt }) => endsAt > here));
      },
      count: () => rows.count({ where: here }),
    },
  };
}

/** What stands of a timer that was stopped before it was ever heard of here. */
const NEVER_RAN = {
  name: '',
  bakeId: null,
  recipeId: null,
  startedAt: new Date(0).toISOString(),
  endsAt: new Date(0).toISOString(),
  awaits: null,
} as const;

function toTimer({ id, name, bakeId, recipeId, startedAt, endsAt, awaits }: TimerRow): Timer {
  return { id, name, bakeId, recipeId, startedAt, endsAt, awaits };
}
