import {
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { json, key, plainTable, whole } from "./columns";

/** An investigation as it stood after a revision. */
export class KeptState extends Model<
  InferAttributes<KeptState>,
  InferCreationAttributes<KeptState>
> {
  declare investigationId: string;
  declare revision: number;
  declare document: unknown;
}

export function defineKeptState(sequelize: Sequelize): void {
  KeptState.init(
    {
      investigationId: key(),
      revision: { ...whole(), primaryKey: true },
      document: json(),
    },
    { ...plainTable, sequelize, modelName: "KeptState", tableName: "kept_states" },
  );
}
