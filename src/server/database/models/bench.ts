import {
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import { key, plainTable, text, whole } from "./columns";
import { Experiment } from "./experiment";
import type { HandingFields } from "./handingFields";
import type { Person } from "./person";
import { StoredInvestigation } from "./storedInvestigation";

/** Students who work on one investigation. */
export class Bench extends Model<InferAttributes<Bench>, InferCreationAttributes<Bench>> {
  declare id: string;
  declare experimentId: string;
  declare number: number;
  /** By which others find their way to it. */
  declare word: string;
  declare investigationId: string;
  /** Where they were asked for. */
  declare experiment?: NonAttribute<Experiment>;
  declare people?: NonAttribute<{ readonly personId: string; readonly person?: Person }[]>;
  declare handings?: NonAttribute<HandingFields[]>;
  declare investigation?: NonAttribute<StoredInvestigation>;
}

export function defineBench(sequelize: Sequelize): void {
  Bench.init(
    {
      id: key(),
      experimentId: text(),
      number: whole(),
      word: text(),
      investigationId: text(),
    },
    { ...plainTable, sequelize, modelName: "Bench", tableName: "benches" },
  );
  Bench.belongsTo(Experiment, { as: "experiment", foreignKey: "experimentId" });
  Bench.belongsTo(StoredInvestigation, { as: "investigation", foreignKey: "investigationId" });
}
