import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import { key, moment, optional, plainTable, text } from "./columns";
import { Person } from "./person";

/** What somebody answered to a remark. */
export class RemarkAnswer extends Model<
  InferAttributes<RemarkAnswer>,
  InferCreationAttributes<RemarkAnswer>
> {
  declare id: string;
  declare remarkId: string;
  /** Null once their account is gone. */
  declare authorId: string | null;
  declare text: string;
  declare madeAt: CreationOptional<Date>;
  /** Where they were asked for. */
  declare author?: NonAttribute<Person | null>;
}

export function defineRemarkAnswer(sequelize: Sequelize): void {
  RemarkAnswer.init(
    {
      id: key(),
      remarkId: text(),
      authorId: optional.text(),
      text: text(),
      madeAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "RemarkAnswer", tableName: "remark_answers" },
  );
  RemarkAnswer.belongsTo(Person, { as: "author", foreignKey: "authorId" });
}
