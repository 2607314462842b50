import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { json, key, moment, optional, plainTable, text, whole } from "./columns";
import { Person } from "./person";

/** An investigation: its newest revision, and its document as it was at that one or at one shortly before (`wholeDocument`). */
export class StoredInvestigation extends Model<
  InferAttributes<StoredInvestigation>,
  InferCreationAttributes<StoredInvestigation>
> {
  declare id: string;
  /** Null where it is a bench's. */
  declare ownerId: CreationOptional<string | null>;
  declare title: string;
  declare revision: number;
  declare document: unknown;
  /** Up to which revision the document says what was done; the log has the rest. */
  declare documentRevision: CreationOptional<number>;
  /** About how long the document is; null where nobody has measured it. */
  declare letters: CreationOptional<number | null>;
  /** Up to which revision the log is folded. */
  declare foldedTo: CreationOptional<number>;
  /** Whether its document is a brief: the database reads it from there. */
  declare readonly isBrief: CreationOptional<boolean>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  /** When it was taken off the shelf; null while it stands there. */
  declare deletedAt: CreationOptional<Date | null>;
}

export function defineStoredInvestigation(sequelize: Sequelize): void {
  StoredInvestigation.init(
    {
      id: key(),
      ownerId: optional.text(),
      title: text(),
      revision: whole(),
      document: json(),
      documentRevision: { ...whole(), defaultValue: 0 },
      letters: optional.whole(),
      foldedTo: { ...whole(), defaultValue: 0 },
      isBrief: { type: DataTypes.BOOLEAN },
      createdAt: moment(),
      updatedAt: moment(),
      deletedAt: optional.moment(),
    },
    {
      ...plainTable,
      sequelize,
      modelName: "StoredInvestigation",
      timestamps: true,
      tableName: "investigations",
    },
  );
  StoredInvestigation.belongsTo(Person, { as: "owner", foreignKey: "ownerId" });
}
