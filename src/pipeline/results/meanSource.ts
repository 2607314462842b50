import { symbolName } from "@/core/expression/spelling";
import { spreadOf } from "@/core/statistics/spread";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { combineParts, spreadPart } from "@/core/uncertainty/readingUncertainty";
import type { Result } from "@/investigation/model/result";
import { measuredColumn } from "../readings/measured";
import { commonAlong } from "../lines/commonInputs";
import { axisUnit, nothing, type ResultContext, type SourceOutcome } from "./source";

/**
 * The mean of a quantity over all rows that take part, under its own symbol. The rows count as repeats: their spread
 * joins the mean ± of a row as the house rules have it.
 */
export function meanSource({ source }: Result, { tables, rules }: ResultContext): SourceOutcome {
  const table = tables.find(({ quantities }) => quantities.some(({ id }) => id === source.of));
  const evaluated = table?.quantities.find(({ id }) => id === source.of);
  if (!table || !evaluated) return nothing({ name: "result-without-quantity" });
  const column = measuredColumn(table.rows, evaluated);
  const taking = column.flatMap((one, row) => (one && !one.aside ? [{ one, row }] : []));
  const spread = spreadOf(taking.map(({ one }) => one.value));
  const unit = axisUnit(evaluated);
  const { symbol, unit: text } = evaluated.quantity;
  if (!spread) return nothing({ name: "empty-column" });
  if (!unit) return nothing({ name: "unit-not-understood", symbol });
  const bar = taking.reduce((sum, { one }) => sum + meanBar(one.bars), 0) / taking.length;
  const size = combineParts(rules.combination, bar, spreadPart(rules.spread, spread));
  const name = symbolName(symbol) || "mean";
  const { factor = 1, offset } = unit;
  const dependences = commonAlong(evaluated).map(({ common, slopes }) => ({
    common,
    slopes: [
      (taking.reduce((sum, { row }) => sum + (slopes[row] ?? 0), 0) / taking.length) * factor,
    ],
  }));
  return {
    kind: "numbers",
    key: `mean/${source.of}`,
    units: [unit],
    dependences,
    about: name,
    joint: {
      names: [name],
      values: [spread.mean * factor + offset],
      spread: size > 0 ? { kind: "shift", shift: [size * factor] } : { kind: "unknown" },
    },
    shown: [{ name, value: spread.mean, size, unit: text }],
    remarks: size > 0 ? [] : [{ name: "result-without-uncertainty" }],
  };
}
