import { readNumber } from "@/core/number/readNumber";
import { type Check, readingsOf } from "./check";

/** Readings with other decimals than the instrument's smallest step has: 0.35 on a rule with steps of 0.001. */
export const disagreesWithInstrument: Check = (quantity, table, rules) => {
  const { resolution } = quantity.quantity;
  const step = readNumber(resolution, rules.decimalMark);
  if (step.kind !== "number" || step.number.value <= 0) return [];
  const wanted = step.number.decimals;
  const readings = readingsOf(quantity, table);
  const unlike = readings.filter(({ number }) => number.decimals !== wanted);
  if (readings.length === 0 || unlike.length * 2 <= readings.length) return [];
  const decimals = unlike[0]?.number.decimals ?? 0;
  const finding = { name: "disagrees-with-instrument", decimals, wanted, resolution } as const;
  return [{ finding, quantity: quantity.id }];
};
