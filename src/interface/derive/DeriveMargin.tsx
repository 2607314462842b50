"use client";

import { useContext, useMemo } from "react";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import { writeStatement } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import { partsBy, rowRule } from "@/pipeline/derived/derivedQuantities";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import { type Share, sharesOfCell, sharesOverRows } from "@/pipeline/derived/shares";
import type { DerivedColumn } from "@/pipeline/evaluated";
import { ruleNames, rulesSentence, shareAdvice } from "@/wording/deriving";
import { StageMarks } from "../marks/StageMarks";
import { RunTextView } from "../parts/RunTextView";
import { useDecimalMark } from "../parts/StatementView";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules, useQuantities } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { DerivedPanel } from "./DerivedPanel";
import { DrawnUncertainty } from "./Drawn";
import { type Derived, InHandContext, useDerivedInHand, useRowInHand } from "./useDerived";

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
      const name =
        quantity?.name ||
        quantity?.symbol ||
        constant?.name ||
        constant?.symbol ||
        share.id.replace(/#.*/, "");
      return { ...share, name, scatters: (quantity?.repeats ?? 1) > 1 };
    };
    const here = cell && !isFinding(cell) ? sharesOfCell(rule, cell, column) : [];
    return { here: here.map(named), all: sharesOverRows(rule, column).map(named) };
  }, [column, row, quantities, constants, rule]);
}

function Bar({ name, share, all }: { name: string; share: number; all: number }) {
  const percent = Math.round(share * 100);
  return (
    <li className="grid grid-cols-[120px_1fr_44px] items-center gap-2 py-0.5">
      <span className="truncate" title={name}>
        {name}
      </span>
      <span className="bg-magenta-wash relative h-2" aria-hidden>
        <span className="bg-magenta absolute inset-y-0 left-0" style={{ width: `${percent}%` }} />
      </span>
      <span className="text-right" title={`over all rows ${Math.round(all * 100)} %`}>
        {percent}&nbsp;%
      </span>
    </li>
  );
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
        <>
          Where the ± of <RunTextView runs={writeSymbol(derived.evaluated.quantity.symbol)} /> comes
          from, row {row + 1}
        </>
      }
    >
      <ul>
        {here.map(({ id, name, share }) => (
          <Bar
            key={id}
            name={name}
            share={share}
            all={all.find((one) => one.id === id)?.share ?? 0}
          />
        ))}
      </ul>
      {advice && <p className="text-soft mt-2">Over all rows: {advice}</p>}
    </MarginNote>
  );
}

function Ways({ derived, column, row }: { derived: Derived; column: DerivedColumn; row: number }) {
  const rules = useHouseRules();
  const marked = useDecimalMark();
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
    <MarginNote title="Three ways to add up">
      <dl className="grid grid-cols-[1fr_auto] gap-y-1">
        {(["worst-case", "quadrature"] as const).map((rule) => {
          const { uncertainty, exponent } = writeStatement(0, sizes[rule], "two");
          return (
            <div key={rule} className="contents">
              <dt>
                {ruleNames[rule]}{" "}
                {rowRule(rules) === rule && <span className="text-soft">house rules</span>}
              </dt>
              <dd className="text-magenta text-right">
                ± {marked(uncertainty)}
                {exponent !== undefined && (
                  <>
                    {" "}
                    × 10<sup>{String(exponent).replace("-", "−")}</sup>
                  </>
                )}
              </dd>
            </div>
          );
        })}
      </dl>
      <p className="text-soft mt-2">{rulesSentence(sizes["worst-case"], sizes.quadrature)}</p>
      <DrawnUncertainty
        key={`${column.id}/${row}`}
        column={column}
        quantities={derived.table.quantities}
        row={row}
        firstOrder={sizes.quadrature}
      />
      {common > 0 && (
        <p className="text-soft mt-1">
          {Math.round((100 * common) / (own + common))} % of it is common to all rows: it belongs to
          the result and not to the error bars.
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
      <MarginNote title="Formulas">
        <p className="text-soft">
          A formula uses the symbols of your readings and constants: + − * / ^, brackets, π, sqrt ln
          log exp sin cos tan. Its unit and ± are worked out.
        </p>
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
