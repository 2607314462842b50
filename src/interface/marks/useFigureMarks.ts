"use client";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import { checkCurve } from "@/pipeline/checks/curve/checkCurve";
import { checkedFigure } from "@/pipeline/checks/figure/checkFigure";
import { checkedSlope } from "@/pipeline/checks/slope/checkSlope";
import { figureSpecification, seriesName } from "@/pipeline/figure/figure";
import { type FigureFit, fitFigure } from "@/pipeline/lines/fit";
import type { Steps } from "@/pipeline/readings/steps";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { findingSentence } from "@/wording/findings";
import { type CurveState, useAllCurves } from "../store/CurvesProvider";
import { type NumberedFigure, useFigures, useHouseRules, useTables } from "../store/useEvaluated";
import { inTurns } from "../store/turns";
import { useInvestigation } from "../store/useInvestigation";
import { lookAfter, type WrittenMark } from "./mark";

/** In ms: not at every step of something that is dragged. */
const afterDrag = 120;

const noCurves: readonly CurveState[] = [];

interface Looked {
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
  curves: readonly CurveState[],
  rules: HouseRules,
): Looked[] {
  const fitted = curves.flatMap((one) => one.fitted ?? []);
  if (fitted.length === 0) return [];
  const specification = figureSpecification(figure, number, fit, rules);
  return fitted.map((one, place): Looked => ({
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
  curves: readonly CurveState[],
  rules: HouseRules,
): Steps<readonly Looked[]> {
  const { id, figure, number } = numbered;
  const fit = fitFigure(tables, figure, rules);
  if (!fit) return [];
  yield;
  const where = { id, number, table: fit.table.id };
  const seen = yield* checkedFigure(figure, number, fit, rules);
  const found: Looked[] = [{ stage: "plot", line: undefined, ...where, findings: seen }];
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

function* lookAtAll(
  figures: readonly NumberedFigure[],
  tables: readonly EvaluatedTable[],
  curves: ReadonlyMap<string, readonly CurveState[]>,
  rules: HouseRules,
): Steps<readonly Looked[]> {
  const found: Looked[] = [];
  for (const figure of figures) {
    found.push(...(yield* lookAt(figure, tables, curves.get(figure.id) ?? noCurves, rules)));
    yield;
  }
  return found;
}

/** The marks on every figure; what they concern is the figure itself. */
export function useFigureMarks(): readonly WrittenMark[] {
  const tables = useDeferredValue(useTables());
  const figures = useFigures();
  const rules = useHouseRules();
  const curves = useAllCurves();
  const dismissed = useInvestigation((state) => state.document.dismissed);
  const [looked, setLooked] = useState<readonly Looked[]>([]);
  useEffect(() => {
    let current = true;
    const timer = setTimeout(
      () => {
        void inTurns(lookAtAll(figures, tables, curves, rules), () => current).then(
          (all) => all && current && setLooked(all),
        );
      },
      Math.max(afterDrag, lookAfter(tables)),
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [tables, figures, curves, rules]);
  return useMemo(
    () =>
      looked.flatMap(({ stage, line, id, number, table, findings }) =>
        findings.map((finding): WrittenMark => {
          const key = `${finding.name}_${id}${line ? `_${line.key}` : ""}`;
          const name = `Figure ${number}${line ? `, ${line.name}` : ""}`;
          return {
            key,
            keys: [key],
            id,
            table,
            stage,
            rowWords: "",
            quantity: [{ text: name }],
            sentence: findingSentence(finding),
            column: 0,
            dismissable: true,
            answer: dismissed[key],
          };
        }),
      ),
    [looked, dismissed],
  );
}
