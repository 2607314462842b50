import { cellsOfQuantity } from "@/investigation/model/row";
import type { EvaluatedQuantity, EvaluatedRow } from "./evaluated";

/** Whether the ± of a column can stand behind each reading: in the same unit, typed, and one for each reading. */
export function canFold({ id, column }: EvaluatedQuantity, rows: readonly EvaluatedRow[]): boolean {
  if (!column || column.percent || column.factor !== 1 || column.worked) return false;
  return rows.every(
    ({ row, readings }) =>
      cellsOfQuantity(row, id).every((cell) => readings[cell]?.kind !== "number") ||
      readings[column.id]?.kind === "number",
  );
}

/** Whether readings have a ± behind them that could stand in a column of its own. */
export function canUnfold(
  { id, quantity }: EvaluatedQuantity,
  rows: readonly EvaluatedRow[],
): boolean {
  if (quantity.uncertainty.kind === "column" || quantity.formula !== undefined) return false;
  return rows.some(({ row, readings }) =>
    cellsOfQuantity(row, id).some((cell) => {
      const reading = readings[cell];
      return reading?.kind === "number" && /±|\+\/?-/.test(row.readings[cell] ?? "");
    }),
  );
}
