import { isLasting } from "@/remembered/isLasting";
import { Latest } from "@/remembered/latest";
import { remembered } from "@/remembered/remembered";
import { understandUnit } from "@/core/unit/understandUnit";
import type { Finding } from "@/core/finding/finding";
import { sameDimension } from "@/core/unit/dimension";
import { readUnit } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { ownersOfUncertainty } from "@/investigation/model/uncertaintyColumns";
import type { Quantity } from "@/investigation/model/quantity";
import { readUncertainty } from "./quantityUncertainty";
import type { EvaluatedQuantity, UncertaintyColumn } from "./evaluated";

/** How the values of a column of ± are meant: in the unit of the readings, in one like it, or in % of the reading. */
function conversion(column: Quantity, of: Quantity): Omit<UncertaintyColumn, "id"> | Finding {
  const unlike: Finding = { name: "unlike-uncertainty-unit", unit: column.unit, wanted: of.unit };
  const [from, to] = [understandUnit(column.unit), understandUnit(of.unit)];
  if (column.unit.trim() === "" || column.unit.trim() === of.unit.trim()) return { factor: 1 };
  if (from.kind === "unreadable") return unlike;
  const isPercent = readUnit(column.unit)?.some(({ symbol }) => symbol === "%");
  if (isPercent && of.unit.trim() !== "%") return { factor: 1 / 100, percent: true };
  if (to.kind === "unreadable" || !sameDimension(from.unit.dimension, to.unit.dimension)) {
    return unlike;
  }
  return { factor: from.unit.factor / to.unit.factor };
}

function evaluateQuantity(
  id: string,
  quantity: Quantity,
  column: Quantity | undefined,
  rules: HouseRules,
): EvaluatedQuantity {
  const plain = {
    id,
    quantity,
    spread: quantity.spread === "house" ? rules.spread : quantity.spread,
    combination: quantity.combination === "house" ? rules.combination : quantity.combination,
  };
  const { uncertainty } = quantity;
  if (uncertainty.kind === "column") {
    if (!column) return plain;
    const found = conversion(column, quantity);
    if ("name" in found) return { ...plain, finding: found };
    return { ...plain, column: { id: uncertainty.column, ...found } };
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
  readonly sizeOf: string | undefined;
  readonly rules: HouseRules;
  readonly evaluated: EvaluatedQuantity;
}

const known = new Latest<Quantity, Known>();

function evaluatedOnce(
  id: string,
  quantity: Quantity,
  column: Quantity | undefined,
  sizeOf: string | undefined,
  rules: HouseRules,
): EvaluatedQuantity {
  const before = known.of(quantity);
  const same = before?.column === column && before?.sizeOf === sizeOf && before?.rules === rules;
  if (before?.evaluated.id === id && same) return before.evaluated;
  const plain = evaluateQuantity(id, quantity, column, rules);
  const evaluated = sizeOf === undefined ? plain : { ...plain, sizeOf };
  if (isLasting(quantity)) known.keep(quantity, { column, sizeOf, rules, evaluated });
  return evaluated;
}

/** Every quantity in its order, with its ± read. One that did not change is the same object as before. */
export const evaluateQuantities = remembered(
  (quantities: Investigation["quantities"], rules: HouseRules): readonly EvaluatedQuantity[] => {
    const owners = ownersOfUncertainty(quantities);
    return inOrder(quantities).map(([id, quantity]) => {
      const { uncertainty } = quantity;
      const column = uncertainty.kind === "column" ? quantities[uncertainty.column] : undefined;
      return evaluatedOnce(id, quantity, column, owners.get(id), rules);
    });
  },
);
