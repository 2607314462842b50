"use client";

import { useDeferredValue, useEffect, useState } from "react";
import type { WrittenMark } from "@/marks/mark";
import { checkedReport, type LookedReport, reportMarks } from "@/marks/reportMarks";
import { reportContext } from "@/output/report/reportContext";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";
import { useWorded } from "../language/useWorded";

/** How long after a change the report is looked at, in ms: it is never in the way of the keys. */
const after = 250;

/** The marks on results and on the report. */
export function useReportMarks(): readonly WrittenMark[] {
  const document = useDeferredValue(useInvestigation((state) => state.document));
  const curves = useDeferredValue(useFittedCurves());
  const [looked, setLooked] = useState<readonly LookedReport[]>([]);
  const idle =
    Object.keys(document.results).length === 0 && Object.keys(document.writeUp.blocks).length === 0;
  useEffect(() => {
    const timer = setTimeout(
      () => setLooked(idle ? [] : checkedReport(reportContext(document, curves))),
      idle ? 0 : after,
    );
    return () => clearTimeout(timer);
  }, [document, curves, idle]);
  const { dismissed } = document;
  return useWorded(reportMarks, looked, dismissed);
}
