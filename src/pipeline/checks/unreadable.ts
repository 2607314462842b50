import { cellPlace } from "@/investigation/model/row";
import { repeatsOf } from "../measured";
import type { Check } from "./check";

/** A typed text that is no number, or a ± that can't be used. */
export const unreadable: Check = (quantity, table) => [
  ...(quantity.finding ? [{ finding: quantity.finding, quantity: quantity.id }] : []),
  ...table.rows.flatMap((row, index) =>
    repeatsOf(row, quantity).flatMap(({ cell, reading }) => {
      const { repeat } = cellPlace(cell);
      return reading.kind === "unreadable"
        ? [{ finding: reading.finding, quantity: quantity.id, row: index, repeat }]
        : [];
    }),
  ),
];
