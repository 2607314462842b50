import type { Check } from "./check";

/** A typed text that is no number, or a ± that can't be used. */
export const unreadable: Check = ({ id, finding }, table) => [
  ...(finding ? [{ finding, quantity: id }] : []),
  ...table.rows.flatMap(({ readings }, row) => {
    const reading = readings[id];
    return reading?.kind === "unreadable" ? [{ finding: reading.finding, quantity: id, row }] : [];
  }),
];
