import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import type { GivenBrief } from "@/protocol/briefs";
import type { ShownTo } from "@/protocol/overview";
import { json, key, moment, optional, plainTable, text, yesOrNo } from "./columns";
import { SchoolClass } from "./schoolClass";

/** One experiment that a class does at benches. */
export class Experiment extends Model<
  InferAttributes<Experiment>,
  InferCreationAttributes<Experiment>
> {
  declare id: string;
  declare classId: string;
  declare title: string;
  /** The document that each bench begins with. */
  declare pattern: unknown;
  /** What stands with it rather than in the sheets; null where nothing was said. */
  declare brief: CreationOptional<GivenBrief | null>;
  /** Until when benches hand in; null for no time. */
  declare dueAt: CreationOptional<Date | null>;
  /** Whether students find their benches themselves. */
  declare ownBenches: CreationOptional<boolean>;
  /** Who sees its overview beside the teachers. */
  declare shown: CreationOptional<ShownTo>;
  /** Where it was asked for. */
  declare schoolClass?: NonAttribute<SchoolClass>;
  declare createdAt: CreationOptional<Date>;
}

export function defineExperiment(sequelize: Sequelize): void {
  Experiment.init(
    {
      id: key(),
      classId: text(),
      title: text(),
      pattern: json(),
      brief: optional.json(),
      dueAt: optional.moment(),
      ownBenches: yesOrNo(),
      shown: { ...text(), defaultValue: "no" },
      createdAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "Experiment", tableName: "experiments" },
  );
  Experiment.belongsTo(SchoolClass, { as: "schoolClass", foreignKey: "classId" });
}
