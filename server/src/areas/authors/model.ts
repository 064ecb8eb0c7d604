import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Author } from '@ypsigram/contract';

/** An author: a book, a notebook, a relative. */
export class AuthorRow extends Model<
  InferAttributes<AuthorRow>,
  InferCreationAttributes<AuthorRow>
> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare name: string;
  declare kind: Author['kind'];
  declare standard: Author['standard'];
  declare note: string;
  declare conventions: Author['conventions'];
  declare answers: Author['answers'];
  declare revision: number;
  declare deletedAt: CreationOptional<Date | null>;
}

/** The model on this connection. Deleted rows stay, so that they can be restored. */
export function authorModel(sequelize: Sequelize): ModelStatic<AuthorRow> {
  // A description of its own for each column: the library writes into them.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false });
  return sequelize.define<AuthorRow>(
    'author',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      name: text(),
      kind: text(),
      standard: text(),
      note: text(),
      conventions: { type: DataTypes.JSON, allowNull: false },
      answers: { type: DataTypes.JSON, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      deletedAt: { type: DataTypes.DATE, field: 'deleted_at' },
    },
    {
      tableName: 'authors',
      paranoid: true,
      createdAt: false,
      updatedAt: false,
      version: 'revision',
    },
  );
}
