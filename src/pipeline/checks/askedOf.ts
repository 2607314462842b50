import { readNumber } from "@/core/number/readNumber";
import type { Asked, Brief } from "@/investigation/model/brief";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";
import { type PlacedFinding, readingsOf, rowCount } from "./check";

/** Said once so many rows are there, not while typing begins. */
const begun = 3;

/** A number as a teacher typed it; undefined where it is none. */
function numberOf(text: string): number | undefined {
  const read = readNumber(text.replace(",", "."));
  return read.kind === "number" ? read.number.value : undefined;
}

function askedOfOne(
  quantity: EvaluatedQuantity,
  table: EvaluatedTable,
  { rows, from, to }: Asked,
): PlacedFinding[] {
  const readings = readingsOf(quantity, table);
  const count = rowCount(readings);
  if (count < begun) return [];
  const found: PlacedFinding[] = [];
  const wanted = numberOf(rows) ?? 0;
  if (count < wanted) {
    found.push({ finding: { name: "fewer-than-asked", count, wanted }, quantity: quantity.id });
  }
  const [low, high] = [numberOf(from), numberOf(to)];
  let [least, greatest] = [Infinity, -Infinity];
  for (const { number } of readings) {
    least = Math.min(least, number.value);
    greatest = Math.max(greatest, number.value);
  }
  const short = (low !== undefined && least > low) || (high !== undefined && greatest < high);
  const finding = { name: "short-of-asked", from: from.trim(), to: to.trim() } as const;
  return short ? [...found, { finding, quantity: quantity.id }] : found;
}

/** What a brief asks for and the readings do not have yet: rows enough, and how far they reach. */
export function askedOf(
  table: EvaluatedTable,
  asked: Brief["asked"] | undefined,
): readonly PlacedFinding[] {
  return table.quantities.flatMap((quantity) => {
    const wanted = asked?.[quantity.id];
    return wanted ? askedOfOne(quantity, table, wanted) : [];
  });
}
