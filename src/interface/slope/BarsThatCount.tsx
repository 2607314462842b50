import { slopeTexts } from "@/wording/slopeTexts";
import { Choice } from "../parts/Choice";
import { options } from "../parts/options";

interface Props<Weights extends string> {
  value: Weights;
  words: Readonly<Record<Weights, string>>;
  onChange: (weights: Weights) => void;
}

/** Which bars count for a line or a curve. */
export function BarsThatCount<Weights extends string>({ value, words, onChange }: Props<Weights>) {
  return (
    <Choice
      label={slopeTexts.barsThatCount}
      value={value}
      options={options(words)}
      onChange={onChange}
    />
  );
}
