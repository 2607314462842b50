import type { Uncertainty } from "../model/uncertainty";

/** A ± as a person can read it in a file, and as `readUncertaintyText` reads it back; a column is named by its symbol. */
export function uncertaintyText(
  uncertainty: Uncertainty,
  symbolOf: (quantity: string) => string,
): string {
  switch (uncertainty.kind) {
    case "none":
      return "none";
    case "fixed":
      return `± ${uncertainty.amount}`;
    case "up-and-down":
      return `up ${uncertainty.up}, down ${uncertainty.down}`;
    case "percent":
      return `${uncertainty.percent} % of the reading`;
    case "percent-and-digits":
      return `${uncertainty.percent} % of the reading and ${uncertainty.digits} digits`;
    case "half-division":
      return `half of ${uncertainty.division}`;
    case "two-edges":
      return `two edges of ${uncertainty.edge}`;
    case "last-digit":
      return "one last digit";
    case "counting":
      return "square root of the count";
    case "column":
      return `column ${symbolOf(uncertainty.column)}`;
  }
}

const spellings: readonly (readonly [RegExp, (...parts: string[]) => Uncertainty])[] = [
  [/^±\s*(.*)$/, (amount = "") => ({ kind: "fixed", amount })],
  [/^up (.*), down (.*)$/, (up = "", down = "") => ({ kind: "up-and-down", up, down })],
  [
    /^(.*?)\s*% of the reading and (.*?)\s*digits$/,
    (percent = "", digits = "") => ({ kind: "percent-and-digits", percent, digits }),
  ],
  [/^(.*?)\s*% of the reading$/, (percent = "") => ({ kind: "percent", percent })],
  [/^half of\s*(.*)$/, (division = "") => ({ kind: "half-division", division })],
  [/^two edges of\s*(.*)$/, (edge = "") => ({ kind: "two-edges", edge })],
  [/^one last digit$/, () => ({ kind: "last-digit" })],
  [/^square root of the count$/, () => ({ kind: "counting" })],
  [/^column (.*)$/, (column = "") => ({ kind: "column", column })],
];

/** Reads what `uncertaintyText` wrote; anything else is none. A column is given by its symbol. */
export function readUncertaintyText(text: string): Uncertainty {
  for (const [pattern, uncertainty] of spellings) {
    const match = pattern.exec(text.trim());
    if (match) return uncertainty(...match.slice(1));
  }
  return { kind: "none" };
}
