"use client";

import { filingTexts } from "@/wording/filingTexts";
import { Fragment } from "react";
import { cellKey } from "@/investigation/model/row";
import type { HeadingPart } from "@/intake/describedTable";
import type { IncomingTable } from "@/investigation/acts/bringInTable";
import { withMinusSign } from "@/core/number/writtenNumber";
import { readNumber } from "@/core/number/readNumber";
import { previewWords } from "@/wording/filing";
import { remarkWords } from "@/wording/pasting";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { useHouseRules } from "../store/useEvaluated";

const shownRows = 8;

/** How many columns a quantity takes among the first rows. */
function columnsOf({ quantities }: IncomingTable) {
  return quantities.flatMap(({ id, quantity }) =>
    Array.from({ length: quantity.repeats }, (_, index) => cellKey(id, index + 1)),
  );
}

interface Props {
  table: IncomingTable;
  /** Absent where the file brings its own headings back. */
  onDescribe?: ((place: number, part: HeadingPart, text: string) => void) | undefined;
}

const sizes: Readonly<Record<HeadingPart, number>> = { name: 60, symbol: 20, unit: 40 };

/** Name, symbol and unit of an incoming quantity, each to be typed over. */
function Heading({
  quantity,
  place,
  onDescribe,
}: Pick<Required<Props>, "onDescribe"> & {
  quantity: IncomingTable["quantities"][number]["quantity"];
  place: number;
}) {
  return (["name", "symbol", "unit"] as const).map((part) => (
    <input
      key={part}
      aria-label={filingTexts.valueColumnPlace({ value: previewWords[part], place: place + 1 })}
      placeholder={previewWords[part]}
      value={quantity[part]}
      maxLength={sizes[part]}
      onChange={(event) => onDescribe?.(place, part, event.target.value)}
      className={`border-hairline focus:border-petrol bg-page mb-0.5 block min-h-[25px] w-full min-w-16 rounded border px-1 text-right font-normal ${part === "symbol" ? "font-serif italic" : ""}`}
    />
  ));
}

/** What is understood of a column beside its words: its repeats, or whose ± it holds. */
function Understood({ table, id }: { table: IncomingTable; id: string }) {
  const quantity = table.quantities.find((one) => one.id === id)?.quantity;
  const owner = table.quantities.find(
    ({ quantity: { uncertainty } }) => uncertainty.kind === "column" && uncertainty.column === id,
  );
  if (owner) {
    return (
      <span className="text-magenta block text-xs font-normal">
        {previewWords.sizeOf({ symbol: owner.quantity.symbol })}
      </span>
    );
  }
  if (quantity?.remarks) {
    return <span className="text-soft block text-xs font-normal">{remarkWords.heading}</span>;
  }
  const repeats = quantity?.repeats ?? 1;
  if (repeats < 2) return null;
  return (
    <span className="text-soft block text-xs font-normal">
      {previewWords.repeats({ count: repeats })}
    </span>
  );
}

/** The name of a series over its first row. */
function SeriesHead({
  table,
  index,
  columns,
}: {
  table: IncomingTable;
  index: number;
  columns: number;
}) {
  const [own, before] = [table.rows[index]?.row.series, table.rows[index - 1]?.row.series];
  if (table.series.length === 0 || (index > 0 && own === before)) return null;
  const name = table.series.find(({ id }) => id === own)?.series.name;
  return (
    <tr>
      <th colSpan={columns + 1} className="px-2 pt-1 text-left font-normal italic">
        {name ?? previewWords.noSeries}
      </th>
    </tr>
  );
}

/** The first rows of a table as they would come in; what is no number is marked. */
export function PreviewTable({ table, onDescribe }: Props) {
  const { decimalMark } = useHouseRules();
  const columns = columnsOf(table);
  const remarks = new Set(
    table.quantities.flatMap(({ id, quantity }) => (quantity.remarks ? [id] : [])),
  );
  return (
    <div className="border-hairline max-h-[40vh] overflow-auto border">
      <table className="w-full text-right">
        <thead>
          <tr className="border-ink border-b align-top">
            <th className="text-soft px-2 py-1 font-semibold">{filingTexts.n}</th>
            {table.quantities.map(({ id, quantity }, place) => (
              <th key={place} colSpan={quantity.repeats} className="px-2 py-1 font-semibold">
                {onDescribe ? (
                  <Heading quantity={quantity} place={place} onDescribe={onDescribe} />
                ) : (
                  <>
                    <span className="block">{quantity.name}</span>
                    <SymbolWithUnit quantity={quantity} />
                  </>
                )}
                <Understood table={table} id={id} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.slice(0, shownRows).map(({ id, row }, index) => (
            <Fragment key={id}>
              <SeriesHead table={table} index={index} columns={columns.length} />
              <tr className="border-hairline border-b">
                <td className="text-soft px-2 py-0.5">{index + 1}</td>
                {columns.map((cell) => {
                  const text = row.readings[cell] ?? "";
                  const odd =
                    text !== "" &&
                    !remarks.has(cell) &&
                    readNumber(text, decimalMark).kind === "unreadable";
                  return (
                    <td key={cell} className={`px-2 py-0.5 ${odd ? "bg-magenta-wash" : ""}`}>
                      {withMinusSign(text)}
                    </td>
                  );
                })}
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      {table.rows.length > shownRows && (
        <p className="text-soft px-2 py-1">
          {filingTexts.andValueRowsMore({ value: table.rows.length - shownRows })}
        </p>
      )}
    </div>
  );
}
