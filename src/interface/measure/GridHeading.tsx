"use client";

import { SymbolWithUnit } from "../parts/QuantityLabel";
import { uncertaintyHeading } from "@/wording/uncertainty";
import type { EvaluatedQuantity } from "@/pipeline/table";
import { useGrid, useGridController } from "./MeasureContext";

function Uncertainty({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const heading = uncertaintyHeading(evaluated.quantity.uncertainty);
  return heading === "" ? (
    <span className="text-soft text-xs">no ± yet</span>
  ) : (
    <span className="text-magenta max-w-full truncate text-xs">{heading}</span>
  );
}

/** The headings: name, symbol with unit, ±. A click takes the quantity in hand. */
export function GridHeading({
  quantities,
  template,
}: {
  quantities: readonly EvaluatedQuantity[];
  template: string;
}) {
  const controller = useGridController();
  const inHand = useGrid((state) => state.active.column);
  return (
    <div
      role="row"
      aria-rowindex={1}
      className="bg-page border-ink sticky top-0 z-10 grid border-b"
      style={{ gridTemplateColumns: template }}
    >
      <div role="columnheader" className="text-soft self-end pb-1.5 text-center font-semibold">
        <abbr title="number of the row" className="no-underline">
          n
        </abbr>
      </div>
      {quantities.map((evaluated, column) => (
        <div
          key={evaluated.id}
          role="columnheader"
          aria-colindex={column + 2}
          onClick={() => controller.goTo({ row: controller.grid.getState().active.row, column })}
          className={`flex min-w-0 cursor-pointer flex-col items-end justify-end px-2.5 py-1.5 text-right leading-snug font-semibold ${column === inHand ? "bg-wash" : ""}`}
        >
          <span className="line-clamp-2 max-w-full break-words">{evaluated.quantity.name}</span>
          <span className="max-w-full truncate">
            <SymbolWithUnit quantity={evaluated.quantity} />
          </span>
          <Uncertainty evaluated={evaluated} />
        </div>
      ))}
    </div>
  );
}
