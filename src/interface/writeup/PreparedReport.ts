"use client";

import { useDeferredValue, useEffect } from "react";
import { type Report, shownNodes } from "@/output/report/report";
import type { Steps } from "@/pipeline/readings/steps";
import { drawingOf } from "../parts/StillFigure";
import { reportInHand } from "./reportInHand";
import { workingTex } from "./ReportNodes";
import { formulaOf } from "../parts/Typeset";
import { inTurns } from "../store/turns";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";

/** How long after the last change, in ms: when nobody types, and the report has been looked at. */
const after = 800;

/** Lays out the figures of a report and typesets its formulas; who draws them finds them made. */
function* prepared(report: Report): Steps<void> {
  for (const node of shownNodes(report)) {
    if (node.kind === "figure") drawingOf(node.figure);
    else if (node.kind === "statement") formulaOf(node.tex);
    else if (node.kind === "working") {
      for (const line of node.lines) {
        if (line.of) formulaOf(line.of);
        formulaOf(workingTex(line));
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
      () => void inTurns(prepared(reportInHand(document, curves).report), () => current),
      after,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [document, curves]);
  return null;
}
