import type { UncertaintyField, UncertaintyKind } from "@/investigation/model/uncertainty";
import { type Uncertainty, typedField } from "@/investigation/model/uncertainty";

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
];

/** What each typed number of a ± is called, and whether it carries the quantity's unit. */
export const uncertaintyLabels: Readonly<
  Record<UncertaintyField, { label: string; inUnit: boolean; example: string }>
> = {
  amount: { label: "± of each reading", inUnit: true, example: "0.1" },
  percent: { label: "Percentage of the reading", inUnit: false, example: "2" },
  digits: { label: "Digits of the last place", inUnit: false, example: "2" },
  division: { label: "Smallest division", inUnit: true, example: "0.001" },
  edge: { label: "± of a single edge", inUnit: true, example: "0.0005" },
};

/** The ± as it stands in a heading, or "" where there is none yet. */
export function uncertaintyHeading(uncertainty: Uncertainty): string {
  const typed = (field: UncertaintyField) => typedField(uncertainty, field).trim();
  switch (uncertainty.kind) {
    case "none":
      return "";
    case "fixed":
      return typed("amount") && `± ${typed("amount")}`;
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
  }
}
