import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { TrialRecord } from '@ypsigram/contract';

/** A fill that was weighed. */
export class TrialRow extends Model<InferAttributes<TrialRow>, InferCreationAttributes<TrialRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare handId: string;
  declare ingredientId: string;
  declare form: string | null;
  declare method: TrialRecord['method'];
  declare tool: string;
  declare millilitres: number;
  declare grams: number;
  declare at: string;
  declare source: TrialRecord['source'];
  declare conditions: string;
  declare verdict: TrialRecord['verdict'];
  declare importId: string | null;
  declare revision: number;
  declare deletedAt: CreationOptional<Date | null>;
}

/** The model on this connection. Deleted rows stay, so that they can be restored. */
export function trialModel(sequelize: Sequelize): ModelStatic<TrialRow> {
  // A description of its own for each column: the library writes into them.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false });
  const figure = () => ({ type: DataTypes.DOUBLE, allowNull: false });
  return sequelize.define<TrialRow>(
    'trial',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      handId: { ...text(), field: 'hand_id' },
      ingredientId: { ...text(), field: 'ingredient_id' },
      form: { type: DataTypes.TEXT },
      method: text(),
      tool: text(),
      millilitres: figure(),
      grams: figure(),
      at: text(),
      source: text(),
      conditions: text(),
      verdict: { type: DataTypes.TEXT },
      importId: { type: DataTypes.TEXT, field: 'import_id' },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      deletedAt: { type: DataTypes.DATE, field: 'deleted_at' },
    },
    {
      tableName: 'trials',
      paranoid: true,
      createdAt: false,
      updatedAt: false,
      version: 'revision',
    },
  );
}
