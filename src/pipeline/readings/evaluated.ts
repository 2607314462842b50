import type { Finding } from "@/core/finding/finding";
import type { Lane, RowSteps } from "@/core/expression/lane";
import type { Expression } from "@/core/expression/tree";
import type { WorkedOutUnit } from "@/core/expression/unitOf";
import type { NumberReading } from "@/core/number/readNumber";
import type { Spread } from "@/core/statistics/spread";
import type { Bars, InstrumentPart } from "@/core/uncertainty/instrumentPart";
import type { CombinationRule, SpreadRule } from "@/core/uncertainty/readingUncertainty";
import type { Dimension } from "@/core/unit/dimension";
import type { UnitFactor } from "@/core/unit/unitText";
import type { Quantity } from "@/investigation/model/quantity";
import type { Row } from "@/investigation/model/row";

/** A row with what each typed text means, by cell key; an absent entry is an empty cell. */
export interface EvaluatedRow {
  readonly id: string;
  readonly row: Row;
  readonly readings: Readonly<Record<string, NumberReading>>;
  /** The number of the last repeat of each quantity that has a second one or was given further ones. */
  readonly lastRepeat?: Readonly<Record<string, number>>;
}

/** Another quantity whose values are the ± of this one's readings (calculation § 5). */
export interface UncertaintyColumn {
  readonly id: string;
  /** From its unit into this quantity's. */
  readonly factor: number;
  /** Its values are percentages of the reading. */
  readonly percent?: true;
  /** What its formula gives in a row, in its own unit; absent while it is read. */
  readonly worked?: (row: EvaluatedRow) => number | undefined;
}

/** A quantity with its ± as numbers and the rules that its repeats follow. */
export interface EvaluatedQuantity {
  readonly id: string;
  readonly quantity: Quantity;
  /** What the instrument leaves open, in the quantity's unit; absent while a number of it is missing or unreadable. */
  readonly instrument?: InstrumentPart;
  readonly column?: UncertaintyColumn;
  /** The quantity whose ± it holds, by its id: such a one is not plotted by itself. */
  readonly sizeOf?: string;
  readonly spread: SpreadRule;
  readonly combination: CombinationRule;
  /** Why the typed ± or the formula can't be used. */
  readonly finding?: Finding;
  /** What its formula gives; absent for a quantity that is read. */
  readonly derived?: {
    readonly values: { get(row: EvaluatedRow): Measured | undefined };
    /** The unit that was wished for, as typed; `quantity.unit` is the one that it is shown in. */
    readonly wished: string;
    /** Absent while the formula is broken. */
    readonly column?: DerivedColumn;
  };
}

/** What a row says of a quantity: the mean of its repeats with its ±, in the quantity's unit. */
export interface Measured {
  readonly value: number;
  /** The ±; each part is 0 where none is known. */
  readonly bars: Bars;
  /** Both parts of the ±, as they were combined. */
  readonly instrument: Bars;
  readonly scatter: number | undefined;
  /** How the repeats that take part scatter. */
  readonly spread: Spread;
  /** Digits after the decimal mark of the finest reading. */
  readonly decimals: number;
  /** Every reading is set aside: shown hollow, but part of no fit, spread, range or statistic. */
  readonly aside: boolean;
  /** Worked out by a formula, not read. */
  readonly derived?: true;
  /** A reading that it rests on has a blank where its ± should stand: `bars` are 0, but nobody knows them. */
  readonly unstated?: true;
}

/** The unit in which a derived quantity is shown, as text and as what one of it means. */
export interface ShownUnit {
  readonly text: string;
  readonly factors: readonly UnitFactor[];
  readonly dimension: Dimension;
  readonly factor: number;
  readonly offset: number;
}

/** A constant with its numbers read, in SI units. */
export interface BoundConstant {
  readonly id: string;
  readonly symbol: string;
  readonly value: number;
  readonly uncertainty: number;
  /** The unit as typed, and what one of it is in SI units. */
  readonly unit: string;
  readonly factor: number;
  readonly offset: number;
}

/** What a symbol in a formula stands for. */
export type Binding =
  | { readonly kind: "quantity"; readonly id: string; readonly unit: WorkedOutUnit }
  | { readonly kind: "derived"; readonly id: string }
  | { readonly kind: "constant"; readonly constant: BoundConstant };

/** A formula with everything that it names, ready to be evaluated; or why it can't be. */
export type BoundFormula =
  | {
      readonly kind: "bound";
      readonly id: string;
      readonly expression: Expression;
      readonly symbols: ReadonlyMap<string, Binding>;
      readonly units: ReadonlyMap<string, WorkedOutUnit>;
      readonly shown: ShownUnit;
      readonly remarks: readonly Finding[];
    }
  | { readonly kind: "broken"; readonly id: string; readonly finding: Finding | undefined };

/** An original input of a formula: a reading some rows on, or something common to all rows. */
export interface Variable {
  readonly key: string;
  /** "column" is what all readings of a whole-column function bring together. */
  readonly kind: "reading" | "constant" | "column";
  /** The quantity or constant; the whole-column function's own text for a column. */
  readonly id: string;
  readonly shift: number;
}

/** The rows of a table by their series; those without one are a run of their own (calculation § 4). */
export interface Runs {
  readonly count: number;
  /** Which run a row belongs to. */
  readonly of: Int32Array;
}

/** A whole-column function worked out, in SI units, with what it follows from. */
export interface WholeColumn {
  readonly key: string;
  /** Its own text: "mean(m)". */
  readonly text: string;
  /** Over all rows of the table, not over those of a series. */
  readonly all: boolean;
  /** In every row, as all rows of a run have it. */
  readonly values: Lane;
  /** ∂value/∂reading: by the quantity, and by the row of the reading. */
  readonly readings: ReadonlyMap<string, Float64Array>;
  /** ∂value/∂constant in every row, with the ± of the constant, by its key. */
  readonly constants: ReadonlyMap<string, { readonly slopes: Lane; readonly size: number }>;
  /** Runs without a row that takes part. */
  readonly empty: ReadonlySet<number>;
}

/** A derived quantity in one row, in coherent SI units: its value with its slopes along every variable. */
export interface DerivedCell {
  readonly row: number;
  readonly value: number;
  readonly slopes: readonly number[];
  /** The ± of each variable, in SI units. */
  readonly sizes: readonly number[];
  readonly aside: boolean;
}

/** A derived quantity, row by row, in coherent SI units; `derivedCell` gives one row of it. */
export interface DerivedColumn {
  readonly id: string;
  readonly formula: Extract<BoundFormula, { kind: "bound" }>;
  /** Each row's value depends on that row alone. */
  readonly rowLocal: boolean;
  readonly rows: number;
  readonly runs: Runs;
  /** Which row follows which. */
  readonly steps: RowSteps;
  readonly variables: readonly Variable[];
  /** The whole-column functions among the variables, by their places. */
  readonly wholes: ReadonlyMap<number, WholeColumn>;
  /** The ± of every reading that the column rests on, by its quantity, in SI units. */
  readonly readingSizes: ReadonlyMap<string, Float64Array>;
  /** What the rows say of the quantities that its own formula names, by their ids. */
  readonly readings: ReadonlyMap<string, readonly (Measured | undefined)[]>;
  readonly values: Lane;
  /** ∂value/∂variable, by the place of the variable; a place without slopes has 0. */
  readonly slopes: ReadonlyMap<number, Lane>;
  /** The ± of each variable, in the order of the variables. */
  readonly sizes: readonly Lane[];
  /** 1 where a reading that the row rests on is set aside. */
  readonly aside: Uint8Array;
  /** 1 where a reading that the row rests on has a blank in the place of its ±. */
  readonly unstated: Uint8Array;
  /** 1 where two numbers that nearly agree are subtracted. */
  readonly nearlyEqual: Uint8Array;
  /** Why rows have no value. */
  readonly reasons: ReadonlyMap<number, Finding>;
}

/** Whether a column holds words about the rows and no numbers. */
export function isRemarks({ quantity }: Pick<EvaluatedQuantity, "quantity">): boolean {
  return quantity.remarks !== undefined;
}

/** Whether a quantity may be plotted or worked with by itself: neither the ± of another one nor a column of remarks. */
export function standsAlone(quantity: Pick<EvaluatedQuantity, "quantity" | "sizeOf">): boolean {
  return quantity.sizeOf === undefined && !isRemarks(quantity);
}
