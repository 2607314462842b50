"use client";

import { useDeferredValue, useEffect, useState } from "react";
import { checkFigures, figureMarks, type LookedFigure } from "@/marks/figureMarks";
import { lookAfter, type WrittenMark } from "@/marks/mark";
import { useFigures, useHouseRules, useTables } from "../store/useEvaluated";
import { useFittedCurves } from "../store/useResults";
import { inTurns } from "../store/turns";
import { useInvestigation } from "../store/useInvestigation";
import { useWorded } from "../language/useWorded";

/** In ms: not at every step of something that is dragged. */
const afterDrag = 120;

/** The marks on every figure; what they concern is the figure itself. */
export function useFigureMarks(): readonly WrittenMark[] {
  const tables = useDeferredValue(useTables());
  const figures = useFigures();
  const rules = useHouseRules();
  const curves = useFittedCurves();
  const dismissed = useInvestigation((state) => state.document.dismissed);
  const [looked, setLooked] = useState<readonly LookedFigure[]>([]);
  useEffect(() => {
    let current = true;
    const timer = setTimeout(
      () => {
        void inTurns(checkFigures(figures, tables, curves, rules), () => current).then(
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
  return useWorded(figureMarks, looked, dismissed);
}
