import type { EvaluatedRow } from "@/pipeline/readings/evaluated";

/** Whether the first reading of a quantity carries a ± of its own. */
export function statesItsOwn(rows: readonly EvaluatedRow[], quantity: string): boolean {
  const first = rows.find(({ readings }) => readings[quantity]?.kind === "number")?.readings[quantity]; // prettier-ignore
  return first?.kind === "number" && first.number.uncertainty !== undefined;
}
