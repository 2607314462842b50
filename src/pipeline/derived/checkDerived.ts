import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { EvaluatedQuantity } from "../evaluated";
import { partsBy, rowRule } from "./derivedQuantities";
import { derivedCells, isFinding } from "./derivedCell";

const misleading = 0.3;

/** What a reader should know of a derived quantity: what its units needed, a large relative ±, a large common part. */
export function checkDerived(
  { derived }: EvaluatedQuantity,
  rules: HouseRules,
): readonly Finding[] {
  const column = derived?.column;
  if (!column) return [];
  const findings: Finding[] = [...column.formula.remarks];
  let [largest, commonLarger] = [0, 0];
  for (const cell of derivedCells(column)) {
    if (isFinding(cell) || cell.aside || cell.value === 0) continue;
    const { row, common } = partsBy(rowRule(rules), cell, column);
    largest = Math.max(largest, (row + common) / Math.abs(cell.value));
    if (common > row) commonLarger += 1;
  }
  if (largest > misleading) {
    findings.push({ name: "large-relative-uncertainty", percent: Math.round(largest * 100) });
  }
  if (commonLarger * 2 > column.rows) findings.push({ name: "common-part-larger" });
  return findings;
}
