import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Backup } from '@ypsigram/contract';

/** What was here before a backup was restored. */
export class SafetyCopyRow extends Model<
  InferAttributes<SafetyCopyRow>,
  InferCreationAttributes<SafetyCopyRow>
> {
  declare id: string;
  declare at: string;
  declare document: Backup;
}

/** The model on this connection. */
export function safetyCopyModel(sequelize: Sequelize): ModelStatic<SafetyCopyRow> {
  return sequelize.define<SafetyCopyRow>(
    'safetyCopy',
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      at: { type: DataTypes.TEXT, allowNull: false },
      document: { type: DataTypes.JSON, allowNull: false },
    },
    { tableName: 'safety_copies', timestamps: false },
  );
}
