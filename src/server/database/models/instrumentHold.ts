import {
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { key, moment, plainTable, text } from "./columns";

/** Which investigation has a bench instrument in hand. */
export class InstrumentHold extends Model<
  InferAttributes<InstrumentHold>,
  InferCreationAttributes<InstrumentHold>
> {
  declare name: string;
  declare investigationId: string;
  /** It is free again from then on. */
  declare heldUntil: Date;
}

export function defineInstrumentHold(sequelize: Sequelize): void {
  InstrumentHold.init(
    { name: key(), investigationId: text(), heldUntil: moment() },
    { ...plainTable, sequelize, modelName: "InstrumentHold", tableName: "instrument_holds" },
  );
}
