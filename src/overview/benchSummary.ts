import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { WrittenMark } from "@/marks/mark";
import { marksOf } from "@/marks/marksOf";
import { curvesOf } from "@/output/report/curvesOf";
import { type ReportContext, reportContext } from "@/output/report/reportContext";
import { statementRuns } from "@/output/report/statements";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import { statedLine } from "@/pipeline/lines/statedLine";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import { firstSeries, foundLine, type FoundLine } from "@/pipeline/results/lineSource";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import type { Asked, BenchSummary, StatedResult } from "./glance";

const mostAsked = 3;
/** Fewer points than a pattern about a line takes to be seen (`checks/slope/curvedPattern.ts`). */
const fewPoints = 6;

const isTyped = (text: string) => text.trim() !== "";

/** Rows in which something was typed: repeats of one reading count once. */
const readingsIn = ({ rows }: Investigation): number =>
  Object.values(rows).filter(({ readings }) => Object.values(readings).some(isTyped)).length;

function resultOf(
  { results, rules }: ReportContext,
  wanted: string | undefined,
): StatedResult | undefined {
  const worked = results.filter((one): one is WorkedResult => one.kind === "worked");
  const one = worked.find(({ id }) => id === wanted) ?? worked[0];
  if (!one) return undefined;
  const { result, unit, value, size, si } = one;
  return {
    name: result.name,
    symbol: writeSymbol(result.symbol),
    number: statementRuns(value, size, "", rules),
    unit: writeUnitText(unit.text),
    value: si,
    uncertainty: size * Math.abs(unit.factor),
    unitText: unit.text,
    factor: unit.factor,
    offset: unit.offset,
    dimension: unit.dimension,
  };
}

/** The first line that any figure has. */
function firstLine(context: ReportContext): FoundLine | undefined {
  for (const [id] of inOrder(context.document.figures)) {
    const found = foundLine(id, firstSeries(id, context), context);
    if (!("name" in found)) return found;
  }
  return undefined;
}

function slopeOf({ one, ...found }: FoundLine, { rules }: ReportContext): BenchSummary["slope"] {
  const { x, y } = one.fitted;
  const { line, ofSlope } = statedLine({ ...found, one }, rules);
  return {
    value: line.slope,
    number: statementRuns(line.slope, ofSlope, "", rules),
    unit: writeSlopeUnit(y.quantity.unit, x.quantity.unit),
  };
}

const isBend = ({ key }: WrittenMark) => key.startsWith("curve-in-residuals_");

const asked = ({ place, finding }: WrittenMark): Asked => ({ place, finding });

/**
 * What a bench has so far, worked out from its sheet as its pages are.
 * @param result the id of the result that the experiment is after; where there is none such, the first that is worked out.
 */
export function benchSummary(document: Investigation, result?: string): BenchSummary {
  const context = reportContext(document, curvesOf(document));
  const marks = inItsLanguage(document.houseRules, () => marksOf(context));
  const open = marks.filter(({ answer }) => answer === undefined);
  const line = firstLine(context);
  const stated = resultOf(context, result);
  const enough = line !== undefined && line.one.fitted.rows.length >= fewPoints;
  return {
    readings: readingsIn(document),
    openMarks: open.length,
    asks: open.slice(0, mostAsked).map(asked),
    ...(enough && { straight: !marks.some(isBend) }),
    ...(line && { slope: slopeOf(line, context) }),
    ...(stated && { result: stated }),
  };
}
