"use client";

import { cellKey } from "@/investigation/model/row";
import type { IncomingTable } from "@/investigation/acts/bringInTable";
import { withMinusSign } from "@/core/number/writtenNumber";
import { readNumber } from "@/core/number/readNumber";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { useHouseRules } from "../store/useEvaluated";

const shownRows = 8;

/** How many columns a quantity takes among the first rows. */
function columnsOf({ quantities }: IncomingTable) {
  return quantities.flatMap(({ id, quantity }) =>
    Array.from({ length: quantity.repeats }, (_, index) => cellKey(id, index + 1)),
  );
}

/** The first rows of a table as they would come in; what is no number is marked. */
export function PreviewTable({ table }: { table: IncomingTable }) {
  const { decimalMark } = useHouseRules();
  const columns = columnsOf(table);
  return (
    <div className="border-hairline max-h-[40vh] overflow-auto border">
      <table className="w-full text-right">
        <thead>
          <tr className="border-ink border-b align-bottom">
            <th className="text-soft px-2 py-1 font-semibold">n</th>
            {table.quantities.map(({ id, quantity }) => (
              <th key={id} colSpan={quantity.repeats} className="px-2 py-1 font-semibold">
                <span className="block">{quantity.name}</span>
                <SymbolWithUnit quantity={quantity} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.slice(0, shownRows).map(({ id, row }, index) => (
            <tr key={id} className="border-hairline border-b">
              <td className="text-soft px-2 py-0.5">{index + 1}</td>
              {columns.map((cell) => {
                const text = row.readings[cell] ?? "";
                const odd = text !== "" && readNumber(text, decimalMark).kind === "unreadable";
                return (
                  <td key={cell} className={`px-2 py-0.5 ${odd ? "bg-magenta-wash" : ""}`}>
                    {withMinusSign(text)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {table.rows.length > shownRows && (
        <p className="text-soft px-2 py-1">and {table.rows.length - shownRows} rows more</p>
      )}
    </div>
  );
}
