import { type CreationOptional, DataTypes, Model, type Sequelize } from "sequelize";
import { database } from "./connection";

/** Someone who can sign in. `password` is a salted scrypt hash. */
export class Person extends Model {
  declare id: string;
  declare signInName: string;
  declare name: string;
  declare password: string;
  declare demo: boolean;
  /** When the first tour was ended or passed over; null while it waits. */
  declare tourEndedAt: CreationOptional<Date | null>;
}

/** A signed-in browser; only a hash of its token is kept. */
export class Session extends Model {
  declare tokenHash: string;
  declare personId: string;
  declare expiresAt: Date;
}

/** An investigation at its newest revision. */
export class StoredInvestigation extends Model {
  declare id: string;
  declare ownerId: string;
  declare title: string;
  declare revision: number;
  declare document: unknown;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  /** When it was taken off the shelf; null while it stands there. */
  declare deletedAt: Date | null;
}

/** One line of the edit log. */
export class StoredEdit extends Model {
  declare investigationId: string;
  declare revision: number;
  declare id: string;
  declare authorId: string;
  declare act: string;
  declare patches: unknown;
  declare inverse: unknown;
  declare madeAt: Date;
}

/** Sequelize writes into the attributes that it is given, so each column gets its own. */
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const moment = () => ({ type: DataTypes.DATE, allowNull: false });
const whole = () => ({ type: DataTypes.INTEGER, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });
const key = () => ({ ...text(), primaryKey: true });

function defineModels(sequelize: Sequelize): void {
  const shared = { sequelize, underscored: true, timestamps: false };
  Person.init(
    {
      id: key(),
      signInName: text(),
      name: text(),
      password: text(),
      demo: { type: DataTypes.BOOLEAN },
      tourEndedAt: { type: DataTypes.DATE },
    },
    { ...shared, tableName: "people" },
  );
  Session.init(
    { tokenHash: key(), personId: text(), expiresAt: moment() },
    { ...shared, tableName: "sessions" },
  );
  StoredInvestigation.init(
    {
      id: key(),
      ownerId: text(),
      title: text(),
      revision: whole(),
      document: json(),
      deletedAt: { type: DataTypes.DATE },
    },
    { ...shared, timestamps: true, tableName: "investigations" },
  );
  StoredEdit.init(
    {
      investigationId: key(),
      revision: { ...whole(), primaryKey: true },
      id: text(),
      authorId: text(),
      act: text(),
      patches: json(),
      inverse: json(),
      madeAt: moment(),
    },
    { ...shared, tableName: "edits" },
  );
}

let defined: Sequelize | undefined;

/** The models, tied to this process's connection pool. */
export function models() {
  const sequelize = database();
  if (defined !== sequelize) {
    defineModels(sequelize);
    defined = sequelize;
  }
  return { sequelize, Person, Session, StoredInvestigation, StoredEdit };
}
