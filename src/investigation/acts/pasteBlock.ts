import { orderAtEnd } from "../model/order";
import { act } from "./act";
import { type TypedReading, writeReadings } from "./typeReadings";

/** A heading that came with a pasted block, for a quantity new or old. */
export interface PastedHeading {
  readonly quantity: string;
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
}

/** Takes a pasted block: headings describe their quantities (made where missing), cells are written. */
export const pasteBlock = act<{
  newQuantities: readonly { id: string; symbol: string }[];
  headings: readonly PastedHeading[];
  readings: readonly TypedReading[];
}>("paste-block", (draft, args) => {
  for (const { id, symbol } of args.newQuantities) {
    draft.quantities[id] = {
      order: orderAtEnd(draft.quantities),
      name: "",
      symbol,
      unit: "",
      uncertainty: { kind: "none" },
    };
  }
  for (const { quantity, name, symbol, unit } of args.headings) {
    const described = draft.quantities[quantity];
    if (described) Object.assign(described, { name, symbol, unit });
  }
  writeReadings(draft, args.readings);
});
