import { withMinusSign } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";

/** A typed number as it is printed: "6.67430e-11" is 6.67430 × 10⁻¹¹. */
export function writeTyped(text: string): RunText {
  const match = /^([^eE]+)[eE]([+-]?\d+)$/.exec(text.trim());
  if (!match) return [{ text: withMinusSign(text.trim()) }];
  return [
    { text: `${withMinusSign(match[1] as string)} × 10` },
    { text: withMinusSign(match[2] as string).replace("+", ""), script: "super" },
  ];
}
