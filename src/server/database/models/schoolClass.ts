import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import type { ClassHouse } from "@/protocol/classes";
import { key, moment, optional, plainTable, text } from "./columns";

/** A class: its people, and the code by which students join it. */
export class SchoolClass extends Model<
  InferAttributes<SchoolClass>,
  InferCreationAttributes<SchoolClass>
> {
  declare id: string;
  declare name: string;
  /** As it is compared: capitals and digits alone. */
  declare joiningCode: string;
  declare joiningOpen: CreationOptional<boolean>;
  /** Null while the class goes on. */
  declare archivedAt: CreationOptional<Date | null>;
  /** The IANA name of the zone in which its times are meant. */
  declare timeZone: CreationOptional<string>;
  /** With which experiments begin; null for the ready rules. */
  declare house: CreationOptional<ClassHouse | null>;
  declare createdAt: CreationOptional<Date>;
}

export function defineSchoolClass(sequelize: Sequelize): void {
  SchoolClass.init(
    {
      id: key(),
      name: text(),
      joiningCode: text(),
      joiningOpen: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
      archivedAt: optional.moment(),
      timeZone: { ...text(), defaultValue: "UTC" },
      house: optional.json(),
      createdAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "SchoolClass", tableName: "classes" },
  );
}
