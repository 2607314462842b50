import { plainRunText, type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { WrittenMark } from "@/marks/mark";
import { marksOf } from "@/marks/marksOf";
import { curvesOf } from "@/output/report/curvesOf";
import { type ReportContext, reportContext } from "@/output/report/reportContext";
import { statementRuns } from "@/output/report/statements";
import { writeSlopeUnit } from "@/core/unit/unitText";
import { statedLine } from "@/pipeline/lines/statedLine";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import { firstSeries, foundLine, type FoundLine } from "@/pipeline/results/lineSource";

/** The number that a bench came to: as it states it, and in SI units beside those of others. */
export interface StatedResult {
  readonly name: string;
  readonly runs: RunText;
  /** In SI units. */
  readonly value: number;
  /** In SI units; 0 where none is known. */
  readonly uncertainty: number;
  /** The unit in which the bench states it, and how many SI units one of it is. */
  readonly unit: string;
  readonly factor: number;
  /** Powers of the base units: only what has the same lies on one number line. */
  readonly dimension: readonly number[];
}

/** What a class sees of a bench at a glance. */
export interface BenchSummary {
  /** Readings that were typed, of all tables. */
  readonly readings: number;
  /** Pencil marks that nobody has answered. */
  readonly openMarks: number;
  /** What the first of them say: what to ask the bench. */
  readonly asks: readonly string[];
  /** Whether the points of the first line lie straight; undefined where they are too few to tell. */
  readonly straight?: boolean;
  /** The slope of the first line, as it is stated. */
  readonly slope?: RunText;
  readonly result?: StatedResult;
}

const mostAsked = 3;
/** Fewer points than a pattern about a line takes to be seen (`checks/slope/curvedPattern.ts`). */
const fewPoints = 6;

function readingsIn({ rows }: Investigation): number {
  let count = 0;
  for (const { readings } of Object.values(rows)) {
    for (const text of Object.values(readings)) if (text.trim() !== "") count++;
  }
  return count;
}

function resultOf(
  { results, rules }: ReportContext,
  wanted: string | undefined,
): StatedResult | undefined {
  const worked = results.filter((one): one is WorkedResult => one.kind === "worked");
  const one = worked.find(({ id }) => id === wanted) ?? worked[0];
  if (!one) return undefined;
  const { result, unit, value, size, si } = one;
  return {
    name: plainRunText(writeSymbol(result.symbol)) || result.name,
    runs: statementRuns(value, size, unit.text, rules),
    value: si,
    uncertainty: size * Math.abs(unit.factor),
    unit: unit.text,
    factor: unit.factor,
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

function slopeOf({ one, ...found }: FoundLine, { rules }: ReportContext): RunText {
  const { x, y } = one.fitted;
  const { line, ofSlope } = statedLine({ ...found, one }, rules);
  return statementRuns(
    line.slope,
    ofSlope,
    writeSlopeUnit(y.quantity.unit, x.quantity.unit),
    rules,
  );
}

const isBend = ({ key }: WrittenMark) => key.startsWith("curve-in-residuals_");

function asked({ rowWords, quantity, sentence }: WrittenMark): string {
  return `${rowWords}${plainRunText(quantity)}: ${sentence}`;
}

/**
 * What a bench has so far, worked out from its sheet as its pages are.
 * @param result the id of the result that the experiment is after; where there is none such, the first that is worked out.
 */
export function benchSummary(document: Investigation, result?: string): BenchSummary {
  const context = reportContext(document, curvesOf(document));
  const marks = marksOf(context);
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
