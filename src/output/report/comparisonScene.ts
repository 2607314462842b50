import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { numberLine } from "@/figure/layout/numberLine";
import type { Scene } from "@/figure/scene";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import type { ComparedResult } from "@/pipeline/results/resultComparison";

/** Both ranges on a number line, this investigation's above the accepted one; undefined without an accepted value. */
export const comparisonScene = (
  one: WorkedResult,
  compared: ComparedResult,
  rules: HouseRules,
  width: number,
): Scene | undefined => inItsLanguage(rules, () => sceneOf(one, compared, rules, width));

function sceneOf(
  one: WorkedResult,
  compared: ComparedResult,
  { headings, decimalMark }: HouseRules,
  width: number,
): Scene | undefined {
  if (compared.kind !== "compared") return undefined;
  const { accepted, symbol } = one.result;
  const unit = writeUnitText(one.unit.text);
  const named = writeSymbol(symbol);
  return numberLine(
    [
      { label: reportTexts.ownResult, value: one.value, uncertainty: one.size, tone: "own" },
      {
        label: accepted.source.trim() || reportTexts.accepted,
        ...compared.accepted,
        tone: "accepted",
      },
    ],
    { symbol: named.length > 0 ? named : [{ text: reportTexts.result }], unit, headings },
    width,
    decimalMark,
  );
}
