import type { CombinationRule, SpreadRule } from "@/core/uncertainty/readingUncertainty";
import type { Uncertainty } from "./uncertainty";

/** Where words about the rows are shown: in the table alone, or in the report too. */
export const remarksShown = ["kept", "reported"] as const;

/** A column of readings. `symbol` and `unit` are kept as typed ("t_10", "m s^-2"). */
export interface Quantity {
  order: string;
  table: string;
  name: string;
  symbol: string;
  unit: string;
  /** How often each row is read; one row may be read further times. */
  repeats: number;
  uncertainty: Uncertainty;
  /** What stands for the scatter of repeats, and how it joins the instrument's part; "house" follows the house rules. */
  spread: SpreadRule | "house";
  combination: CombinationRule | "house";
  /** What it is read with, and the smallest step that it shows, in the quantity's unit; "" where nobody said. */
  instrument: string;
  resolution: string;
  /** How it is worked out from others, as typed; a quantity with a formula has no readings of its own. */
  formula?: string;
  /** Out of the way in the grid; still there for figures and formulas. */
  hidden?: boolean;
  /** Its column holds words about the rows, no numbers: kept in the table alone, or stated in the report too. */
  remarks?: (typeof remarksShown)[number];
}

/** A quantity read once a row, of which nothing is known yet. */
export function plainQuantity(order: string, table: string, symbol: string): Quantity {
  return {
    order,
    table,
    symbol,
    name: "",
    unit: "",
    repeats: 1,
    uncertainty: { kind: "none" },
    spread: "house",
    combination: "house",
    instrument: "",
    resolution: "",
  };
}
