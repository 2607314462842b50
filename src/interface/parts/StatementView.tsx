"use client";

import type { WrittenNumber, WrittenStatement } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { useHouseRules } from "../store/useEvaluated";
import { RunTextView } from "./RunTextView";

/** Writes a number's text with the decimal mark of the house rules. */
export function useDecimalMark(): (text: string) => string {
  const { decimalMark } = useHouseRules();
  return decimalMark === "point" ? (text) => text : (text) => text.replace(".", ",");
}

function Power({ exponent }: { exponent: number | undefined }) {
  if (exponent === undefined) return null;
  return (
    <>
      {" × 10"}
      <sup>{String(exponent).replace("-", "−")}</sup>
    </>
  );
}

/** "12.4 ± 0.6 s² m⁻³": the ± in magenta, one power of ten for both. */
export function StatementView({ statement, unit }: { statement: WrittenStatement; unit: RunText }) {
  const marked = useDecimalMark();
  const { value, uncertainty, exponent } = statement;
  const powered = exponent !== undefined;
  return (
    <span className="whitespace-nowrap">
      {powered && "("}
      {marked(value)} <span className="text-magenta">± {marked(uncertainty)}</span>
      {powered && ")"}
      <Power exponent={exponent} />
      {unit.length > 0 && " "}
      <RunTextView runs={unit} />
    </span>
  );
}

/** A number with its unit and no ±. */
export function NumberView({ number, unit }: { number: WrittenNumber; unit: RunText }) {
  const marked = useDecimalMark();
  return (
    <span className="whitespace-nowrap">
      {marked(number.mantissa)}
      <Power exponent={number.exponent} />
      {unit.length > 0 && " "}
      <RunTextView runs={unit} />
    </span>
  );
}
