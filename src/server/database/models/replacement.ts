import type { Patch } from "immer";
import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { json, moment, optional, plainTable, text } from "./columns";

/** What one side is to be told of work that was replaced. */
export class Replacement extends Model<
  InferAttributes<Replacement>,
  InferCreationAttributes<Replacement>
> {
  /** A number that only grows, as text: it is larger than numbers hold. */
  declare id: CreationOptional<string>;
  declare investigationId: string;
  declare personId: string;
  declare deviceId: string;
  /** Whether the work of this device was replaced, or took the other's place. */
  declare side: "lost" | "won";
  declare path: readonly (string | number)[];
  declare was: unknown;
  declare back: Patch;
  declare otherId: string | null;
  declare madeAt: Date;
}

export function defineReplacement(sequelize: Sequelize): void {
  Replacement.init(
    {
      id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
      investigationId: text(),
      personId: text(),
      deviceId: text(),
      side: text(),
      path: json(),
      was: optional.json(),
      back: json(),
      otherId: optional.text(),
      madeAt: moment(),
    },
    { ...plainTable, sequelize, modelName: "Replacement", tableName: "replacements" },
  );
}
