import type { Patch } from "immer";
import type { Investigation } from "../model/investigation";
import { cellPlace, type Row } from "../model/row";

const isReading = ({ op, path }: Patch) => op !== "remove" && path[0] === "rows" && path[2] === "readings"; // prettier-ignore

/** The quantities that a row has readings of. */
function readIn(row: Partial<Row> | null | undefined): readonly string[] {
  return Object.entries(row?.readings ?? {})
    .filter(([, text]) => text !== "")
    .map(([cell]) => cellPlace(cell).quantity);
}

/**
 * Whether patches write readings of a quantity that somebody has removed: they would be kept out of everybody's sight.
 * @param document as it stands with the patches.
 */
export function typesIntoNothing(
  { quantities }: Pick<Investigation, "quantities">,
  patches: readonly Patch[],
): boolean {
  return patches.some((patch) => {
    const { op, path, value } = patch;
    if (isReading(patch) && path.length === 4) {
      return value !== "" && !(cellPlace(String(path[3])).quantity in quantities);
    }
    if (op === "remove" || path[0] !== "rows" || path.length !== 2) return false;
    const read = readIn(value as Row);
    return read.length > 0 && read.every((quantity) => !(quantity in quantities));
  });
}
