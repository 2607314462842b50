import { laneAt } from "@/core/expression/lane";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { EvaluatedTable } from "@/pipeline/table/table";
import type { ReportContext } from "./reportContext";
import { quantityNames } from "./tables";

/** The constants whose ± all rows of a derived quantity share, beside the ± of their own readings. */
function sharedConstants({ quantities }: EvaluatedTable): readonly string[] {
  const shared = quantities.flatMap(({ quantity, derived }) => {
    const { variables = [], sizes = [] } = derived?.column ?? {};
    if (quantity.hidden || variables.every(({ kind }) => kind !== "reading")) return [];
    const errs = variables.filter((_, i) => laneAt(sizes[i] ?? 0, 0) > 0);
    return errs.flatMap(({ kind, id }) => (kind === "constant" ? [id] : []));
  });
  return [...new Set(shared)];
}

/** Symbols in a row: V, d and g. */
function listed(symbols: readonly string[]): RunText {
  return symbols.flatMap((symbol, i) => {
    const between = i === 0 ? "" : i === symbols.length - 1 ? " and " : ", ";
    return [...(between ? [{ text: between }] : []), ...writeSymbol(symbol)];
  });
}

/** What a table shows; of derived quantities also what their ± leave out, for it moves all rows alike. */
export function tableCaption(
  table: EvaluatedTable,
  kind: "readings" | "processed",
  { document }: ReportContext,
): RunText {
  const raw = kind === "readings";
  const named = document.tables[table.id]?.name.trim();
  const begin = raw ? "Readings" : "Processed readings";
  const text = `${named ? `${named}: ${begin.toLowerCase()}` : begin} of ${quantityNames(table, raw ? "read" : "all")}.`;
  const symbols = raw
    ? []
    : sharedConstants(table).flatMap((id) => document.constants[id]?.symbol ?? []);
  if (symbols.length === 0) return [{ text }];
  return [
    { text: `${text} The ± of a row leaves out what ` },
    ...listed(symbols),
    { text: symbols.length === 1 ? " brings to all rows alike." : " bring to all rows alike." },
  ];
}
