import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Recipe } from '@ypsigram/contract';

/** Recipes that came in together. */
export class ImportRow extends Model<
  InferAttributes<ImportRow>,
  InferCreationAttributes<ImportRow>
> {
  declare id: string;
  declare at: string;
  /** False while it comes in or is taken back: after a crash the rest is taken back. */
  declare isWhole: boolean;
}

/** A recipe that came in, and what stood in its place; null where it is new. */
export class ImportedRow extends Model<
  InferAttributes<ImportedRow>,
  InferCreationAttributes<ImportedRow>
> {
  declare number: CreationOptional<number>;
  declare importId: string;
  declare recipeId: string;
  /** As the import left it: one that was changed since stays. */
  declare revision: number;
  declare before: Recipe | null;
}

/** The models on this connection. */
export function importModels(sequelize: Sequelize): {
  imports: ModelStatic<ImportRow>;
  imported: ModelStatic<ImportedRow>;
} {
  const imports = sequelize.define<ImportRow>(
    'import',
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      at: { type: DataTypes.TEXT, allowNull: false },
      isWhole: { type: DataTypes.BOOLEAN, allowNull: false },
    },
    { tableName: 'imports', timestamps: false, underscored: true },
  );
  const imported = sequelize.define<ImportedRow>(
    'imported',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      importId: { type: DataTypes.TEXT, allowNull: false },
      recipeId: { type: DataTypes.TEXT, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      before: { type: DataTypes.JSON, allowNull: true },
    },
    { tableName: 'imported_recipes', timestamps: false, underscored: true },
  );
  return { imports, imported };
}
