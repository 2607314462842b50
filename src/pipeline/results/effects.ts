import type { Finding } from "@/core/finding/finding";
import { checkSlope } from "../checks/slope/checkSlope";
import { fitFigure } from "../fit";
import type { WorkedResult } from "./evaluatedResult";
import { foundLine } from "./lineSource";
import type { ResultContext } from "./source";

/** What the readings themselves tell of effects that may stand behind a result. */
export interface Effect {
  readonly kind: "systematic" | "random";
  readonly finding: Finding["name"];
}

const telling: Readonly<Partial<Record<Finding["name"], Effect["kind"]>>> = {
  "intercept-off-zero": "systematic",
  "curve-in-residuals": "systematic",
  "many-boxes-missed": "random",
  "line-misses-boxes": "random",
  "bars-seem-too-long": "random",
  "dominant-reading": "random",
};

/** What was seen in the line that a result is taken from, each effect once. */
export function effectsOf({ result }: WorkedResult, context: ResultContext): readonly Effect[] {
  const { kind, of, series } = result.source;
  if (kind !== "slope" && kind !== "intercept") return [];
  const found = foundLine(of, series, context);
  const fit = "name" in found ? undefined : fitFigure(context.tables, found.figure, context.rules);
  if ("name" in found || !fit) return [];
  return checkSlope(found.figure, fit, found.one, context.rules).flatMap(({ name }) => {
    const about = telling[name];
    return about ? [{ kind: about, finding: name }] : [];
  });
}
