import { symbolsOf } from "@/core/expression/tree";
import { inOrder } from "@/investigation/model/order";
import { plainResult } from "@/investigation/model/result";
import { firstSeries } from "./lineSource";
import { theoryLine } from "./resultFormula";
import type { ResultContext } from "./source";

/** A constant that the theory says a line holds. */
export interface Proposal {
  readonly symbol: string;
  readonly figure: string;
  readonly series: string;
  readonly about: "slope" | "intercept";
}

/** Every unknown of the theory that stands in the slope or the intercept of a figure, and is no result yet. */
export function proposalsOf(context: ResultContext): readonly Proposal[] {
  const { document } = context;
  const had = new Set(Object.values(document.results).map(({ symbol }) => symbol.trim()));
  const found: Proposal[] = [];
  for (const [figure] of inOrder(document.figures)) {
    const series = firstSeries(figure, context);
    const plain = plainResult("a0", figure);
    const line = theoryLine({ ...plain, source: { ...plain.source, series } }, context);
    if (line.kind !== "line") continue;
    for (const about of ["slope", "intercept"] as const) {
      for (const symbol of symbolsOf(line.line[about])) {
        const unknown = line.whole.roles.unknown.includes(symbol) && !had.has(symbol);
        if (!unknown || found.some((one) => one.symbol === symbol)) continue;
        found.push({ symbol, figure, series, about });
      }
    }
  }
  return found;
}
