import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { ClassTask } from '@ypsigram/contract/practice';

/** A class: its tasks, and the code by which others join. */
export class ClassRow extends Model<InferAttributes<ClassRow>, InferCreationAttributes<ClassRow>> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare code: string;
  declare name: string;
  declare tasks: ClassTask[];
  declare createdAt: string;
}

/** What somebody weighed. Nothing but the name they typed tells who. */
export class ResultRow extends Model<
  InferAttributes<ResultRow>,
  InferCreationAttributes<ResultRow>
> {
  declare number: CreationOptional<number>;
  declare id: string;
  declare classId: string;
  declare taskId: string;
  declare name: string;
  declare grams: number;
  declare at: string;
}

const number = { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true };
const text = () => ({ type: DataTypes.TEXT, allowNull: false });

export const classModel = (sequelize: Sequelize): ModelStatic<ClassRow> =>
  sequelize.define<ClassRow>(
    'class',
    {
      number: { ...number },
      id: text(),
      code: text(),
      name: text(),
      tasks: { type: DataTypes.JSON, allowNull: false },
      createdAt: { ...text(), field: 'created_at' },
    },
    { tableName: 'classes', timestamps: false },
  );

export const resultModel = (sequelize: Sequelize): ModelStatic<ResultRow> =>
  sequelize.define<ResultRow>(
    'classResult',
    {
      number: { ...number },
      id: text(),
      classId: { ...text(), field: 'class_id' },
      taskId: { ...text(), field: 'task_id' },
      name: text(),
      grams: { type: DataTypes.DOUBLE, allowNull: false },
      at: text(),
    },
    { tableName: 'class_results', timestamps: false },
  );
