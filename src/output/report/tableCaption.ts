import { laneAt } from "@/core/expression/lane";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { EvaluatedTable } from "@/pipeline/table/table";
import type { ReportContext } from "./reportContext";
import { listed, withRuns } from "@/wording/language/runs";
import { reportTexts } from "@/wording/reportTexts";
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

/** What a table shows; of derived quantities also what their ± leave out, for it moves all rows alike. */
export function tableCaption(
  table: EvaluatedTable,
  kind: "readings" | "processed",
  { document }: ReportContext,
): RunText {
  const raw = kind === "readings";
  const name = document.tables[table.id]?.name.trim();
  const names = quantityNames(table, raw ? "read" : "all");
  const plain = raw ? reportTexts.readings : reportTexts.processed;
  const named = raw ? reportTexts.readingsNamed : reportTexts.processedNamed;
  const text = name ? named({ name, names }) : plain({ names });
  const symbols = raw
    ? []
    : sharedConstants(table).flatMap((id) => document.constants[id]?.symbol ?? []);
  if (symbols.length === 0) return [{ text }];
  const count = symbols.length;
  const written = { symbols: listed(symbols.map(writeSymbol)) };
  const shared = withRuns(written, (marks) => reportTexts.leavesOut({ count, ...marks }));
  return [{ text: `${text} ` }, ...shared];
}
