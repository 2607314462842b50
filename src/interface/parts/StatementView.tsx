import type { RunText } from "@/core/unit/runText";
import type { WrittenNumber, WrittenStatement } from "@/core/number/writtenNumber";
import { RunTextView } from "./RunTextView";

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
  const { value, uncertainty, exponent } = statement;
  const powered = exponent !== undefined;
  return (
    <span className="whitespace-nowrap">
      {powered && "("}
      {value} <span className="text-magenta">± {uncertainty}</span>
      {powered && ")"}
      <Power exponent={exponent} /> <RunTextView runs={unit} />
    </span>
  );
}

/** A number with its unit and no ±. */
export function NumberView({ number, unit }: { number: WrittenNumber; unit: RunText }) {
  return (
    <span className="whitespace-nowrap">
      {number.mantissa}
      <Power exponent={number.exponent} /> <RunTextView runs={unit} />
    </span>
  );
}
