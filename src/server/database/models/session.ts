import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import { key, moment, plainTable, text } from "./columns";
import { Person } from "./person";

/** A signed-in browser; only a hash of its token is kept. */
export class Session extends Model<InferAttributes<Session>, InferCreationAttributes<Session>> {
  declare tokenHash: string;
  declare personId: string;
  declare expiresAt: Date;
  /** By which its person knows it. */
  declare id: string;
  declare browser: string;
  declare openedAt: CreationOptional<Date>;
  /** When it last asked for something, to the hour. */
  declare seenAt: CreationOptional<Date>;
  /** Who signed in, where it was asked for. */
  declare person?: NonAttribute<Person>;
}

export function defineSession(sequelize: Sequelize): void {
  Session.init(
    {
      tokenHash: key(),
      personId: text(),
      expiresAt: moment(),
      id: text(),
      browser: text(),
      openedAt: { ...moment(), defaultValue: DataTypes.NOW },
      seenAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "Session", tableName: "sessions" },
  );
  Session.belongsTo(Person, { as: "person", foreignKey: "personId" });
}
