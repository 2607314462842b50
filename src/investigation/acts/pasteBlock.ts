import { orderAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { act } from "./act";
import { type TypedReading, writeReadings } from "./typeReadings";

/** A heading that came with a pasted block, for a quantity new or old. */
export interface PastedHeading {
  readonly quantity: string;
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
  /** The quantity whose ± this column holds, by its id. */
  readonly uncertaintyOf?: string;
}

/** Takes a pasted block: headings describe their quantities (made where missing), cells are written. */
export const pasteBlock = act<{
  table: string;
  series?: string;
  newQuantities: readonly { id: string; symbol: string }[];
  headings: readonly PastedHeading[];
  readings: readonly TypedReading[];
}>(
  "paste-block",
  (draft, args) => {
    for (const { id, symbol } of args.newQuantities) {
      draft.quantities[id] = plainQuantity(orderAtEnd(draft.quantities), args.table, symbol);
    }
    for (const { quantity, name, symbol, unit, uncertaintyOf } of args.headings) {
      const described = draft.quantities[quantity];
      if (described) Object.assign(described, { name, symbol, unit });
      const owner = uncertaintyOf === undefined ? undefined : draft.quantities[uncertaintyOf];
      if (owner) owner.uncertainty = { kind: "column", column: quantity };
    }
    writeReadings(draft, args.readings, args.series);
  },
  ({ readings }) => readings.map(({ row }) => row),
);
