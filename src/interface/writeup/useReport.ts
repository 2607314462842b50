"use client";

import { useDeferredValue, useMemo } from "react";
import { buildReport } from "@/output/report/buildReport";
import { liveValues } from "@/output/report/liveValues";
import type { Report } from "@/output/report/report";
import { reportContext } from "@/output/report/reportContext";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";
import type { Live } from "./LiveContext";

/** The report as it is now, with what can be set into its text; a moment behind the keys. */
export function useReport(): { readonly report: Report; readonly live: Live } {
  const document = useDeferredValue(useInvestigation((state) => state.document));
  const curves = useDeferredValue(useFittedCurves());
  return useMemo(() => {
    const context = reportContext(document, curves);
    const references = [...context.numbers].map(([to, number]) => ({
      to,
      text: `${to.startsWith("figure:") ? "Figure" : "Table"}\u00a0${number}`,
    }));
    return { report: buildReport(context), live: { values: liveValues(context), references } };
  }, [document, curves]);
}
