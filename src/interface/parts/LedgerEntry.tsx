import type { LedgerRow } from "@/pipeline/lines/lineLedger";
import { NumberView, StatementView } from "./StatementView";

/** A slope or an intercept as it is written. */
export function LedgerEntry({ row }: { row: LedgerRow }) {
  if (row.statement) return <StatementView statement={row.statement} unit={row.unit} />;
  return row.bare ? <NumberView number={row.bare} unit={row.unit} /> : null;
}
