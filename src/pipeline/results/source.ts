import type { Finding } from "@/core/finding/finding";
import { type Expression } from "@/core/expression/tree";
import { pureNumber, unitOf, unitOfText, type WorkedOutUnit } from "@/core/expression/unitOf";
import type { JointInputs } from "@/core/result/jointUncertainty";
import { readUnit } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import type { Dependence } from "../lines/commonInputs";
import type { EvaluatedQuantity } from "../readings/evaluated";
import type { FittedCurve } from "../curves/fittedCurves";
import type { EvaluatedTable } from "../table/table";

/** The curves of each figure that are fitted, by the figure's id. */
export type FittedCurves = ReadonlyMap<string, readonly FittedCurve[]>;

/** What results are worked out from. */
export interface ResultContext {
  readonly document: Pick<Investigation, "figures" | "constants" | "theory" | "results">;
  readonly tables: readonly EvaluatedTable[];
  readonly curves: FittedCurves;
  readonly rules: HouseRules;
}

/** A number of a source as it is shown: in the units of the figure. */
export interface ShownNumber {
  readonly name: string;
  readonly value: number;
  /** 0 where none is known. */
  readonly size: number;
  readonly unit: string;
}

/** Numbers taken from a figure or a column, in SI units, with how they err together. */
export interface SourceNumbers {
  readonly kind: "numbers";
  /** The same for the same numbers, so that two results that use them err together. */
  readonly key: string;
  readonly joint: JointInputs;
  readonly units: readonly WorkedOutUnit[];
  readonly dependences: readonly Dependence[];
  readonly shown: readonly ShownNumber[];
  /** The unit of the axis across where it has a zero of its own, such as °C: a place on it is no difference. */
  readonly across?: WorkedOutUnit;
  /** The intercept as it stands in the figure, where the theory counts a logarithm in SI units: by how much it is larger there. */
  readonly logShift?: { readonly intercept: number; readonly size: number; readonly by: number };
  /** The name that the result is about, among the names of the joint inputs. */
  readonly about: string;
  readonly remarks: readonly Finding[];
}

export type SourceOutcome = SourceNumbers | { readonly kind: "nothing"; readonly finding: Finding };

export const nothing = (finding: Finding): SourceOutcome => ({ kind: "nothing", finding });

/** The unit of a plotted quantity; undefined where it is not understood. */
export function axisUnit({ quantity }: EvaluatedQuantity): WorkedOutUnit | undefined {
  return unitOfText(quantity.unit, readUnit(quantity.unit) ?? []);
}

/** The unit of differences of a quantity: those of a temperature in °C count in K. */
export function differenceUnit(unit: WorkedOutUnit): WorkedOutUnit {
  if (unit.offset === 0) return unit;
  return { ...unit, factor: 1, offset: 0, factors: [{ symbol: "K", exponent: 1 }] };
}

const symbol = (name: string): Expression => ({ kind: "symbol", name });
const quotient: Expression = {
  kind: "operation",
  operator: "/",
  left: symbol("y"),
  right: symbol("x"),
};

/** The unit of a slope from those of both axes. */
export function slopeUnit(y: WorkedOutUnit, x: WorkedOutUnit): WorkedOutUnit {
  const units = new Map([
    ["y", differenceUnit(y)],
    ["x", differenceUnit(x)],
  ]);
  const outcome = unitOf(quotient, units);
  return outcome.kind === "unit" ? outcome.unit : pureNumber;
}

/** A unit as plain text, as it would be typed. */
export function unitText({ factors }: Pick<WorkedOutUnit, "factors">): string {
  return factors
    .map(({ symbol: name, exponent }) => (exponent === 1 ? name : `${name}^${exponent}`))
    .join(" ");
}
