import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import type { PersonKind } from "@/protocol/accounts";
import { key, moment, optional, plainTable, text, yesOrNo } from "./columns";

/** Someone who can sign in. `password` is a salted scrypt hash. */
export class Person extends Model<InferAttributes<Person>, InferCreationAttributes<Person>> {
  declare id: string;
  declare signInName: string;
  declare name: string;
  declare password: string;
  declare kind: CreationOptional<PersonKind>;
  declare joinedAt: CreationOptional<Date>;
  /** Their password was given by a teacher and is to be changed before all else. */
  declare firstPassword: CreationOptional<boolean>;
  declare demo: CreationOptional<boolean>;
  /** When the first tour was ended or passed over; null while it waits. */
  declare tourEndedAt: CreationOptional<Date | null>;
  /** The language that they chose; null while each browser goes by its own. */
  declare language: CreationOptional<string | null>;
}

export function definePerson(sequelize: Sequelize): void {
  Person.init(
    {
      id: key(),
      signInName: text(),
      name: text(),
      password: text(),
      kind: { ...text(), defaultValue: "student" },
      joinedAt: { ...moment(), defaultValue: DataTypes.NOW },
      firstPassword: yesOrNo(),
      demo: yesOrNo(),
      tourEndedAt: optional.moment(),
      language: optional.text(),
    },
    { ...plainTable, sequelize, modelName: "Person", tableName: "people" },
  );
}
