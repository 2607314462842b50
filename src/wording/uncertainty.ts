import { writeStatement } from "@/core/number/writtenNumber";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import type { CombinationRule, SpreadRule } from "@/core/uncertainty/readingUncertainty";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import type { UncertaintyField, UncertaintyKind } from "@/investigation/model/uncertainty";
import { type Uncertainty, typedField } from "@/investigation/model/uncertainty";
import type { EvaluatedQuantity, Measured } from "@/pipeline/readings/evaluated";

/** The kinds of ± as they stand in the choice, the commonest first. */
export const uncertaintyChoices: readonly { value: UncertaintyKind; label: string }[] = [
  { value: "none", label: "none" },
  { value: "fixed", label: "the same for every reading" },
  { value: "half-division", label: "half the smallest division" },
  { value: "two-edges", label: "two edges read" },
  { value: "last-digit", label: "one last digit of a display" },
  { value: "percent", label: "a percentage of the reading" },
  { value: "percent-and-digits", label: "a percentage and digits" },
  { value: "counting", label: "counting: √N" },
  { value: "up-and-down", label: "different up and down" },
  { value: "column", label: "in another column" },
];

/** What each typed number of a ± is called, and whether it carries the quantity's unit. */
export const uncertaintyLabels: Readonly<
  Record<UncertaintyField, { label: string; inUnit: boolean; example: string }>
> = {
  amount: { label: "± of each reading", inUnit: true, example: "0.1" },
  up: { label: "Up by", inUnit: true, example: "0.2" },
  down: { label: "Down by", inUnit: true, example: "0.1" },
  percent: { label: "Percentage of the reading", inUnit: false, example: "2" },
  digits: { label: "Digits of the last place", inUnit: false, example: "2" },
  division: { label: "Smallest division", inUnit: true, example: "0.001" },
  edge: { label: "± of a single edge", inUnit: true, example: "0.0005" },
  column: { label: "The column of its ±", inUnit: false, example: "" },
};

/** What stands for the scatter of repeats. */
export const spreadNames: Readonly<Record<SpreadRule, string>> = {
  "half-range": "half-range (max − min)/2",
  "sample-standard-deviation": "standard deviation s (n − 1)",
  "standard-error": "standard error of the mean s/√n",
};

/** The same in a narrow heading. */
export const scatterShort: Readonly<Record<SpreadRule, string>> = {
  "half-range": "½ range",
  "sample-standard-deviation": "s",
  "standard-error": "s/√n",
};

/** How scatter and instrument become one ±. */
export const combinationNames: Readonly<Record<CombinationRule, string>> = {
  larger: "the larger of both",
  quadrature: "quadrature √(a² + b²)",
  sum: "plain sum",
  "spread-only": "scatter only",
  "instrument-only": "instrument only",
};

/** Under a heading where nothing is said of the ± of all readings. */
export const uncertaintyInCells = {
  ofEach: "± of each reading",
  none: "no ± yet",
  explained: "Each reading states its own ±; one that states none has no bar.",
} as const;

/** The ± as it stands in a heading, or "" where there is none yet. */
export function uncertaintyHeading(uncertainty: Uncertainty): string {
  const typed = (field: UncertaintyField) => typedField(uncertainty, field).trim();
  switch (uncertainty.kind) {
    case "none":
    case "column":
      return "";
    case "fixed":
      return typed("amount") && `± ${typed("amount")}`;
    case "up-and-down":
      return typed("up") && typed("down") && `+${typed("up")} −${typed("down")}`;
    case "percent":
      return typed("percent") && `± ${typed("percent")} %`;
    case "percent-and-digits":
      return (
        typed("percent") &&
        typed("digits") &&
        `± (${typed("percent")} % + ${typed("digits")} digits)`
      );
    case "half-division":
      return typed("division") && `± ½ × ${typed("division")}`;
    case "two-edges":
      return typed("edge") && `± 2 × ${typed("edge")}`;
    case "last-digit":
      return "± 1 last digit";
    case "counting":
      return "± √N";
  }
}

/** How the ± comes about, in a sentence; `size` is what it amounts to where it is the same for all readings. */
export function uncertaintySentence(uncertainty: Uncertainty, size: string, unit: string): string {
  const amount = (text: string) => [text, unit].filter(Boolean).join("\u00a0");
  switch (uncertainty.kind) {
    case "none":
      return "No ± is given: the points have no bars.";
    case "fixed":
      return `Every reading is sure to ±\u00a0${amount(size)}.`;
    case "up-and-down":
      return `Every reading may be up to ${amount(uncertainty.up)} too low and ${amount(uncertainty.down)} too high. Where one number is needed, their mean is used: ±\u00a0${amount(size)}.`;
    case "half-division":
      return `Half the smallest division of ${amount(uncertainty.division)}: ±\u00a0${amount(size)}.`;
    case "two-edges":
      return `±\u00a0${amount(uncertainty.edge)} at each edge, twice because both ends are read: ±\u00a0${amount(size)}.`;
    case "last-digit":
      return "One step of the last digit that was typed: ± 0.01 for a reading of 3.20.";
    case "percent":
      return `${uncertainty.percent} % of each reading.`;
    case "percent-and-digits":
      return `${uncertainty.percent} % of each reading and ${uncertainty.digits} steps of its last digit.`;
    case "counting":
      return "The square root of each count: ± 12 for 144; a count of nothing has ± 1.";
    case "column":
      return "The reading beside it in that column is its ±.";
  }
}

const joining: Readonly<Record<CombinationRule, string>> = {
  larger: "the larger counts",
  quadrature: "in quadrature",
  sum: "added",
  "spread-only": "the scatter alone counts",
  "instrument-only": "the instrument alone counts",
};

const scatterNames: Readonly<Record<SpreadRule, string>> = {
  "half-range": "half-range",
  "sample-standard-deviation": "standard deviation",
  "standard-error": "standard error of the mean",
};

/** What the ± of one mean consists of: "3 repeats: half-range 0.05 s, instrument 0.10 s; the larger counts: ± 0.10 s." */
export function scatterSentence(found: Measured, evaluated: EvaluatedQuantity): string {
  const unit = plainRunText(writeUnitText(evaluated.quantity.unit));
  const size = (value: number) => {
    const { uncertainty, exponent } = writeStatement(0, value, "two");
    const text = exponent === undefined ? uncertainty : `${uncertainty}×10^${exponent}`;
    return [value === 0 ? "0" : text, unit].filter(Boolean).join("\u00a0");
  };
  const { spread, scatter, instrument, bars } = found;
  if (scatter === undefined) return `One reading: ±\u00a0${size(meanBar(bars))} by the instrument.`;
  return (
    `${spread.count} repeats: ${scatterNames[evaluated.spread]} ${size(scatter)}, ` +
    `instrument ${size(meanBar(instrument))}; ${joining[evaluated.combination]}: ±\u00a0${size(meanBar(bars))}.`
  );
}

/** The ± of a column behind each reading, and back. */
export const foldingWords = {
  fold: "Put the ± behind each reading",
  unfold: "Take the ± into a column of its own",
} as const;
