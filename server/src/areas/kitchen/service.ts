import { UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import {
  NEW_KITCHEN,
  kitchen as kitchenSchema,
  kitchenReplacement,
  shelfOfKitchen,
  type ImportReply,
  type Kitchen,
} from '@ypsigram/contract';
import { readWeightTable, weightTable } from '@ypsigram/contract/tables';
import { staleChange } from '../../http/problem.js';
import { validate } from '../../http/validate.js';
import { kitchenModel } from './model.js';

/** The tools of this kitchen. */
export interface KitchenService {
  /** The kitchen as it is; the usual one, at revision 0, until something was chosen. */
  read(): Promise<Kitchen>;
  /** @throws ProblemError 409 when the revision is not the newest. */
  replace(kitchen: Kitchen): Promise<Kitchen>;
  /** Puts another kitchen in the place of this one, as part of a larger change. */
  load(kitchen: Kitchen, transaction: Transaction): Promise<void>;
  exportWeights(): Promise<string>;
  /** Own weights of a table stand before those that are here. */
  importWeights(text: string, dryRun: boolean): Promise<ImportReply>;
}

const THE_ONE = 1;

export function kitchenService(sequelize: Sequelize): KitchenService {
  const rows = kitchenModel(sequelize);

  const read = async (): Promise<Kitchen> => {
    const row = await rows.findByPk(THE_ONE);
    if (!row) return NEW_KITCHEN;
    // What is newer than the saved document is filled in as for a new kitchen.
    return kitchenSchema.parse({ ...NEW_KITCHEN, ...row.document, revision: row.revision });
  };

  /** Whether the change went in: one statement, so that of two at once only one does. */
  const write = async ({ revision, ...document }: Kitchen): Promise<boolean> => {
    if (revision > 0) {
      const [changed] = await rows.update(
        { document, revision: revision + 1 },
        { where: { id: THE_ONE, revision } },
      );
      return changed > 0;
    }
    try {
      await rows.create({ id: THE_ONE, document, revision: 1 });
      return true;
    } catch (error) {
      if (error instanceof UniqueConstraintError) return false;
      throw error;
    }
  };

  const replace = async (kitchen: Kitchen): Promise<Kitchen> => {
    const isWritten = await write(kitchen);
    const current = await read();
    if (isWritten) return current;
    throw staleChange('kitchen', current);
  };

  return {
    read,
    replace,

    async load({ revision, ...document }, transaction) {
      const current = await read();
      // A page that still shows the old kitchen must not pass for up to date.
      const isNewer = revision > current.revision;
      await rows.upsert(
        { id: THE_ONE, document, revision: isNewer ? revision : current.revision + 1 },
        { transaction },
      );
    },

    async exportWeights() {
      const kitchen = await read();
      return weightTable(kitchen.weights, shelfOfKitchen(kitchen));
    },

    async importWeights(text, dryRun) {
      const kitchen = await read();
      const table = readWeightTable(text, shelfOfKitchen(kitchen));
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
    },
  };
}

const fillingOf = ({ ingredientId, form, method }: Kitchen['weights'][number]): string =>
  JSON.stringify([ingredientId, form, method]);
