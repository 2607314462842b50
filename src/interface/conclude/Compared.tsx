"use client";

import { concludeTexts } from "@/wording/concludeTexts";
import { useMemo } from "react";
import { writePlainly } from "@/core/number/writtenNumber";
import { understandUnit } from "@/core/unit/understandUnit";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import { comparedResult, explanationOf } from "@/pipeline/results/resultComparison";
import { comparisonScene } from "@/output/report/comparisonScene";
import { comparisonSentence, explanationSentence } from "@/wording/concluding";
import { findingSentence } from "@/wording/findings";
import { DrawnScene } from "../parts/DrawnScene";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";

const width = 560;

function factorOf(unit: string): number {
  const read = understandUnit(unit);
  return read.kind === "unit" ? read.unit.factor : 1;
}

/** The result beside the accepted value: both ranges on a number line, and what follows in a sentence. */
export function Compared({ one }: { one: WorkedResult }) {
  const rules = useHouseRules();
  const constants = useInvestigation((state) => state.document.constants);
  const compared = useMemo(() => comparedResult(one, rules), [one, rules]);
  const scene = useMemo(() => comparisonScene(one, compared, rules, width), [one, compared, rules]);
  if (compared.kind === "none") {
    return <p className="text-soft py-2">{concludeTexts.typeAnAcceptedValueIn}</p>;
  }
  if (compared.kind === "unreadable") {
    return <p className="text-magenta py-2">{findingSentence(compared.finding)}</p>;
  }
  const explained = explanationOf(one, compared, constants, factorOf);
  const constant = explained && constants[explained.constant];
  const sentence = comparisonSentence(compared, rules);
  return (
    <>
      {scene && (
        <div className="max-w-[780px]">
          <DrawnScene scene={scene} label={concludeTexts.numberLineSentence({ sentence })} />
        </div>
      )}
      <p data-testid="compared" className="mt-1">
        {sentence}{" "}
        {explained &&
          constant &&
          explanationSentence(
            constant.name || constant.symbol,
            `${writePlainly(Math.abs(explained.off), 1)} ${plainRunText(writeUnitText(constant.unit))}`.trim(),
            explained.off > 0,
          )}
      </p>
    </>
  );
}
