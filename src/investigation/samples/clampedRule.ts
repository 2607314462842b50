import { emptyInvestigation } from "../model/emptyInvestigation";
import type { Investigation, Quantity } from "../model/investigation";
import { ordersAtEnd } from "../model/order";

const quantities: Record<string, Omit<Quantity, "order">> = {
  overhang: { name: "overhang", symbol: "L", unit: "m", uncertainty: fixed("0.001") },
  time: { name: "time for ten swings", symbol: "t_10", unit: "s", uncertainty: fixed("0.1") },
  cubed: { name: "overhang cubed", symbol: "L^3", unit: "m^3", uncertainty: fixed("0.0010") },
  squared: { name: "period squared", symbol: "T^2", unit: "s^2", uncertainty: fixed("0.02") },
};

const readings = [
  ["0.200", "3.1", "0.0080", "0.10"],
  ["0.250", "4.4", "0.0156", "0.19"],
  ["0.300", "5.8", "0.0270", "0.34"],
  ["0.350", "7.3", "0.0429", "0.53"],
  ["0.400", "8.9", "0.0640", "0.79"],
  ["0.450", "10.6", "0.0911", "1.12"],
  ["0.500", "12.4", "0.1250", "1.54"],
];

function fixed(amount: string): Quantity["uncertainty"] {
  return { kind: "fixed", amount };
}

/** A loaded steel rule clamped at the edge of the bench: ten swings timed at each overhang, T² against L³. */
export function clampedRule(): Investigation {
  const document = emptyInvestigation("Springiness of a clamped rule");
  const ids = Object.keys(quantities);
  const columns = ordersAtEnd({}, ids.length);
  const orders = ordersAtEnd({}, readings.length);
  return {
    ...document,
    quantities: Object.fromEntries(
      ids.map((id, i) => [id, { ...(quantities[id] as Quantity), order: columns[i] as string }]),
    ),
    rows: Object.fromEntries(
      readings.map((texts, i) => [
        `row${i + 1}`,
        {
          order: orders[i] as string,
          readings: Object.fromEntries(ids.map((id, column) => [id, texts[column] as string])),
        },
      ]),
    ),
    figures: { main: { order: "a0", title: "", x: "cubed", y: "squared" } },
  };
}
