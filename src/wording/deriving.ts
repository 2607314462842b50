import type { PropagationRule } from "@/core/uncertainty/propagate";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Share } from "@/pipeline/derived/shares";
import type { WorkedLine } from "@/pipeline/derived/workedExample";

/** What stands before each line of a worked example. */
export function stepLabel({ step, how }: WorkedLine): string {
  switch (step) {
    case "formula":
      return "formula";
    case "written-out":
      return "written out";
    case "numbers":
      return "numbers in";
    case "value":
      return "value";
    case "part":
      return how === "percentages" ? "percentage of" : how === "sum" ? "± of" : "brought by";
    case "together":
      return how === "percentages" ? "percentages together" : "together";
    case "stated":
      return "stated";
  }
}

export const ruleNames: Readonly<Record<PropagationRule, string>> = {
  "worst-case": "worst case",
  quadrature: "in quadrature",
};

/** Why the two ways differ here, in a sentence. */
export function rulesSentence(worst: number, quadrature: number): string {
  if (worst === 0) return "Nothing in it has a ±, so there is nothing to add.";
  if (quadrature > 0.999 * worst)
    return "One input brings nearly all of the ±, so both ways agree.";
  return `Independent errors seldom all stand at their limits at once: quadrature gives ${Math.round((100 * quadrature) / worst)} % of the worst case.`;
}

const misleading = 0.05;

/** What the draws gave, to those who hear the page. */
export const drawnSpoken = (uncertainty: string) => `Drawn: ± ${uncertainty}.`;

/** What the draws say beside first order, in a sentence. */
export function drawnSentence(
  standardDeviation: number,
  firstOrder: number,
  { uncertaintyMeans, propagation }: HouseRules,
): string {
  const meaning =
    uncertaintyMeans === "limit"
      ? "Each ± was drawn as a limit, from a rectangle, so this is a standard deviation and smaller than a limit"
      : "Each ± was drawn as a standard uncertainty, from a normal distribution";
  if (uncertaintyMeans === "limit" || propagation === "worst-case" || firstOrder === 0) {
    return `${meaning}.`;
  }
  const apart = Math.abs(standardDeviation - firstOrder) / firstOrder;
  return apart > misleading
    ? `${meaning}. It differs by ${Math.round(apart * 100)} % from first order, which misleads here.`
    : `${meaning}. It agrees with first order.`;
}

const decisive = 0.6;
const idle = 0.05;

/** What to do about the ±, in one line. */
export function shareAdvice(
  shares: readonly (Share & {
    readonly name: string;
    /** It is repeated in each row. */
    readonly scatters: boolean;
    /** It is a time, of which several can be taken at once. */
    readonly isTime: boolean;
  })[],
): string | undefined {
  const sorted = [...shares].sort((a, b) => b.share - a.share);
  const [first] = sorted;
  if (!first || first.share === 0) return undefined;
  const last = sorted.at(-1);
  const useless =
    last && last !== first && last.share < idle
      ? ` A surer ${last.name} would change nothing.`
      : "";
  if (first.share < decisive) return "No input decides alone: each has to become surer.";
  const remedy =
    first.kind === "constant"
      ? "Measure that constant again."
      : first.scatters
        ? first.isTime
          ? "Take more repeats, or time more at once."
          : "Take more repeats, and see what makes them differ."
        : "Read it with a finer instrument, or make it larger.";
  return `${first.name.charAt(0).toUpperCase()}${first.name.slice(1)} decides. ${remedy}${useless}`;
}

/** The functions that a formula may hold. */
export const functionWords = {
  title: "Functions that a formula may hold",
  hint: "Each writes an example with your own symbol, to go on from.",
  on: {
    row: "of a number, row by row (angles in radians)",
    neighbours: "of a row and the next one",
    column: "of the whole column, series by series",
  },
} as const;
