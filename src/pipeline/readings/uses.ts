import { type FormulaPlace, formulasNaming } from "@/investigation/model/formulas";
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
  /** Formulas that name it. */
  readonly formulas: readonly FormulaUse[];
}

/** A formula that names something: of which quantity or result, or of what else. */
export interface FormulaUse {
  readonly kind: FormulaPlace["kind"];
  /** The symbol of the quantity or result, or the number of the figure. */
  readonly name: string;
}

/** Every formula of the document that names a symbol. */
export function formulaUses(document: Investigation, symbol: string): readonly FormulaUse[] {
  const numbers = new Map(inOrder(document.figures).map(([id], index) => [id, String(index + 1)]));
  const nameOf = (place: FormulaPlace) => {
    switch (place.kind) {
      case "quantity":
        return document.quantities[place.id]?.symbol ?? "";
      case "result":
        return document.results[place.id]?.symbol ?? "";
      case "curve":
        return numbers.get(place.figure) ?? "";
      default:
        return "";
    }
  };
  return formulasNaming(document, symbol).map((place) => ({
    kind: place.kind,
    name: nameOf(place),
  }));
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
  const formulas = formulaUses(document, document.quantities[id]?.symbol ?? "");
  return { figures, uncertaintyOf, readings, formulas };
}
