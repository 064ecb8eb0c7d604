import { UniqueConstraintError, type Sequelize } from 'sequelize';
import { NEW_KITCHEN, type Kitchen } from '@ypsigram/contract';
import { ProblemError } from '../../http/problem.js';
import { kitchenModel } from './model.js';

/** The tools of this kitchen. */
export interface KitchenService {
  /** The kitchen as it is; the usual one, at revision 0, until something was chosen. */
  read(): Promise<Kitchen>;
  /** @throws ProblemError 409 when the revision is not the newest. */
  replace(kitchen: Kitchen): Promise<Kitchen>;
}

const THE_ONE = 1;

export function kitchenService(sequelize: Sequelize): KitchenService {
  const rows = kitchenModel(sequelize);

  const read = async (): Promise<Kitchen> => {
    const row = await rows.findByPk(THE_ONE);
    // What is newer than the saved document is filled in as for a new kitchen.
    return row ? { ...NEW_KITCHEN, ...row.document, revision: row.revision } : NEW_KITCHEN;
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

  return {
    read,
    async replace(kitchen) {
      const isWritten = await write(kitchen);
      const current = await read();
      if (isWritten) return current;
      throw new ProblemError(
        409,
        'The drawer was changed in another window meanwhile. Look at it again, then repeat your change.',
        { field: 'revision', theirs: current },
      );
    },
  };
}
