import type { z } from 'zod';
import type { Timer, TimerList, timerDraft } from '@ypsigram/contract/oven';
import type { Database } from '../../database/database.js';
import { ProblemError } from '../../http/problem.js';
import { timerModel, type TimerRow } from './model.js';

/** Timers of all bakes and devices: end times, which outlast windows and servers. */
export interface TimerService {
  /** Those that run or ring, the next to ring first. */
  list(): Promise<TimerList>;
  /** Sets a timer, or sets it anew. */
  set(id: string, draft: z.output<typeof timerDraft>): Promise<Timer>;
  /** Ends a timer; one that is gone already stays gone. */
  stop(id: string): Promise<void>;
}

const MOST_TIMERS = 100;

export function timerService(database: Database, now: () => Date): TimerService {
  const rows = timerModel(database.sequelize);
  return {
    async list() {
      const found = await rows.findAll({ order: ['endsAt', 'number'] });
      return { now: now().toISOString(), items: found.map(toTimer) };
    },

    set: (id, draft) =>
      database.write(async () => {
        const known = await rows.findOne({ where: { id } });
        if (known) return toTimer(await known.update(draft));
        if ((await rows.count()) >= MOST_TIMERS) {
          throw new ProblemError(422, 'So many timers are running. Stop one of them first.');
        }
        return toTimer(await rows.create({ id, ...draft }));
      }),

    async stop(id) {
      await database.write(() => rows.destroy({ where: { id } }));
    },
  };
}

function toTimer({ id, name, bakeId, recipeId, startedAt, endsAt, awaits }: TimerRow): Timer {
  return { id, name, bakeId, recipeId, startedAt, endsAt, awaits };
}
