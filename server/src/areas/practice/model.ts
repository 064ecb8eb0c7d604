import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Skill } from '@ypsigram/core/practice';

/** One go at a skill. */
export class TryRow extends Model<InferAttributes<TryRow>, InferCreationAttributes<TryRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare handId: string | null;
  declare skill: Skill;
  declare ingredientId: string | null;
  declare at: string;
  declare off: number | null;
  declare tolerance: number | null;
  declare isGood: boolean;
}

const text = () => ({ type: DataTypes.TEXT, allowNull: false });

export const tryModel = (sequelize: Sequelize): ModelStatic<TryRow> =>
  sequelize.define<TryRow>(
    'practiceTry',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      handId: { type: DataTypes.TEXT, field: 'hand_id' },
      skill: { type: DataTypes.JSON, allowNull: false },
      ingredientId: { type: DataTypes.TEXT, field: 'ingredient_id' },
      at: text(),
      off: { type: DataTypes.DOUBLE },
      tolerance: { type: DataTypes.DOUBLE },
      isGood: { type: DataTypes.BOOLEAN, allowNull: false, field: 'is_good' },
    },
    { tableName: 'practice_tries', timestamps: false },
  );
