"use client";

import { useDeferredValue, useEffect } from "react";
import { buildReport } from "@/output/report/buildReport";
import { type Report, shownNodes } from "@/output/report/report";
import { reportContext } from "@/output/report/reportContext";
import type { Steps } from "@/pipeline/steps";
import { sceneOf } from "../parts/sceneOf";
import { workingTex } from "./ReportNodes";
import { htmlOf } from "../parts/Typeset";
import { inTurns } from "../store/turns";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";

/** How long after the last change, in ms: when nobody types, and the report has been looked at. */
const after = 800;

/** Lays out the figures of a report and typesets its formulas; who draws them finds them made. */
function* prepared(report: Report): Steps<void> {
  for (const node of shownNodes(report)) {
    if (node.kind === "figure") sceneOf(node.figure);
    else if (node.kind === "statement") htmlOf(node.tex);
    else if (node.kind === "working") {
      for (const line of node.lines) {
        htmlOf(workingTex(line));
        yield;
      }
    }
    yield;
  }
}

/** Shows nothing: makes what Write up shows while nobody waits for it, so that the stage opens at once. */
export function PreparedReport(): null {
  const document = useDeferredValue(useInvestigation((state) => state.document));
  const curves = useDeferredValue(useFittedCurves());
  useEffect(() => {
    if (Object.keys(document.writeUp.blocks).length === 0) return;
    let current = true;
    const timer = setTimeout(
      () => void inTurns(prepared(buildReport(reportContext(document, curves))), () => current),
      after,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [document, curves]);
  return null;
}
