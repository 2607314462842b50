import { guardedFigures, writeNumber, type WrittenNumber } from "@/core/number/writtenNumber";
import type { FigureFit, SeriesFit } from "@/pipeline/lines/fit";
import type { LineRules } from "@/pipeline/lines/bestLine";
import { residualsOf } from "@/pipeline/lines/residuals";
import type { PlacedPoint } from "./figurePoints";

/** The line that a reading takes part in, its own series' before the one over all; undefined where there is none. */
export function lineOfPoint({ lines }: FigureFit, point: PlacedPoint): SeriesFit | undefined {
  const through = lines.filter(({ fitted, outcome }) =>
    outcome.kind === "line" && fitted.y.id === point.quantity && fitted.rows.some(({ id }) => id === point.row)); // prettier-ignore
  return through.find(({ fitted }) => fitted.series) ?? through[0];
}

/** How far a reading is off its line, in the unit of y, with the bar that it has towards the line. */
export function offTheLine(
  fit: FigureFit,
  point: PlacedPoint,
  rules: LineRules,
): { readonly off: number; readonly written: WrittenNumber } | undefined {
  const one = lineOfPoint(fit, point);
  if (one?.outcome.kind !== "line") return undefined;
  const index = one.fitted.rows.findIndex(({ id }) => id === point.row);
  const found = residualsOf(one.fitted, one.outcome.line, rules).points.find((of) => of.index === index); // prettier-ignore
  if (!found) return undefined;
  const size = Math.abs(found.off);
  const figures = found.bar > 0 && size > 0 ? guardedFigures(size, found.bar) - 1 : 2;
  return { off: found.off, written: writeNumber(size, Math.max(1, Math.min(3, figures))) };
}

/** The height of the line under a reading; undefined where it has none. */
export function heightOfLine(fit: FigureFit, point: PlacedPoint): number | undefined {
  const outcome = lineOfPoint(fit, point)?.outcome;
  if (outcome?.kind !== "line") return undefined;
  return outcome.line.slope * point.x + outcome.line.intercept;
}
