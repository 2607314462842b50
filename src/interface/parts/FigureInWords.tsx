"use client";

import { partsTexts } from "@/wording/partsTexts";
import { useState } from "react";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { measured } from "@/pipeline/readings/measured";
import type { FigureSpecification } from "@/figure/specification";
import type { EvaluatedQuantity, EvaluatedRow } from "@/pipeline/table/table";
import { figureDescription } from "@/wording/figures";
import { useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { SymbolWithUnit } from "./QuantityLabel";
import { WrittenReadingView } from "./WrittenReadingView";

const mostRows = 500;

/** A reading to its own figures, or the mean of repeats, with the ± that its bar has. */
function Reading({ row, quantity }: { row: EvaluatedRow; quantity: EvaluatedQuantity }) {
  const { figuresOfUncertainty } = useHouseRules();
  const found = measured(row, quantity);
  return (
    <td className="py-0.5">
      {found && (
        <WrittenReadingView written={writeMeasured(found, quantity, figuresOfUncertainty)} />
      )}
    </td>
  );
}

function DataTable() {
  const fit = useFigureFit();
  if (!fit) return null;
  const all = fit.groups.flatMap(({ points }) => points.rows);
  return (
    <table className="mt-2 w-full max-w-[340px] text-right">
      <thead>
        <tr className="border-hairline border-b">
          {[fit.x, fit.y].map(({ id, quantity }) => (
            <th key={id} className="py-0.5 font-semibold">
              <SymbolWithUnit quantity={quantity} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {all.slice(0, mostRows).map((row) => (
          <tr key={row.id} className="border-hairline border-b">
            <Reading row={row} quantity={fit.x} />
            <Reading row={row} quantity={fit.y} />
          </tr>
        ))}
      </tbody>
      {all.length > mostRows && (
        <caption className="text-soft caption-bottom pt-1 text-left">
          {partsTexts.theFirstMostrowsOfCount({ mostRows, count: all.length })}
        </caption>
      )}
    </table>
  );
}

/** What the figure shows, as a sentence and, when opened, as a table. */
export function FigureInWords({ figure }: { figure: FigureSpecification }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <p>{figureDescription(figure)}</p>
      <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="text-petrol cursor-pointer font-semibold">
          {partsTexts.pointsAsATable}
        </summary>
        {open && <DataTable />}
      </details>
    </>
  );
}
