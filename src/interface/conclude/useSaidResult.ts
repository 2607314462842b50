"use client";

import { useEffect, useRef } from "react";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { statementRuns } from "@/output/report/statements";
import type { EvaluatedResult } from "@/pipeline/results/evaluatedResult";
import { foundSpoken } from "@/wording/concluding";
import { announce } from "../keys/announcer";
import { useHouseRules } from "../store/useEvaluated";

/** Says a result as soon as it is there: what is typed for it is typed elsewhere on the page. */
export function useSaidResult(one: EvaluatedResult | undefined): void {
  const rules = useHouseRules();
  const there = one && one.kind !== "nothing" ? one : undefined;
  const number = there ? statementRuns(there.value, there.size, there.unit.text, rules) : [];
  const symbol = there?.result.symbol;
  const text = plainRunText([...(symbol ? [...writeSymbol(symbol), { text: " = " }] : []), ...number]); // prettier-ignore
  const before = useRef(text);
  useEffect(() => {
    if (before.current === "" && text !== "") announce(foundSpoken(text));
    before.current = text;
  }, [text]);
}
