"use client";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import { checkFigure } from "@/pipeline/checks/figure/checkFigure";
import { checkSlope } from "@/pipeline/checks/slope/checkSlope";
import { seriesName } from "@/pipeline/figure";
import { fitFigure } from "@/pipeline/fit";
import type { EvaluatedTable } from "@/pipeline/table";
import { findingSentence } from "@/wording/findings";
import { type NumberedFigure, useFigures, useHouseRules, useTables } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { lookAfter, type Mark } from "./mark";

interface Looked {
  readonly stage: "plot" | "slope";
  /** Which line of the figure, where it has several, with its place. */
  readonly line: { readonly name: string; readonly place: number } | undefined;
  readonly id: string;
  readonly number: number;
  readonly table: string;
  readonly findings: readonly Finding[];
}

function lookAt(
  { id, figure, number }: NumberedFigure,
  tables: readonly EvaluatedTable[],
  rules: HouseRules,
): Looked[] {
  const fit = fitFigure(tables, figure, rules);
  if (!fit) return [];
  const where = { id, number, table: fit.table.id };
  const several = fit.lines.length > 1;
  return [
    {
      ...{ stage: "plot", line: undefined, ...where },
      findings: checkFigure(figure, number, fit, rules),
    },
    ...fit.lines.map((one, place): Looked => ({
      ...{ stage: "slope", line: several ? { name: seriesName(one, fit), place } : undefined },
      ...{ ...where, findings: checkSlope(figure, fit, one, rules) },
    })),
  ];
}

/** The marks on every figure; what they concern is the figure itself. */
export function useFigureMarks(): readonly Mark[] {
  const tables = useDeferredValue(useTables());
  const figures = useFigures();
  const rules = useHouseRules();
  const dismissed = useInvestigation((state) => state.document.dismissed);
  const [looked, setLooked] = useState<readonly Looked[]>([]);
  useEffect(() => {
    const timer = setTimeout(
      () => setLooked(figures.flatMap((figure) => lookAt(figure, tables, rules))),
      lookAfter(tables),
    );
    return () => clearTimeout(timer);
  }, [tables, figures, rules]);
  return useMemo(
    () =>
      looked.flatMap(({ stage, line, id, number, table, findings }) =>
        findings.map((finding): Mark => {
          const key = `${finding.name}_${id}${line ? `_${line.place}` : ""}`;
          const name = `Figure ${number}${line ? `, ${line.name}` : ""}`;
          return {
            ...{ key, id, table, stage, place: "", quantity: [{ text: name }] },
            ...{ sentence: findingSentence(finding), column: 0 },
            ...{ dismissable: true, answer: dismissed[key] },
          };
        }),
      ),
    [looked, dismissed],
  );
}
