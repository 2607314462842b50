import type { FigureSpecification } from "@/figure/specification";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { withCurves } from "@/pipeline/figure/figureCurves";
import { remembered } from "@/remembered/remembered";
import type { EvaluatedResult } from "@/pipeline/results/evaluatedResult";
import { evaluateResults } from "@/pipeline/results/results";
import type { FittedCurves, ResultContext } from "@/pipeline/results/source";
import { evaluateTables } from "@/pipeline/table/table";

/** What a report is made from. */
export interface ReportContext extends ResultContext {
  readonly document: Investigation;
  readonly results: readonly EvaluatedResult[];
  /** The numbers of tables and figures in the report, by "table:BLOCK" and "figure:ID". */
  readonly numbers: ReadonlyMap<string, number>;
}

/** Blocks that print a numbered table. */
const tabled = new Set(["readings", "processed", "line"]);

/** Tables and figures numbered in the order in which the shown blocks stand. */
function numbersOf(document: Investigation): ReadonlyMap<string, number> {
  const numbers = new Map<string, number>();
  const { readOffs } = document;
  let [tables, figures] = [0, 0];
  for (const [id, { kind, of, hidden }] of inOrder(document.writeUp.blocks)) {
    if (hidden) continue;
    const readOff = kind === "recording" && Object.values(readOffs).some((one) => one.recording === of); // prettier-ignore
    if (readOff || tabled.has(kind)) numbers.set(`table:${id}`, ++tables);
    if (kind === "recording" && document.recordings[of]) numbers.set(`figure:${of}`, ++figures);
    if (kind === "figure" && !numbers.has(`figure:${of}`)) numbers.set(`figure:${of}`, ++figures);
  }
  return numbers;
}

/** Gathers what a report is made from; once as long as document and curves stay. */
export const reportContext = remembered(
  (document: Investigation, curves: FittedCurves): ReportContext => {
    const tables = evaluateTables(document);
    const rules = document.houseRules;
    const context: ResultContext = { document, tables, curves, rules };
    return {
      document,
      tables,
      curves,
      rules,
      results: evaluateResults(context),
      numbers: numbersOf(document),
    };
  },
);

/** The number of a figure in the report, or among the figures where the report does not show it. */
export function figureNumber(id: string, { document, numbers }: ReportContext): number {
  const own = numbers.get(`figure:${id}`);
  return own ?? inOrder(document.figures).findIndex(([figure]) => figure === id) + 1;
}

/** A figure with its lines and curves, numbered as in the report; undefined while an axis is empty. */
export function reportFigure(id: string, context: ReportContext): FigureSpecification | undefined {
  const { document, tables, rules, curves } = context;
  const figure = document.figures[id];
  const fit = figure && fitFigure(tables, figure, rules);
  if (!figure || !fit) return undefined;
  const plain = figureSpecification(figure, figureNumber(id, context), fit, rules);
  const fitted = curves.get(id) ?? [];
  return fitted.length > 0 ? withCurves(plain, fitted, figure.line, rules) : plain;
}
