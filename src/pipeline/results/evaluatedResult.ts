import type { Finding } from "@/core/finding/finding";
import type { Expression } from "@/core/expression/tree";
import type { WorkedOutUnit } from "@/core/expression/unitOf";
import type { Result } from "@/investigation/model/result";
import type { BoundConstant, ShownUnit } from "../readings/evaluated";
import type { FromTheory } from "./resultFormula";
import type { CommonInput } from "../lines/commonInputs";
import type { SourceNumbers } from "./source";

/** What a symbol of a result's formula stands for. */
export type ResultInput =
  | { readonly kind: "constant"; readonly constant: BoundConstant }
  | { readonly kind: "source"; readonly source: SourceNumbers; readonly index: number }
  | { readonly kind: "result"; readonly of: WorkedResult };

/** A symbol in a result's formula: its number in SI units, with the slope of the result along it. */
export interface NamedInput {
  readonly name: string;
  readonly input: ResultInput;
  readonly value: number;
  readonly unit: WorkedOutUnit;
  readonly slope: number;
}

/** The slopes of a result along everything that errs by itself, in SI units. */
export interface Gradient {
  /** By the key of a constant or a whole-column function. */
  readonly common: ReadonlyMap<string, { readonly common: CommonInput; readonly slope: number }>;
  /** By the key of a source: along each of its numbers. */
  readonly sources: ReadonlyMap<
    string,
    { readonly source: SourceNumbers; readonly slopes: readonly number[] }
  >;
}

/** One part of the ± of a result. */
export interface ResultPart {
  readonly kind: "constant" | "column" | "source";
  /** The id of the constant, the text of the whole-column function, or the name of the source's number. */
  readonly id: string;
  /** Its share of the ±, in the shown unit. */
  readonly size: number;
  /** ∂result/∂input in SI units; undefined for a source with several numbers. */
  readonly slope?: number;
  /** From 0 to 1. */
  readonly share: number;
}

/** A result worked out. */
export interface WorkedResult {
  readonly kind: "worked";
  readonly id: string;
  readonly result: Result;
  /** Absent where the theory was solved by numbers. */
  readonly expression?: Expression;
  readonly fromTheory?: FromTheory;
  /** It is where the line reaches a height, on an axis with a zero of its own: the unit of that axis. */
  readonly scaleUnit?: WorkedOutUnit;
  readonly source: SourceNumbers | undefined;
  readonly inputs: readonly NamedInput[];
  readonly unit: ShownUnit;
  /** In SI units. */
  readonly si: number;
  readonly gradient: Gradient;
  /** In the shown unit; 0 where no ± is known. */
  readonly value: number;
  readonly size: number;
  readonly parts: readonly ResultPart[];
  readonly remarks: readonly Finding[];
}

export type EvaluatedResult =
  | WorkedResult
  | {
      readonly kind: "nothing";
      readonly id: string;
      readonly result: Result;
      readonly source: SourceNumbers | undefined;
      readonly finding: Finding;
    };
