import type { Patch } from "immer";
import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { json, key, moment, optional, plainTable, text, whole, yesOrNo } from "./columns";
import { StoredInvestigation } from "./storedInvestigation";

/** One line of the edit log. */
export class StoredEdit extends Model<
  InferAttributes<StoredEdit>,
  InferCreationAttributes<StoredEdit>
> {
  declare investigationId: string;
  declare revision: number;
  declare id: string;
  /** Null once their account is gone. */
  declare authorId: CreationOptional<string | null>;
  declare act: string;
  declare patches: readonly Patch[];
  declare inverse: readonly Patch[];
  declare madeAt: Date;
  /** By the server's clock. */
  declare receivedAt: CreationOptional<Date>;
  declare windowId: CreationOptional<string | null>;
  declare deviceId: CreationOptional<string | null>;
  /** The newest revision on the screen where it was made. */
  declare madeOn: CreationOptional<number | null>;
  /** Whether it took the place of what somebody else had done meanwhile. */
  declare replaces: CreationOptional<boolean>;
}

export function defineStoredEdit(sequelize: Sequelize): void {
  StoredEdit.init(
    {
      investigationId: key(),
      revision: { ...whole(), primaryKey: true },
      id: text(),
      authorId: optional.text(),
      act: text(),
      patches: json(),
      inverse: json(),
      madeAt: moment(),
      receivedAt: { ...moment(), defaultValue: DataTypes.NOW },
      windowId: optional.text(),
      deviceId: optional.text(),
      madeOn: optional.whole(),
      replaces: yesOrNo(),
    },
    { ...plainTable, sequelize, modelName: "StoredEdit", tableName: "edits" },
  );
  StoredEdit.belongsTo(StoredInvestigation, {
    as: "investigation",
    foreignKey: "investigationId",
  });
}
