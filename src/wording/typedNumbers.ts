import { withMinusSign } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";

/** Digits before the point in threes, from five on: 299 792 458. */
function grouped(text: string): string {
  return text.replace(
    /^([+-]?)(\d{5,})/,
    (_, sign: string, whole: string) => sign + whole.replace(/\B(?=(?:\d{3})+$)/g, "\u202f"),
  );
}

/** A typed number as it is printed: "6.67430e-11" is 6.67430 × 10⁻¹¹. */
export function writeTyped(text: string): RunText {
  const match = /^([^eE]+)[eE]([+-]?\d+)$/.exec(text.trim());
  if (!match) return [{ text: withMinusSign(grouped(text.trim())) }];
  return [
    { text: `${withMinusSign(match[1] as string)} × 10` },
    { text: withMinusSign(match[2] as string).replace("+", ""), script: "super" },
  ];
}
