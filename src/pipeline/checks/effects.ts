import type { Finding } from "@/core/finding/finding";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { checkSlope } from "./slope/checkSlope";
import { rowRule } from "../derived/derivedQuantities";
import { sharesOverRows } from "../derived/shares";
import type { EvaluatedQuantity } from "../readings/evaluated";
import { fitFigure } from "../lines/fit";
import { measuredColumn } from "../readings/measured";
import type { EvaluatedTable } from "../table/table";
import type { WorkedResult } from "../results/evaluatedResult";
import { foundLine } from "../results/lineSource";
import type { ResultContext } from "../results/source";

/** What the readings themselves tell of effects that may stand behind a result. */
export type Effect =
  | { readonly kind: "systematic" | "random"; readonly finding: Finding["name"] }
  /** The ± of a reading is that of what it is read with, not of its scatter. */
  | { readonly kind: "instrument"; readonly quantity: string; readonly instrument: string };

const telling: Readonly<Partial<Record<Finding["name"], "systematic" | "random">>> = {
  "intercept-off-zero": "systematic",
  "curve-in-residuals": "systematic",
  "many-boxes-missed": "random",
  "line-misses-boxes": "random",
  "bars-seem-too-long": "random",
  "dominant-reading": "random",
};

/** The quantity that is read and brings most of the ± of what is plotted. */
function decidingReading(
  plotted: EvaluatedQuantity,
  { quantities }: EvaluatedTable,
  context: ResultContext,
): EvaluatedQuantity | undefined {
  const column = plotted.derived?.column;
  if (!column) return plotted;
  const [most] = sharesOverRows(rowRule(context.rules), column)
    .filter(({ kind }) => kind === "reading")
    .sort((a, b) => b.share - a.share);
  return quantities.find(({ id }) => id === most?.id);
}

/** A quantity that is read several times and whose repeats agree better than its instrument can tell. */
function instrumentOf(
  plotted: EvaluatedQuantity,
  table: EvaluatedTable,
  context: ResultContext,
): readonly Effect[] {
  const reading = decidingReading(plotted, table, context);
  if (!reading) return [];
  const repeated = measuredColumn(table.rows, reading).filter(
    (one) => one !== undefined && one.spread.count > 1 && !one.aside,
  );
  const held = repeated.filter((one) => one && meanBar(one.instrument) > (one.scatter ?? 0));
  if (repeated.length === 0 || held.length < 0.8 * repeated.length) return [];
  const { name, symbol, instrument } = reading.quantity;
  return [{ kind: "instrument", quantity: name || symbol, instrument }];
}

/** What was seen in the line that a result is taken from, each effect once. */
export function effectsOf({ result }: WorkedResult, context: ResultContext): readonly Effect[] {
  const { kind, of, series } = result.source;
  if (kind !== "slope" && kind !== "intercept") return [];
  const found = foundLine(of, series, context);
  const fit = "name" in found ? undefined : fitFigure(context.tables, found.figure, context.rules);
  if ("name" in found || !fit) return [];
  const seen = checkSlope(found.figure, fit, found.one, context.rules).flatMap(
    ({ name }): Effect[] => {
      const about = telling[name];
      return about ? [{ kind: about, finding: name }] : [];
    },
  );
  return [...seen, ...instrumentOf(found.one.fitted.y, found.table, context)];
}
