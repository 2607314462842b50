import type { Chosen } from "./choices";

/** What a result is taken from. */
export const sourceKinds = [
  ...(["slope", "intercept", "parameter", "crossing", "read-off", "mean", "none"] as const),
];
export type SourceKind = (typeof sourceKinds)[number];

/** The words that each choice of a result's source may have. */
export const sourceValues = {
  kind: sourceKinds,
  /** Which coordinate of a crossing or of a reading off. */
  coordinate: ["x", "y"],
} as const;

/** The words that each choice of a result may have. */
export const resultValues = {
  /** From the theory solved for it, by a formula typed, or the source as it is. */
  by: ["theory", "formula", "itself"],
  /** Whether half the slope range or the standard error stands for the ± of a line; "house" follows the house rules. */
  uses: ["house", "range", "error"],
} as const;

/** Where a result's number comes from; each kind uses some of the words and leaves the others alone. */
export interface ResultSource extends Chosen<typeof sourceValues> {
  /** The id of a figure, or of the quantity of a mean; null while none is chosen. */
  of: string | null;
  /** The line of the figure: its `seriesKey`, so that it is never another's. */
  series: string;
  /** The other line of a crossing. */
  second: string;
  /** The id of a curve, where a parameter or a reading off a curve is meant. */
  curve: string | null;
  parameter: string;
  /** At which value of the other coordinate something is read off, as typed, perhaps with its ±. */
  at: string;
}

/** What a result is held against, as typed, in the unit of the result. */
export interface AcceptedValue {
  value: string;
  uncertainty: string;
  source: string;
}

/** A statement at the end of an investigation: the wanted constant from what the figures gave. */
export interface Result extends Chosen<typeof resultValues> {
  order: string;
  name: string;
  symbol: string;
  /** The unit to state it in; empty for the one that is worked out. */
  unit: string;
  source: ResultSource;
  formula: string;
  accepted: AcceptedValue;
}

export const plainSource: ResultSource = {
  kind: "slope",
  of: null,
  series: "",
  second: "",
  curve: null,
  parameter: "",
  coordinate: "x",
  at: "",
};

/** A result as it begins: the slope of a figure as it is. */
export function plainResult(order: string, figure: string | null): Result {
  return {
    order,
    name: "",
    symbol: "",
    unit: "",
    source: { ...plainSource, of: figure },
    by: "itself",
    formula: "",
    uses: "house",
    accepted: { value: "", uncertainty: "", source: "" },
  };
}
