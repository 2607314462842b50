import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type NonAttribute,
  type Sequelize,
} from "sequelize";
import { Bench } from "./bench";
import { key, moment, plainTable, text } from "./columns";
import { Person } from "./person";

/** A student at a bench, in each experiment at one of them. */
export class BenchPerson extends Model<
  InferAttributes<BenchPerson>,
  InferCreationAttributes<BenchPerson>
> {
  declare experimentId: string;
  declare personId: string;
  declare benchId: string;
  declare joinedAt: CreationOptional<Date>;
  /** Where they were asked for. */
  declare person?: NonAttribute<Person>;
}

export function defineBenchPerson(sequelize: Sequelize): void {
  BenchPerson.init(
    {
      experimentId: key(),
      personId: key(),
      benchId: text(),
      joinedAt: { ...moment(), defaultValue: DataTypes.NOW },
    },
    { ...plainTable, sequelize, modelName: "BenchPerson", tableName: "bench_people" },
  );
  BenchPerson.belongsTo(Person, { as: "person", foreignKey: "personId" });
  BenchPerson.belongsTo(Bench, { as: "bench", foreignKey: "benchId" });
  Bench.hasMany(BenchPerson, { as: "people", foreignKey: "benchId" });
}
