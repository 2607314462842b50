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
import { StoredInvestigation } from "./storedInvestigation";

/** A link that only reads an investigation. */
export class ReadingCopy extends Model<
  InferAttributes<ReadingCopy>,
  InferCreationAttributes<ReadingCopy>
> {
  declare id: string;
  declare tokenHash: string;
  declare investigationId: string;
  declare madeBy: CreationOptional<string | null>;
  declare madeAt: CreationOptional<Date>;
  /** The revision that is shown; null for the newest. */
  declare revision: CreationOptional<number | null>;
  /** The document as it was; null for the newest. */
  declare document: unknown;
  /** Null where it does not run out. */
  declare expiresAt: CreationOptional<Date | null>;
  declare revokedAt: CreationOptional<Date | null>;
  declare openings: CreationOptional<number>;
  /** Where it was asked for. */
  declare investigation?: NonAttribute<StoredInvestigation>;
}

export function defineReadingCopy(sequelize: Sequelize): void {
  ReadingCopy.init(
    {
      id: key(),
      tokenHash: text(),
      investigationId: text(),
      madeBy: optional.text(),
      madeAt: { ...moment(), defaultValue: DataTypes.NOW },
      revision: optional.whole(),
      document: optional.json(),
      expiresAt: optional.moment(),
      revokedAt: optional.moment(),
      openings: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
    },
    { ...plainTable, sequelize, modelName: "ReadingCopy", tableName: "reading_copies" },
  );
  ReadingCopy.belongsTo(StoredInvestigation, {
    as: "investigation",
    foreignKey: "investigationId",
  });
}
