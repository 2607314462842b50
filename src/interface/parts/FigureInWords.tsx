"use client";

import { useState } from "react";
import { type FiguresOfUncertainty, roundStatement } from "@/core/number/statement";
import { withMinusSign } from "@/core/number/writtenNumber";
import type { FigureSpecification } from "@/figure/specification";
import type { EvaluatedQuantity } from "@/pipeline/table";
import { figureDescription } from "@/wording/figures";
import { useFigureFit } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { SymbolWithUnit } from "./QuantityLabel";

const mostRows = 500;

interface ReadingProps {
  text: string;
  bar: number;
  quantity: EvaluatedQuantity;
  rule: FiguresOfUncertainty;
}

/** A reading as it was typed, to its own figures, with the ± that its bar has. */
function Reading({ text, bar, quantity: { quantity }, rule }: ReadingProps) {
  const own = /±|\+\/-|\(\d/.test(text);
  const { uncertainty } = quantity;
  const written =
    uncertainty.kind === "fixed"
      ? uncertainty.amount.trim()
      : roundStatement(0, bar, rule).uncertainty;
  return (
    <td className="py-0.5">
      {withMinusSign(text)}
      {!own && bar > 0 && <span className="text-magenta"> ± {written}</span>}
    </td>
  );
}

function DataTable() {
  const points = useFigureFit()?.points;
  const rows = useInvestigation((state) => state.document.rows);
  const rule = useInvestigation((state) => state.document.houseRules.figuresOfUncertainty);
  if (!points) return null;
  return (
    <table className="mt-2 w-full max-w-[340px] text-right">
      <thead>
        <tr className="border-hairline border-b">
          {[points.x, points.y].map(({ id, quantity }) => (
            <th key={id} className="py-0.5 font-semibold">
              <SymbolWithUnit quantity={quantity} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {points.rows.slice(0, mostRows).map((row, i) => (
          <tr key={row} className="border-hairline border-b">
            <Reading
              text={rows[row]?.readings[points.x.id] ?? ""}
              bar={points.xBars[i] ?? 0}
              quantity={points.x}
              rule={rule}
            />
            <Reading
              text={rows[row]?.readings[points.y.id] ?? ""}
              bar={points.yBars[i] ?? 0}
              quantity={points.y}
              rule={rule}
            />
          </tr>
        ))}
      </tbody>
      {points.rows.length > mostRows && (
        <caption className="text-soft caption-bottom pt-1 text-left">
          The first {mostRows} of {points.rows.length} points.
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
        <summary className="text-petrol cursor-pointer font-semibold">Points as a table</summary>
        {open && <DataTable />}
      </details>
    </>
  );
}
