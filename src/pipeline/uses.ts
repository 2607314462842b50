import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { cellPlace } from "@/investigation/model/row";

/** Where a quantity is used: what becomes empty when it goes. */
export interface Uses {
  /** Numbers of the figures that show it, from 1. */
  readonly figures: readonly number[];
  /** Symbols of the quantities whose ± it holds. */
  readonly uncertaintyOf: readonly string[];
  readonly readings: number;
}

/** Everything that depends on a quantity. */
export function usesOf(document: Investigation, id: string): Uses {
  const figures = inOrder(document.figures).flatMap(([, { x, y }], index) =>
    x === id || y === id ? [index + 1] : [],
  );
  const uncertaintyOf = inOrder(document.quantities).flatMap(([, { uncertainty, symbol }]) =>
    uncertainty.kind === "column" && uncertainty.column === id ? [symbol] : [],
  );
  const readings = Object.values(document.rows).reduce(
    (sum, row) =>
      sum + Object.keys(row.readings).filter((cell) => cellPlace(cell).quantity === id).length,
    0,
  );
  return { figures, uncertaintyOf, readings };
}
