import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Recipe } from '@ypsigram/contract';

/** Recipes that came in together: which were made, and what stood where others were replaced. */
export class ImportRow extends Model<
  InferAttributes<ImportRow>,
  InferCreationAttributes<ImportRow>
> {
  declare id: string;
  declare at: string;
  declare created: { id: string; revision: number }[];
  declare replaced: { before: Recipe; revision: number }[];
}

/** The model on this connection. */
export function importModel(sequelize: Sequelize): ModelStatic<ImportRow> {
  return sequelize.define<ImportRow>(
    'import',
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      at: { type: DataTypes.TEXT, allowNull: false },
      created: { type: DataTypes.JSON, allowNull: false },
      replaced: { type: DataTypes.JSON, allowNull: false },
    },
    { tableName: 'imports', timestamps: false },
  );
}
