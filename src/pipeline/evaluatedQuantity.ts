import { understandUnit } from "@/core/unit/understandUnit";
import { sameDimension } from "@/core/unit/dimension";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { Quantity } from "@/investigation/model/quantity";
import { memoised } from "./memoised";
import { readUncertainty } from "./quantityUncertainty";
import type { EvaluatedQuantity } from "./evaluated";

/** From the unit of the column of ± into the unit of its readings; 1 where either is not understood. */
function conversion(from: string, to: string): number {
  const [a, b] = [understandUnit(from), understandUnit(to)];
  if (a.kind === "unreadable" || b.kind === "unreadable") return 1;
  return sameDimension(a.unit.dimension, b.unit.dimension) ? a.unit.factor / b.unit.factor : 1;
}

function evaluateQuantity(
  id: string,
  quantity: Quantity,
  column: Quantity | undefined,
  rules: HouseRules,
): EvaluatedQuantity {
  const plain = {
    ...{ id, quantity },
    spread: quantity.spread === "house" ? rules.spread : quantity.spread,
    combination: quantity.combination === "house" ? rules.combination : quantity.combination,
  };
  const { uncertainty } = quantity;
  if (uncertainty.kind === "column") {
    if (!column) return plain;
    const factor = conversion(column.unit, quantity.unit);
    return { ...plain, column: { id: uncertainty.column, factor } };
  }
  const read = readUncertainty(uncertainty, rules.decimalMark);
  switch (read.kind) {
    case "part":
      return { ...plain, instrument: read.part };
    case "unset":
      return plain;
    case "unreadable":
      return { ...plain, finding: read.finding };
  }
}

interface Known {
  readonly column: Quantity | undefined;
  readonly rules: HouseRules;
  readonly evaluated: EvaluatedQuantity;
}

const known = new WeakMap<Quantity, Known>();

function evaluatedOnce(
  id: string,
  quantity: Quantity,
  column: Quantity | undefined,
  rules: HouseRules,
): EvaluatedQuantity {
  const before = known.get(quantity);
  if (before?.evaluated.id === id && before.column === column && before.rules === rules) {
    return before.evaluated;
  }
  const evaluated = evaluateQuantity(id, quantity, column, rules);
  if (Object.isFrozen(quantity)) known.set(quantity, { column, rules, evaluated });
  return evaluated;
}

/** Every quantity in its order, with its ± read. One that did not change is the same object as before. */
export const evaluateQuantities = memoised(
  (quantities: Investigation["quantities"], rules: HouseRules): readonly EvaluatedQuantity[] =>
    inOrder(quantities).map(([id, quantity]) => {
      const { uncertainty } = quantity;
      const column = uncertainty.kind === "column" ? quantities[uncertainty.column] : undefined;
      return evaluatedOnce(id, quantity, column, rules);
    }),
);
