import { headingOf } from "@/wording/writingUp";
import type { Finding } from "@/core/finding/finding";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import { checkReport } from "@/output/report/checks/checkReport";
import type { ReportContext } from "@/output/report/reportContext";
import { checkResult } from "@/pipeline/checks/result/checkResult";
import { findingSentence } from "@/wording/findings";
import type { MarkPlace } from "@/wording/markPlaces";
import type { WrittenMark } from "./mark";

/** What was found on a result, or in a block of the report. */
export interface LookedReport {
  readonly stage: "conclude" | "writeup";
  readonly id: string;
  readonly place: MarkPlace;
  readonly finding: Finding;
}

/** Looks at the results, and at what the report says of them. */
export function checkedReport(context: ReportContext): readonly LookedReport[] {
  const { rules, results, document } = context;
  const ofResults = results.flatMap((one): LookedReport[] => {
    if (one.kind === "nothing") return [];
    const { symbol, name } = one.result;
    const called = symbol ? writeSymbol(symbol) : name ? [{ text: name }] : [];
    const place: MarkPlace = { kind: "result", name: called };
    return checkResult(one, rules).map((finding) => ({
      stage: "conclude",
      id: one.id,
      place,
      finding,
    }));
  });
  const ofReport = checkReport(context).map(({ block, finding }): LookedReport => {
    const found = document.writeUp.blocks[block];
    const heading = found && headingOf(found);
    return {
      stage: "writeup",
      id: block,
      place: { kind: "block", heading: heading ?? "" },
      finding,
    };
  });
  return [...ofResults, ...ofReport];
}

/** The same key for the same remark, however the text around it changes. */
function keyOf({ id, finding }: LookedReport): string {
  const about = "text" in finding ? finding.text : "of" in finding ? String(finding.of) : "";
  return `${finding.name}_${id}_${about}`.replace(/[^A-Za-z0-9_~-]/g, "-").slice(0, 160);
}

/** The marks on results and on the report. */
export function reportMarks(
  looked: readonly LookedReport[],
  dismissed: Investigation["dismissed"],
): readonly WrittenMark[] {
  return looked.map((one): WrittenMark => {
    const key = keyOf(one);
    return {
      key,
      keys: [key],
      id: one.id,
      table: "",
      stage: one.stage,
      place: one.place,
      finding: one.finding,
      sentence: findingSentence(one.finding),
      column: 0,
      dismissable: true,
      answer: dismissed[key],
    };
  });
}
