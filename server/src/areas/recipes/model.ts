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

/** A saved recipe. Batch, methods, balance, answers and photos are kept as JSON; ingredient names only for the search. */
export class RecipeRow extends Model<
  InferAttributes<RecipeRow>,
  InferCreationAttributes<RecipeRow>
> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare title: string;
  declare text: string;
  declare standard: Recipe['standard'];
  declare authorId: string | null;
  declare batch: Recipe['batch'];
  declare methods: Recipe['methods'];
  declare balance: Recipe['balance'];
  declare answers: Recipe['answers'];
  declare photos: CreationOptional<Recipe['photos']>;
  declare ingredients: string;
  declare revision: number;
  declare createdAt: string;
  declare updatedAt: string;
  declare deletedAt: CreationOptional<Date | null>;
}

/** The model on this connection. Deleted rows stay, so that they can be restored. */
export function recipeModel(sequelize: Sequelize): ModelStatic<RecipeRow> {
  return sequelize.define<RecipeRow>(
    'recipe',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: { type: DataTypes.TEXT, allowNull: false },
      title: { type: DataTypes.TEXT, allowNull: false },
      text: { type: DataTypes.TEXT, allowNull: false },
      standard: { type: DataTypes.TEXT, allowNull: false },
      authorId: { type: DataTypes.TEXT, field: 'author_id' },
      batch: { type: DataTypes.JSON, allowNull: false },
      methods: { type: DataTypes.JSON, allowNull: false },
      balance: { type: DataTypes.JSON, allowNull: false },
      answers: { type: DataTypes.JSON, allowNull: false },
      photos: { type: DataTypes.JSON, allowNull: false, defaultValue: [] },
      ingredients: { type: DataTypes.TEXT, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      createdAt: { type: DataTypes.TEXT, allowNull: false, field: 'created_at' },
      updatedAt: { type: DataTypes.TEXT, allowNull: false, field: 'updated_at' },
      deletedAt: { type: DataTypes.DATE, field: 'deleted_at' },
    },
    // When a text was written is told by the clock that is handed in, and copied into versions.
    {
      tableName: 'recipes',
      paranoid: true,
      createdAt: false,
      updatedAt: false,
      version: 'revision',
    },
  );
}
