import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import type { Judged } from "@/protocol/remarks";
import { Bench } from "./bench";
import { json, key, moment, optional, plainTable, text, whole, yesOrNo } from "./columns";
import { Person } from "./person";

/** One time that a bench handed in. */
export class Handing extends Model<InferAttributes<Handing>, InferCreationAttributes<Handing>> {
  declare benchId: string;
  /** Which time it is, from 1. */
  declare number: number;
  /** The state of the sheet that was handed in. */
  declare revision: number;
  declare handedAt: CreationOptional<Date>;
  /** Null once their account is gone. */
  declare handedBy: string | null;
  declare late: boolean;
  /** When a teacher opened it; null until then. */
  declare openedAt: CreationOptional<Date | null>;
  /** When it went back to the bench; null until then. */
  declare returnedAt: CreationOptional<Date | null>;
  /** Points by the id of the criterion. */
  declare points: CreationOptional<Judged["points"]>;
  declare lastWord: CreationOptional<string>;
  /** Where they were asked for. */
  declare by?: NonAttribute<Person | null>;
}

export function defineHanding(sequelize: Sequelize): void {
  Handing.init(
    {
      benchId: key(),
      number: { ...whole(), primaryKey: true },
      revision: whole(),
      handedAt: { ...moment(), defaultValue: DataTypes.NOW },
      handedBy: optional.text(),
      late: yesOrNo(),
      openedAt: optional.moment(),
      returnedAt: optional.moment(),
      points: { ...json(), defaultValue: {} },
      lastWord: { ...text(), defaultValue: "" },
    },
    { ...plainTable, sequelize, modelName: "Handing", tableName: "handings" },
  );
  Handing.belongsTo(Person, { as: "by", foreignKey: "handedBy" });
  Bench.hasMany(Handing, { as: "handings", foreignKey: "benchId" });
}
