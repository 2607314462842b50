"use client";

import { useCallback, useMemo } from "react";
import type { FigureSpecification } from "@/figure/specification";
import { figureSpecification } from "@/pipeline/figure/figure";
import { withCurves } from "@/pipeline/figure/figureCurves";
import { useCurvesOf } from "./CurvesProvider";
import { useFigure, useHouseRules } from "./useEvaluated";
import { useFigureFit } from "./useFigureFit";

/** What works out the figure in hand when it is asked for, as `useFigureSpecification` gives it. */
export function useFigureWhenAsked(): () => FigureSpecification | undefined {
  const { id, figure, number } = useFigure() ?? {};
  const found = useFigureFit();
  const rules = useHouseRules();
  const curves = useCurvesOf(id);
  return useCallback(() => {
    if (!figure || !number || !found) return undefined;
    const plain = figureSpecification(figure, number, found, rules);
    const fitted = curves.flatMap((one) => one.fitted ?? []);
    return fitted.length > 0 ? withCurves(plain, fitted, figure.line, rules) : plain;
  }, [figure, number, found, rules, curves]);
}

/** The figure in hand at its printed size, with its curves. */
export function useFigureSpecification(): FigureSpecification | undefined {
  const workOut = useFigureWhenAsked();
  return useMemo(() => workOut(), [workOut]);
}
