import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Kitchen } from '@ypsigram/contract';

/** The one kitchen. */
export class KitchenRow extends Model<
  InferAttributes<KitchenRow>,
  InferCreationAttributes<KitchenRow>
> {
  declare id: number;
  declare document: Omit<Kitchen, 'revision'>;
  declare revision: number;
}

/** The model on this connection. */
export function kitchenModel(sequelize: Sequelize): ModelStatic<KitchenRow> {
  return sequelize.define<KitchenRow>(
    'kitchen',
    {
      id: { type: DataTypes.INTEGER, primaryKey: true },
      document: { type: DataTypes.JSON, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
    },
    { tableName: 'kitchen', timestamps: false },
  );
}
