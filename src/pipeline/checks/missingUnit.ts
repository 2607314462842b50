import { type Check, readingsOf } from "./check";

/** Readings without a unit mean nothing to a reader; a pure number says so with the unit 1. */
export const missingUnit: Check = (quantity, table) =>
  quantity.quantity.unit.trim() === "" && readingsOf(quantity, table).length > 0
    ? [{ finding: { name: "missing-unit" }, quantity: quantity.id }]
    : [];
