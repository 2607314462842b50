"use client";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import { checkFigure } from "@/pipeline/checks/figure/checkFigure";
import { fitFigure } from "@/pipeline/fit";
import type { EvaluatedTable } from "@/pipeline/table";
import { findingSentence } from "@/wording/findings";
import { type NumberedFigure, useFigures, useHouseRules, useTables } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { lookAfter, type Mark } from "./mark";

interface Looked {
  readonly id: string;
  readonly number: number;
  readonly table: string;
  readonly findings: readonly Finding[];
}

function lookAt(
  { id, figure, number }: NumberedFigure,
  tables: readonly EvaluatedTable[],
  rules: HouseRules,
): Looked {
  const fit = fitFigure(tables, figure, rules);
  const findings = fit ? checkFigure(figure, number, fit, rules) : [];
  return { id, number, table: fit?.table.id ?? "", findings };
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
      () => setLooked(figures.map((figure) => lookAt(figure, tables, rules))),
      lookAfter(tables),
    );
    return () => clearTimeout(timer);
  }, [tables, figures, rules]);
  return useMemo(
    () =>
      looked.flatMap(({ id, number, table, findings }) =>
        findings.map((finding): Mark => {
          const key = `${finding.name}_${id}`;
          return {
            ...{
              key,
              id,
              table,
              stage: "plot",
              place: "",
              quantity: [{ text: `Figure ${number}` }],
            },
            ...{ sentence: findingSentence(finding), column: 0 },
            ...{ dismissable: true, answer: dismissed[key] },
          };
        }),
      ),
    [looked, dismissed],
  );
}
