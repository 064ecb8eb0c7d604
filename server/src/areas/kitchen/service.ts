import {
  USUAL_KITCHEN,
  kitchen as kitchenSchema,
  kitchenReplacement,
  type ImportReply,
  type Kitchen,
} from '@ypsigram/contract';
import { shelfOf } from '@ypsigram/core/shelf';
import { readWeightTable, weightTable } from './weight-table.js';
import type { Database } from '../../database/database.js';
import { isAlready } from '../../http/is-already.js';
import { staleChange } from '../../http/problem.js';
import { validate } from '../../http/validate.js';
import { kitchenModel } from './model.js';

/** The tools of this kitchen. */
export interface KitchenService {
  /** The kitchen as it is; the usual one, at revision 0, until something was chosen. */
  read(): Promise<Kitchen>;
  /** @throws ProblemError 409 when the revision is not the newest and something else is here. */
  replace(kitchen: Kitchen): Promise<Kitchen>;
  /** Puts another kitchen in the place of this one, as part of a larger change. */
  load(kitchen: Kitchen): Promise<void>;
  exportWeights(): Promise<string>;
  /** Own weights of a table stand before those that are here. */
  importWeights(text: string, dryRun: boolean): Promise<ImportReply>;
}

const THE_ONE = 1;

export function kitchenService(database: Database): KitchenService {
  const rows = kitchenModel(database.sequelize);

  const read = async (): Promise<Kitchen> => {
    const row = await rows.findByPk(THE_ONE);
    if (!row) return USUAL_KITCHEN;
    // What is newer than the saved document is filled in as for a new kitchen.
    return kitchenSchema.parse({ ...USUAL_KITCHEN, ...row.document, revision: row.revision });
  };

  const replace = ({ revision, ...document }: Kitchen): Promise<Kitchen> =>
    database.write(async () => {
      const current = await read();
      if (revision !== current.revision) {
        if (isAlready(current, document)) return current;
        throw staleChange('kitchen', current);
      }
      await rows.upsert({ id: THE_ONE, document, revision: revision + 1 });
      return { ...document, revision: revision + 1 };
    });

  return {
    read,
    replace,

    async load({ revision, ...document }) {
      const current = await read();
      // A page that still shows the old kitchen must not pass for up to date.
      const newest = Math.max(revision, current.revision + 1);
      await rows.upsert({ id: THE_ONE, document, revision: newest });
    },

    async exportWeights() {
      const { weights, ingredients } = await read();
      return weightTable(weights, shelfOf(weights, ingredients));
    },

    importWeights: (text, dryRun) =>
      database.write(async () => {
        const kitchen = await read();
        const table = readWeightTable(text, shelfOf(kitchen.weights, kitchen.ingredients));
        const weights = new Map(kitchen.weights.map((weight) => [fillingOf(weight), weight]));
        let ready = 0;
        for (const { value } of table.rows) {
          const key = fillingOf(value);
          if (weights.get(key)?.gramsPerMillilitre === value.gramsPerMillilitre) continue;
          weights.set(key, value);
          ready += 1;
        }
        const reply = { ready, known: table.rows.length - ready, problems: [...table.problems] };
        if (dryRun || ready === 0) return { ...reply, importId: null };
        // More weights than a kitchen holds are refused as a whole.
        await replace(validate(kitchenReplacement, { ...kitchen, weights: [...weights.values()] }));
        return { ...reply, importId: null };
      }),
  };
}

const fillingOf = ({ ingredientId, form, method }: Kitchen['weights'][number]): string =>
  JSON.stringify([ingredientId, form, method]);
