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

/** A saved recipe. Batch and methods are kept as JSON; ingredient names only for the search. */
export class RecipeRow extends Model<
  InferAttributes<RecipeRow>,
  InferCreationAttributes<RecipeRow>
> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare title: string;
  declare text: string;
  declare standard: Recipe['standard'];
  declare batch: Recipe['batch'];
  declare methods: Recipe['methods'];
  declare ingredients: string;
  declare revision: number;
  declare createdAt: string;
  declare updatedAt: string;
  declare deletedAt: string | null;
}

/** The model on this connection. */
export function recipeModel(sequelize: Sequelize): ModelStatic<RecipeRow> {
  return sequelize.define<RecipeRow>(
    'recipe',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: { type: DataTypes.TEXT, allowNull: false },
      title: { type: DataTypes.TEXT, allowNull: false },
      text: { type: DataTypes.TEXT, allowNull: false },
      standard: { type: DataTypes.TEXT, allowNull: false },
      batch: { type: DataTypes.JSON, allowNull: false },
      methods: { type: DataTypes.JSON, allowNull: false },
      ingredients: { type: DataTypes.TEXT, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      createdAt: { type: DataTypes.TEXT, allowNull: false, field: 'created_at' },
      updatedAt: { type: DataTypes.TEXT, allowNull: false, field: 'updated_at' },
      deletedAt: { type: DataTypes.TEXT, field: 'deleted_at' },
    },
    { tableName: 'recipes', timestamps: false },
  );
}
