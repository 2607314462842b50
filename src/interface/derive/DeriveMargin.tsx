"use client";

import { Said } from "../parts/Said";
import { deriveTexts } from "@/wording/deriveTexts";
import { useContext, useMemo } from "react";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import { writeSize } from "@/core/number/writtenNumber";
import { kindOfQuantity } from "@/core/unit/dimension";
import { writeSymbol } from "@/core/unit/symbolText";
import { understandUnit } from "@/core/unit/understandUnit";
import { partsBy, rowRule } from "@/pipeline/derived/derivedQuantities";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import { drawingOf } from "@/pipeline/derived/drawnInputs";
import { type Share, sharesOfCell, sharesOverRows } from "@/pipeline/derived/shares";
import type { DerivedColumn } from "@/pipeline/readings/evaluated";
import { ruleNames, rulesSentence, shareAdvice } from "@/wording/deriving";
import { StageMarks } from "../marks/StageMarks";
import { ShareBar } from "../parts/ShareBar";
import { DrawnUncertainty } from "../parts/DrawnUncertainty";
import { RunTextView } from "../parts/RunTextView";
import { NumberView } from "../parts/StatementView";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules, useQuantities } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { DerivedPanel } from "./DerivedPanel";
import { type Derived, InHandContext, useDerivedInHand, useRowInHand } from "./useDerived";

function isTime(unit: string): boolean {
  const read = understandUnit(unit);
  return read.kind === "unit" && kindOfQuantity(read.unit.dimension) === "time";
}

/** The shares with the names of what brings them. */
function useNamedShares(column: DerivedColumn, row: number) {
  const quantities = useQuantities();
  const constants = useInvestigation((state) => state.document.constants);
  const rule = rowRule(useHouseRules());
  return useMemo(() => {
    const cell = derivedCell(column, row);
    const named = (share: Share) => {
      const quantity = quantities.find(({ id }) => id === share.id)?.quantity;
      const constant = constants[share.id];
      const name = quantity?.name || quantity?.symbol || constant?.name || constant?.symbol || "";
      const scatters = (quantity?.repeats ?? 1) > 1;
      return { ...share, name, scatters, isTime: quantity !== undefined && isTime(quantity.unit) };
    };
    const here = cell && !isFinding(cell) ? sharesOfCell(rule, cell, column) : [];
    return { here: here.map(named), all: sharesOverRows(rule, column).map(named) };
  }, [column, row, quantities, constants, rule]);
}

function Shares({
  derived,
  column,
  row,
}: {
  derived: Derived;
  column: DerivedColumn;
  row: number;
}) {
  const { here, all } = useNamedShares(column, row);
  const advice = shareAdvice(all);
  if (here.every(({ share }) => share === 0)) return null;
  return (
    <MarginNote
      title={
        <Said
          parts={{ symbol: <RunTextView runs={writeSymbol(derived.evaluated.quantity.symbol)} /> }}
          say={(marks) => deriveTexts.whereUncertainty({ ...marks, row: row + 1 })}
        />
      }
    >
      <ul>
        {here.map(({ id, name, share }) => (
          <ShareBar
            key={id}
            name={name}
            share={share}
            all={all.find((one) => one.id === id)?.share ?? 0}
          />
        ))}
      </ul>
      {advice && <p className="text-soft mt-2">{deriveTexts.overAllRowsAdvice({ advice })}</p>}
    </MarginNote>
  );
}

function Ways({ derived, column, row }: { derived: Derived; column: DerivedColumn; row: number }) {
  const rules = useHouseRules();
  const cell = derivedCell(column, row);
  if (!cell || isFinding(cell)) return null;
  const size = (rule: "worst-case" | "quadrature") => {
    const { row: own, common } = partsBy(rule, cell, column);
    return combinedUncertainty(rule, [own, common]) / Math.abs(column.formula.shown.factor);
  };
  const sizes = { "worst-case": size("worst-case"), quadrature: size("quadrature") };
  if (sizes["worst-case"] === 0) return null;
  const { row: own, common } = partsBy(rowRule(rules), cell, column);
  return (
    <MarginNote title={deriveTexts.threeWaysToAddUp}>
      <dl className="grid grid-cols-[1fr_auto] gap-y-1">
        {(["worst-case", "quadrature"] as const).map((rule) => {
          return (
            <div key={rule} className="contents">
              <dt>
                {ruleNames[rule]}{" "}
                {rowRule(rules) === rule && (
                  <span className="text-soft">{deriveTexts.houseRules}</span>
                )}
              </dt>
              <dd className="text-magenta text-right">
                ± <NumberView number={writeSize(sizes[rule], "two")} unit={[]} />
              </dd>
            </div>
          );
        })}
      </dl>
      <p className="text-soft mt-2">{rulesSentence(sizes["worst-case"], sizes.quadrature)}</p>
      <DrawnUncertainty
        key={`${column.id}/${row}`}
        drawing={drawingOf(column, row, derived.table.quantities, rules)}
        refusal={deriveTexts.monteCarloDrawsRowsNot}
        unit={column.formula.shown}
        firstOrder={sizes.quadrature}
      />
      {common > 0 && (
        <p className="text-soft mt-1">
          {deriveTexts.roundOfItIsCommon({ round: Math.round((100 * common) / (own + common)) })}
        </p>
      )}
    </MarginNote>
  );
}

/** The margin of Derive: the quantity in hand, where its ± comes from, and how it adds up. */
export function DeriveMargin() {
  const derived = useDerivedInHand();
  const row = useRowInHand();
  const { choose } = useContext(InHandContext);
  if (!derived) {
    return (
      <MarginNote title={deriveTexts.formulas}>
        <p className="text-soft">{deriveTexts.aFormulaUsesTheSymbols}</p>
      </MarginNote>
    );
  }
  const column = derived.evaluated.derived?.column;
  return (
    <>
      <DerivedPanel derived={derived} />
      <StageMarks stage="derive" go={({ id }) => choose({ id })} />
      {column && <Shares derived={derived} column={column} row={row} />}
      {column && <Ways derived={derived} column={column} row={row} />}
    </>
  );
}
