import type { Finding } from "@/core/finding/finding";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { checkCurve } from "@/pipeline/checks/curve/checkCurve";
import { checkedFigure } from "@/pipeline/checks/figure/checkFigure";
import { checkedSlope } from "@/pipeline/checks/slope/checkSlope";
import type { FittedCurve } from "@/pipeline/curves/fittedCurves";
import { figureSpecification, seriesName } from "@/pipeline/figure/figure";
import { type FigureFit, fitFigure } from "@/pipeline/lines/fit";
import type { Steps } from "@/pipeline/readings/steps";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { findingSentence } from "@/wording/findings";
import type { WrittenMark } from "./mark";

/** A figure with its number among the figures. */
export interface NumberedFigure {
  readonly id: string;
  readonly figure: Figure;
  readonly number: number;
}

type Curves = ReadonlyMap<string, readonly FittedCurve[]>;

/** What was found on a figure, or on one of its lines or curves. */
export interface LookedFigure {
  readonly stage: "plot" | "slope";
  /** Which curve, or which line of the figure where it has several, with its place. */
  readonly line: { readonly name: string; readonly key: string } | undefined;
  readonly id: string;
  readonly number: number;
  readonly table: string;
  readonly findings: readonly Finding[];
}

function lookAtCurves(
  { id, figure, number }: NumberedFigure,
  fit: FigureFit,
  fitted: readonly FittedCurve[],
  rules: HouseRules,
): LookedFigure[] {
  if (fitted.length === 0) return [];
  const specification = figureSpecification(figure, number, fit, rules);
  return fitted.map((one, place): LookedFigure => ({
    stage: "slope",
    id,
    number,
    table: fit.table.id,
    line: { name: one.name, key: `curve_${place}` },
    findings: checkCurve(one, specification, rules),
  }));
}

function* lookAt(
  numbered: NumberedFigure,
  tables: readonly EvaluatedTable[],
  curves: readonly FittedCurve[],
  rules: HouseRules,
): Steps<readonly LookedFigure[]> {
  const { id, figure, number } = numbered;
  const fit = fitFigure(tables, figure, rules);
  if (!fit) return [];
  yield;
  const where = { id, number, table: fit.table.id };
  const seen = yield* checkedFigure(figure, number, fit, rules);
  const found: LookedFigure[] = [{ stage: "plot", line: undefined, ...where, findings: seen }];
  yield;
  found.push(...lookAtCurves(numbered, fit, curves, rules));
  for (const [place, one] of fit.lines.entries()) {
    yield;
    const line =
      fit.lines.length > 1 ? { name: seriesName(one, fit), key: String(place) } : undefined;
    const findings = yield* checkedSlope(figure, fit, one, rules);
    found.push({ stage: "slope", line, ...where, findings });
  }
  return found;
}

/** Looks at all figures, line by line and check by check. */
export function* checkFigures(
  figures: readonly NumberedFigure[],
  tables: readonly EvaluatedTable[],
  curves: Curves,
  rules: HouseRules,
): Steps<readonly LookedFigure[]> {
  const found: LookedFigure[] = [];
  for (const figure of figures) {
    found.push(...(yield* lookAt(figure, tables, curves.get(figure.id) ?? [], rules)));
    yield;
  }
  return found;
}

/** The marks on figures; what they concern is the figure itself. */
export function figureMarks(
  looked: readonly LookedFigure[],
  dismissed: Investigation["dismissed"],
): readonly WrittenMark[] {
  return looked.flatMap(({ stage, line, id, number, table, findings }) =>
    findings.map((finding): WrittenMark => {
      const key = `${finding.name}_${id}${line ? `_${line.key}` : ""}`;
      return {
        key,
        keys: [key],
        id,
        table,
        stage,
        place: { kind: "figure", number, line: line?.name },
        finding,
        sentence: findingSentence(finding),
        column: 0,
        dismissable: true,
        answer: dismissed[key],
      };
    }),
  );
}
