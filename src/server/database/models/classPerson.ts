import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import type { PersonKind } from "@/protocol/accounts";
import { key, moment, plainTable, text } from "./columns";
import { Person } from "./person";
import { SchoolClass } from "./schoolClass";

/** Somebody in a class, as one of its teachers or of its students. */
export class ClassPerson extends Model<
  InferAttributes<ClassPerson>,
  InferCreationAttributes<ClassPerson>
> {
  declare classId: string;
  declare personId: string;
  declare role: PersonKind;
  declare joinedAt: CreationOptional<Date>;
  /** Where they were asked for. */
  declare person?: NonAttribute<Person>;
  declare schoolClass?: NonAttribute<SchoolClass>;
}

export function defineClassPerson(sequelize: Sequelize): void {
  ClassPerson.init(
    {
      classId: key(),
      personId: key(),
      role: text(),
      joinedAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "ClassPerson", tableName: "class_people" },
  );
  ClassPerson.belongsTo(Person, { as: "person", foreignKey: "personId" });
  ClassPerson.belongsTo(SchoolClass, { as: "schoolClass", foreignKey: "classId" });
}
