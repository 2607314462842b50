"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { seriesName } from "@/pipeline/figure/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { statedLedger } from "@/pipeline/lines/lineLedger";
import { rangeOfLine } from "@/pipeline/lines/lineRange";
import { statedLine } from "@/pipeline/lines/statedLine";
import { heardWords } from "@/wording/figureMenu";
import { LedgerEntry } from "../parts/LedgerEntry";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { linesOf } from "./figureLines";

/** One line of the figure: its slope and its intercept, as they are stated. */
export function LineTip({ fit, index }: { fit: FigureFit; index: number }) {
  const rules = useHouseRules();
  const figure = useFigure()?.figure;
  const lines = linesOf(fit);
  const there = lines[index];
  if (!figure || !there) return null;
  const { one, line } = there;
  const range = rangeOfLine(figure, one, rules);
  const stated = statedLine({ figure, table: fit.table, one, line, range }, rules);
  const ledger = statedLedger(stated, one.fitted, rules.figuresOfUncertainty);
  const name = lines.length > 1 ? `, ${seriesName(one, fit)}` : "";
  return (
    <>
      <span className="font-semibold">
        {heardWords.line({ number: index + 1, of: lines.length })}
        {name}
      </span>
      <span className="whitespace-nowrap">
        {slopeWordText(rules.slopeWord)}: <LedgerEntry row={ledger.slope} />
      </span>
      <span className="whitespace-nowrap">
        {heardWords.intercept}: <LedgerEntry row={ledger.intercept} />
      </span>
    </>
  );
}
