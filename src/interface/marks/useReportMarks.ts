"use client";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finding } from "@/core/finding/finding";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { buildReport } from "@/output/report/buildReport";
import { checkReport } from "@/output/report/checks/checkReport";
import { reportContext } from "@/output/report/reportContext";
import { checkResult } from "@/pipeline/checks/result/checkResult";
import { findingSentence } from "@/wording/findings";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";
import type { WrittenMark } from "./mark";

interface Looked {
  readonly stage: "conclude" | "writeup";
  readonly id: string;
  readonly named: RunText;
  readonly finding: Finding;
}

/** How long after a change the report is looked at, in ms: it is never in the way of the keys. */
const after = 250;

function lookAt(context: ReturnType<typeof reportContext>): readonly Looked[] {
  const { rules, results, document } = context;
  const ofResults = results.flatMap((one): Looked[] => {
    if (one.kind === "nothing") return [];
    const { symbol, name } = one.result;
    const named: RunText = symbol ? writeSymbol(symbol) : [{ text: name || "result" }];
    return checkResult(one, rules).map((finding) => ({
      stage: "conclude",
      id: one.id,
      named,
      finding,
    }));
  });
  const ofReport = checkReport(buildReport(context), context).map(({ block, finding }): Looked => {
    const heading = document.writeUp.blocks[block]?.heading.trim();
    return { stage: "writeup", id: block, named: [{ text: heading || "the report" }], finding };
  });
  return [...ofResults, ...ofReport];
}

/** The same key for the same remark, however the text around it changes. */
function keyOf({ id, finding }: Looked): string {
  const about = "text" in finding ? finding.text : "of" in finding ? String(finding.of) : "";
  return `${finding.name}_${id}_${about}`.replace(/[^A-Za-z0-9_~-]/g, "-").slice(0, 160);
}

/** The marks on results and on the report. */
export function useReportMarks(): readonly WrittenMark[] {
  const document = useDeferredValue(useInvestigation((state) => state.document));
  const curves = useDeferredValue(useFittedCurves());
  const [looked, setLooked] = useState<readonly Looked[]>([]);
  const idle =
    Object.keys(document.results).length === 0 && Object.keys(document.writeUp.blocks).length === 0;
  useEffect(() => {
    const timer = setTimeout(
      () => setLooked(idle ? [] : lookAt(reportContext(document, curves))),
      idle ? 0 : after,
    );
    return () => clearTimeout(timer);
  }, [document, curves, idle]);
  const { dismissed } = document;
  return useMemo(
    () =>
      looked.map((one): WrittenMark => {
        const key = keyOf(one);
        return {
          key,
          keys: [key],
          id: one.id,
          table: "",
          stage: one.stage,
          rowWords: "",
          quantity: one.named,
          sentence: findingSentence(one.finding),
          column: 0,
          dismissable: true,
          answer: dismissed[key],
        };
      }),
    [looked, dismissed],
  );
}
