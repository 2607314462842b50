import { plainFigure } from "../model/figure";
import { emptyInvestigation, firstTable } from "../model/emptyInvestigation";
import type { Investigation } from "../model/investigation";
import { ordersAtEnd } from "../model/order";
import { plainQuantity, type Quantity } from "../model/quantity";
import { cellKey } from "../model/row";

function fixed(amount: string): Quantity["uncertainty"] {
  return { kind: "fixed", amount };
}

const quantities: Record<string, Partial<Quantity>> = {
  overhang: {
    ...{ name: "overhang", symbol: "L", unit: "m", uncertainty: fixed("0.001") },
    ...{ instrument: "metre rule", resolution: "0.001" },
  },
  time: {
    ...{ name: "time for ten swings", symbol: "t_10", unit: "s", uncertainty: fixed("0.1") },
    ...{ instrument: "stopwatch by hand", resolution: "0.01", repeats: 3 },
  },
  period: { name: "period", symbol: "T", formula: "t_10/10" },
  cubed: { name: "overhang cubed", symbol: "L^3", formula: "L^3" },
  squared: { name: "period squared", symbol: "T^2", formula: "T^2" },
};

/** Overhang and three timings of ten swings. */
const readings: readonly [string, [string, string, string]][] = [
  ["0.200", ["3.12", "3.06", "3.15"]],
  ["0.250", ["4.31", "4.44", "4.38"]],
  ["0.300", ["5.81", "5.72", "5.79"]],
  ["0.350", ["7.22", "7.35", "7.30"]],
  ["0.400", ["8.84", "8.97", "8.92"]],
  ["0.450", ["10.66", "10.52", "10.57"]],
  ["0.500", ["12.45", "12.36", "12.41"]],
];

/** A loaded steel rule clamped at the edge of the bench: ten swings timed thrice at each overhang, T² against L³. */
export function clampedRule(): Investigation {
  const document = emptyInvestigation("Springiness of a clamped rule");
  const ids = Object.keys(quantities);
  const columns = ordersAtEnd({}, ids.length);
  const orders = ordersAtEnd({}, readings.length);
  return {
    ...document,
    quantities: Object.fromEntries(
      ids.map((id, i) => [
        id,
        { ...plainQuantity(columns[i] as string, firstTable, ""), ...quantities[id] },
      ]),
    ),
    rows: Object.fromEntries(
      readings.map(([overhang, times], i) => [
        `row${i + 1}`,
        {
          order: orders[i] as string,
          table: firstTable,
          readings: {
            overhang,
            ...Object.fromEntries(times.map((text, n) => [cellKey("time", n + 1), text])),
          },
        },
      ]),
    ),
    figures: { main: plainFigure("a0", "cubed", "squared") },
  };
}
