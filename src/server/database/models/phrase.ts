import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { key, moment, plainTable } from "./columns";

/** A teacher's own words, kept for use again. */
export class Phrase extends Model<InferAttributes<Phrase>, InferCreationAttributes<Phrase>> {
  declare personId: string;
  declare text: string;
  declare usedAt: CreationOptional<Date>;
}

export function definePhrase(sequelize: Sequelize): void {
  Phrase.init(
    { personId: key(), text: key(), usedAt: { ...moment(), defaultValue: DataTypes.NOW } },
    { ...plainTable, sequelize, modelName: "Phrase", tableName: "phrases" },
  );
}
