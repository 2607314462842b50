import { readNumber } from "@/core/number/readNumber";

/** A block of texts as rows of cells; rows may be of unlike length. */
export type Cells = readonly (readonly string[])[];

/** Whether a cell holds a number in either spelling. */
export function isNumeric(cell: string): boolean {
  return readNumber(cell).kind === "number" || readNumber(cell, "comma").kind === "number";
}
