import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';

/** A photo, and the name that its picture is found by. */
export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare picture: string;
  declare width: number;
  declare height: number;
}

export const photoModel = (sequelize: Sequelize): ModelStatic<PhotoRow> =>
  sequelize.define<PhotoRow>(
    'photo',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: { type: DataTypes.TEXT, allowNull: false },
      picture: { type: DataTypes.TEXT, allowNull: false },
      width: { type: DataTypes.INTEGER, allowNull: false },
      height: { type: DataTypes.INTEGER, allowNull: false },
    },
    { tableName: 'photos', timestamps: false },
  );
