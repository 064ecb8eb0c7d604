import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { Bake, BakeReadingReply, BakeSummary } from '@ypsigram/contract';
import type { BakeOutcome } from '@ypsigram/core/log';

/** A bake: its plan as it was begun, and how far it is. */
export class BakeRow extends Model<InferAttributes<BakeRow>, InferCreationAttributes<BakeRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare recipeId: string;
  declare recipeRevision: number;
  declare handId: string | null;
  declare plan: Bake['plan'];
  declare begunAt: string;
  declare changedAt: string;
  declare title: string;
  declare factor: string;
  declare makes: BakeSummary['makes'];
  declare stage: Bake['stage'];
  declare ready: number;
  declare lineCount: number;
  declare rating: CreationOptional<number | null>;
  declare isGood: CreationOptional<boolean>;
  declare isWasted: CreationOptional<boolean>;
  declare symptoms: CreationOptional<BakeSummary['symptoms']>;
  declare note: CreationOptional<string>;
  declare photo: CreationOptional<string | null>;
  declare readyAt: CreationOptional<string | null>;
  declare oven: CreationOptional<BakeSummary['oven']>;
  declare outcome: CreationOptional<BakeOutcome | null>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** Something that was done at a bake. */
export class BakeReadingRow extends Model<
  InferAttributes<BakeReadingRow>,
  InferCreationAttributes<BakeReadingRow>
> {
  declare sequence: CreationOptional<number>;
  declare id: string;
  declare bakeId: string;
  declare at: string;
  declare order: CreationOptional<number | null>;
  declare device: string;
  declare handId: string | null;
  declare act: BakeReadingReply['act'];
}

const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const whole = () => ({ type: DataTypes.INTEGER, allowNull: false });

/** The model on this connection. Deleted rows stay, so that they can be restored. */
export function bakeModel(sequelize: Sequelize): ModelStatic<BakeRow> {
  return sequelize.define<BakeRow>(
    'bake',
    {
      number: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      recipeId: { ...text(), field: 'recipe_id' },
      recipeRevision: { ...whole(), field: 'recipe_revision' },
      handId: { type: DataTypes.TEXT, field: 'hand_id' },
      plan: { type: DataTypes.JSON, allowNull: false },
      begunAt: { ...text(), field: 'begun_at' },
      changedAt: { ...text(), field: 'changed_at' },
      title: text(),
      factor: text(),
      makes: {
        type: DataTypes.JSON,
        // The column was made for a text: what is read from it is one.
        get(this: BakeRow) {
          const kept: unknown = this.getDataValue('makes');
          return typeof kept === 'string' ? (JSON.parse(kept) as BakeSummary['makes']) : kept;
        },
      },
      stage: text(),
      ready: whole(),
      lineCount: { ...whole(), field: 'line_count' },
      rating: { type: DataTypes.INTEGER },
      isGood: { type: DataTypes.BOOLEAN, allowNull: false, field: 'is_good', defaultValue: false },
      isWasted: {
        type: DataTypes.BOOLEAN,
        allowNull: false,
        field: 'is_wasted',
        defaultValue: false,
      },
      symptoms: { type: DataTypes.JSON, allowNull: false, defaultValue: [] },
      note: { ...text(), defaultValue: '' },
      photo: { type: DataTypes.TEXT },
      readyAt: { type: DataTypes.TEXT, field: 'ready_at' },
      oven: { type: DataTypes.JSON },
      outcome: { type: DataTypes.JSON },
      deletedAt: { type: DataTypes.DATE, field: 'deleted_at' },
    },
    { tableName: 'bakes', paranoid: true, createdAt: false, updatedAt: false },
  );
}

/** What was done, in the order it was received. Rows are only ever added. */
export function bakeReadingModel(sequelize: Sequelize): ModelStatic<BakeReadingRow> {
  return sequelize.define<BakeReadingRow>(
    'bakeReading',
    {
      sequence: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: text(),
      bakeId: { ...text(), field: 'bake_id' },
      at: text(),
      order: { type: DataTypes.INTEGER, field: 'logical' },
      device: text(),
      handId: { type: DataTypes.TEXT, field: 'hand_id' },
      act: { type: DataTypes.JSON, allowNull: false },
    },
    { tableName: 'bake_readings', timestamps: false },
  );
}
