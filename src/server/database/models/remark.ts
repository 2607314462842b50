import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import type { StageId } from "@/investigation/model/stage";
import type { RemarkSpot } from "@/protocol/remarks";
import { key, moment, optional, plainTable, text } from "./columns";
import { Person } from "./person";
import { RemarkAnswer } from "./remarkAnswer";

/** What a teacher remarks on a thing in the sheet of a bench. */
export class Remark extends Model<InferAttributes<Remark>, InferCreationAttributes<Remark>> {
  declare id: string;
  declare benchId: string;
  /** Null once their account is gone. */
  declare authorId: string | null;
  declare stage: StageId;
  declare place: string;
  /** Where on a figure; null elsewhere. */
  declare at: CreationOptional<RemarkSpot | null>;
  declare quote: string;
  declare text: string;
  declare madeAt: CreationOptional<Date>;
  /** Since when the bench sees it; null until it is given back. */
  declare shownAt: CreationOptional<Date | null>;
  /** When the bench marked it as done; null until then. */
  declare doneAt: CreationOptional<Date | null>;
  /** Where they were asked for. */
  declare author?: NonAttribute<Person | null>;
  declare answers?: NonAttribute<RemarkAnswer[]>;
}

export function defineRemark(sequelize: Sequelize): void {
  Remark.init(
    {
      id: key(),
      benchId: text(),
      authorId: optional.text(),
      stage: text(),
      place: text(),
      at: optional.json(),
      quote: text(),
      text: text(),
      madeAt: { ...moment(), defaultValue: DataTypes.NOW },
      shownAt: optional.moment(),
      doneAt: optional.moment(),
    },
    { ...plainTable, sequelize, modelName: "Remark", tableName: "remarks" },
  );
  Remark.belongsTo(Person, { as: "author", foreignKey: "authorId" });
  Remark.hasMany(RemarkAnswer, { as: "answers", foreignKey: "remarkId" });
}
