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
  /** About how long the document is; null where nobody has measured it. */
  declare letters: CreationOptional<number | null>;
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
  declare windowId: string | null;
  declare deviceId: string | null;
  /** The newest revision on the screen where it was made. */
  declare madeOn: number | null;
  /** Whether it took the place of what somebody else had done meanwhile. */
  declare replaces: CreationOptional<boolean>;
}

/** One part of a long edit that is still on its way. */
export class EditPart extends Model {
  declare investigationId: string;
  declare authorId: string;
  declare editId: string;
  declare part: number;
  declare text: string;
  declare receivedAt: Date;
}

/** What one side is to be told of work that was replaced. */
export class Replacement extends Model {
  declare id: CreationOptional<number>;
  declare investigationId: string;
  declare personId: string;
  declare deviceId: string;
  declare side: string;
  declare path: (string | number)[];
  declare was: unknown;
  declare back: unknown;
  declare otherId: string | null;
  declare madeAt: Date;
}

/** Sequelize writes into the attributes that it is given, so each column gets its own. */
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const moment = () => ({ type: DataTypes.DATE, allowNull: false });
const whole = () => ({ type: DataTypes.INTEGER, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });
const key = () => ({ ...text(), primaryKey: true });

const shared = { underscored: true, timestamps: false };

/** What is kept only until it has arrived. */
function defineOnTheWay(sequelize: Sequelize): void {
  EditPart.init(
    {
      investigationId: key(),
      authorId: key(),
      editId: key(),
      part: { ...whole(), primaryKey: true },
      text: text(),
      receivedAt: moment(),
    },
    { ...shared, sequelize, tableName: "edit_parts" },
  );
  Replacement.init(
    {
      id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
      investigationId: text(),
      personId: text(),
      deviceId: text(),
      side: text(),
      path: json(),
      was: { type: DataTypes.JSONB },
      back: json(),
      otherId: { type: DataTypes.TEXT },
      madeAt: moment(),
    },
    { ...shared, sequelize, tableName: "replacements" },
  );
}

function defineModels(sequelize: Sequelize): void {
  Person.init(
    {
      id: key(),
      signInName: text(),
      name: text(),
      password: text(),
      demo: { type: DataTypes.BOOLEAN },
      tourEndedAt: { type: DataTypes.DATE },
    },
    { ...shared, sequelize, tableName: "people" },
  );
  Session.init(
    { tokenHash: key(), personId: text(), expiresAt: moment() },
    { ...shared, sequelize, tableName: "sessions" },
  );
  StoredInvestigation.init(
    {
      id: key(),
      ownerId: text(),
      title: text(),
      revision: whole(),
      document: json(),
      letters: { type: DataTypes.INTEGER },
      deletedAt: { type: DataTypes.DATE },
    },
    { ...shared, sequelize, timestamps: true, tableName: "investigations" },
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
      windowId: { type: DataTypes.TEXT },
      deviceId: { type: DataTypes.TEXT },
      madeOn: { type: DataTypes.INTEGER },
      replaces: { type: DataTypes.BOOLEAN },
    },
    { ...shared, sequelize, tableName: "edits" },
  );
  defineOnTheWay(sequelize);
}

let defined: Sequelize | undefined;

/** The models, tied to this process's connection pool. */
export function models() {
  const sequelize = database();
  if (defined !== sequelize) {
    defineModels(sequelize);
    defined = sequelize;
  }
  return { sequelize, Person, Session, StoredInvestigation, StoredEdit, EditPart, Replacement };
}
