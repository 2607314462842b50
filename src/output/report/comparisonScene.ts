import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { numberLine } from "@/figure/layout/numberLine";
import type { Scene } from "@/figure/scene";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import type { ComparedResult } from "@/pipeline/results/resultComparison";

/** Both ranges on a number line, this investigation's above the accepted one; undefined without an accepted value. */
export function comparisonScene(
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
      { label: "this bench", value: one.value, uncertainty: one.size, tone: "own" },
      {
        label: accepted.source.trim() || "accepted value",
        ...compared.accepted,
        tone: "accepted",
      },
    ],
    { symbol: named.length > 0 ? named : [{ text: "result" }], unit, headings },
    width,
    decimalMark,
  );
}
