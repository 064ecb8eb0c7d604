import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Timer } from '@ypsigram/contract/oven';

/** A timer: nothing but the moment at which it rings. */
export class TimerRow extends Model<InferAttributes<TimerRow>, InferCreationAttributes<TimerRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare name: string;
  declare bakeId: string | null;
  declare recipeId: string | null;
  declare startedAt: string;
  declare endsAt: string;
  declare awaits: Timer['awaits'];
  declare stoppedAt: CreationOptional<string | null>;
}

const text = () => ({ type: DataTypes.TEXT, allowNull: false });

export const timerModel = (sequelize: Sequelize): ModelStatic<TimerRow> =>
  sequelize.define<TimerRow>(
    'timer',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      name: text(),
      bakeId: { type: DataTypes.TEXT, field: 'bake_id' },
      recipeId: { type: DataTypes.TEXT, field: 'recipe_id' },
      startedAt: { ...text(), field: 'started_at' },
      endsAt: { ...text(), field: 'ends_at' },
      awaits: { type: DataTypes.JSON },
      stoppedAt: { type: DataTypes.TEXT, field: 'stopped_at' },
    },
    { tableName: 'timers', timestamps: false },
  );
