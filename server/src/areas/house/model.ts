import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';

/** A device that was let in. Its token is known to itself only; here is the hash of it. */
export class DeviceRow extends Model<
  InferAttributes<DeviceRow>,
  InferCreationAttributes<DeviceRow>
> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare name: string;
  declare tokenHash: string;
  declare pairedAt: string;
  declare lastSeenAt: string;
  declare deletedAt: CreationOptional<Date | null>;
}

const text = () => ({ type: DataTypes.TEXT, allowNull: false });

export const deviceModel = (sequelize: Sequelize): ModelStatic<DeviceRow> =>
  sequelize.define<DeviceRow>(
    'device',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      name: text(),
      tokenHash: { ...text(), field: 'token_hash' },
      pairedAt: { ...text(), field: 'paired_at' },
      lastSeenAt: { ...text(), field: 'last_seen_at' },
      deletedAt: { type: DataTypes.DATE, field: 'deleted_at' },
    },
    { tableName: 'devices', paranoid: true, createdAt: false, updatedAt: false },
  );
