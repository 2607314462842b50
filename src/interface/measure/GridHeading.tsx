"use client";

import { Said } from "../parts/Said";
import { measureTexts } from "@/wording/measureTexts";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { remarkWords } from "@/wording/pasting";
import { scatterShort, uncertaintyHeading, uncertaintyInCells } from "@/wording/uncertainty";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { useQuantities } from "../store/useEvaluated";
import type { HeadingGroup } from "./gridTemplate";
import { statesItsOwn } from "./statesItsOwn";
import { useGridController, useGridPart, useQuantityInHand } from "./MeasureContext";

/** The formula of a derived quantity, or that it is broken. */
function Formula({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { formula = "" } = evaluated.quantity;
  const broken = evaluated.finding !== undefined;
  return (
    <span
      className={`max-w-full truncate text-xs font-normal ${broken ? "text-magenta" : "text-soft"}`}
    >
      {formula.trim() === "" ? measureTexts.noFormulaYet : `= ${formula}`}
    </span>
  );
}

function Uncertainty({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { uncertainty } = evaluated.quantity;
  const all = useQuantities();
  const ofEach = useGridPart(({ rows }) => statesItsOwn(rows, evaluated.id));
  const column = all.find(({ id }) => uncertainty.kind === "column" && id === uncertainty.column);
  if (column) {
    return (
      <span className="text-magenta max-w-full truncate text-xs">
        ± <SymbolWithUnit quantity={{ symbol: column.quantity.symbol, unit: "" }} />
      </span>
    );
  }
  const owner = all.find(({ id }) => id === evaluated.sizeOf);
  if (owner) {
    return (
      <span className="max-w-full truncate text-xs">
        <Said
          parts={{
            symbol: <SymbolWithUnit quantity={{ symbol: owner.quantity.symbol, unit: "" }} />,
          }}
          say={measureTexts.uncertaintyOf}
        />
      </span>
    );
  }
  const heading = uncertaintyHeading(uncertainty) || (ofEach ? uncertaintyInCells.ofEach : "");
  return heading === "" ? (
    <span className="text-soft text-xs">{uncertaintyInCells.none}</span>
  ) : (
    <span className="text-magenta max-w-full truncate text-xs">{heading}</span>
  );
}

interface HeadingProps {
  group: HeadingGroup;
  inHand: boolean;
}

/** One quantity over its columns; it is dragged to another place by its heading. */
function QuantityHeading({ group, inHand }: HeadingProps) {
  const { evaluated, first, span } = group;
  const controller = useGridController();
  return (
    <div
      role="columnheader"
      data-heading={evaluated.id}
      data-quantity-column={group.column}
      data-margin="quantity"
      data-place={`${evaluated.quantity.formula === undefined ? "quantity" : "formula"}:${evaluated.id}`}
      aria-colindex={first + 2}
      aria-colspan={span}
      onClick={() =>
        controller.goTo({ row: controller.grid.getState().active.row, column: group.column })
      }
      style={{ gridColumn: `span ${span}` }}
      className={`data-dropped-on:border-petrol flex min-w-0 cursor-pointer touch-none flex-col items-end justify-end px-2.5 pt-1.5 text-right leading-snug font-semibold data-dragged:z-20 data-dragged:opacity-80 data-dragged:shadow-md data-dropped-on:border-l-2 ${evaluated.sizeOf === undefined ? "" : "text-magenta"} ${inHand ? "bg-wash" : "bg-page"}`}
    >
      <span
        title={evaluated.quantity.name}
        className="line-clamp-2 max-w-full break-words hyphens-auto"
      >
        {evaluated.quantity.name}
      </span>
      <span className="max-w-full truncate">
        {!(isRemarks(evaluated) && evaluated.quantity.name) && (
          <SymbolWithUnit quantity={evaluated.quantity} />
        )}
      </span>
      {isRemarks(evaluated) ? (
        <span className="text-soft text-xs">{remarkWords.heading}</span>
      ) : evaluated.quantity.formula === undefined ? (
        <Uncertainty evaluated={evaluated} />
      ) : (
        <Formula evaluated={evaluated} />
      )}
    </div>
  );
}

/** Which repeat a column is, and mean and scatter behind the last. */
function RepeatNumbers({ group }: { group: HeadingGroup }) {
  const { evaluated, repeats, span } = group;
  const behind = [measureTexts.mean, scatterShort[evaluated.spread]];
  return Array.from({ length: span }, (_, index) => (
    <div
      key={`${evaluated.id}/${index}`}
      aria-hidden
      className="text-soft min-h-1.5 px-2.5 pb-0.5 text-right text-xs"
    >
      {repeats > 1 && (index < repeats ? index + 1 : behind[index - repeats])}
    </div>
  ));
}

interface Props {
  template: string;
  groups: readonly HeadingGroup[];
}

/** The headings: name, symbol with unit, ±, and the numbers of the repeats. A click takes the quantity in hand. */
export function GridHeading({ template, groups }: Props) {
  const inHand = useQuantityInHand()?.evaluated.id;
  return (
    <div
      role="row"
      aria-rowindex={1}
      className="bg-page border-ink sticky top-0 z-10 grid border-b"
      style={{ gridTemplateColumns: template }}
    >
      <div role="columnheader" className="text-soft self-end text-center font-semibold">
        <abbr title={measureTexts.numberOfTheRow} className="no-underline">
          {measureTexts.n}
        </abbr>
      </div>
      {groups.map((group) => (
        <QuantityHeading
          key={group.evaluated.id}
          group={group}
          inHand={group.evaluated.id === inHand}
        />
      ))}
      <div aria-hidden />
      {groups.map((group) => (
        <RepeatNumbers key={group.evaluated.id} group={group} />
      ))}
    </div>
  );
}
