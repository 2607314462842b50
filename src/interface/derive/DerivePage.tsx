"use client";

import { deriveTexts } from "@/wording/deriveTexts";
import { useContext } from "react";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { RunTextView } from "../parts/RunTextView";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { useHouseRules } from "../store/useEvaluated";
import {
  type Derived,
  InHandContext,
  useDerivedInHand,
  useDerivedQuantities,
  useRowInHand,
} from "./useDerived";
import { FormulaField } from "./FormulaField";
import { FunctionsThere } from "./FunctionsThere";
import { WorkedExample } from "./WorkedExample";
import { WriteFormula } from "./WriteFormula";

function Row({ derived, row, inHand }: { derived: Derived; row: number; inHand: boolean }) {
  const { evaluated, table } = derived;
  const { choose } = useContext(InHandContext);
  const { figuresOfUncertainty } = useHouseRules();
  const { id, quantity } = evaluated;
  const source = table.rows[Math.min(row, table.rows.length - 1)];
  const found = source && measured(source, evaluated);
  return (
    <tr
      aria-selected={inHand}
      data-place={`formula:${id}`}
      className={`border-hairline cursor-pointer border-b max-[560px]:flex max-[560px]:flex-wrap max-[560px]:items-center ${inHand ? "bg-petrol/10" : ""}`}
      onClick={() => choose({ id })}
    >
      <td className="px-2.5 py-1">
        {quantity.name}
        {quantity.name && ", "}
        <RunTextView runs={writeSymbol(quantity.symbol)} />
      </td>
      <td className="py-0.5 max-[560px]:basis-full">
        <FormulaField derived={derived} inHand={inHand} />
      </td>
      <td className="px-2.5">
        <RunTextView runs={writeUnitText(quantity.unit)} />
        {quantity.unit === "" && evaluated.derived?.column && (
          <span className="text-soft">{deriveTexts.noneAPureNumber}</span>
        )}
      </td>
      <td className="px-2.5 text-right">
        {found && (
          <WrittenReadingView written={writeMeasured(found, evaluated, figuresOfUncertainty)} />
        )}
      </td>
    </tr>
  );
}

/** The page of Derive: every derived quantity with its formula, and the worked example of one row. */
export function DerivePage() {
  const all = useDerivedQuantities();
  const inHand = useDerivedInHand();
  const row = useRowInHand();
  return (
    <>
      <h1 className="mb-2 font-serif text-[18px] font-semibold">{deriveTexts.derivedQuantities}</h1>
      {all.length === 0 ? (
        <p className="text-soft py-6 text-base">{deriveTexts.nothingIsWorkedOutYet}</p>
      ) : (
        <div>
          <table className="w-full max-w-[900px] text-left max-[560px]:block">
            <thead className="max-[560px]:hidden">
              <tr className="border-ink border-b">
                <th className="px-2.5 pb-1 font-semibold">{deriveTexts.quantity}</th>
                <th className="px-1.5 pb-1 font-semibold">{deriveTexts.formula}</th>
                <th className="px-2.5 pb-1 font-semibold">{deriveTexts.unitWorkedOut}</th>
                <th className="px-2.5 pb-1 text-right font-semibold">
                  {deriveTexts.rowRow({ row: row + 1 })}
                </th>
              </tr>
            </thead>
            <tbody className="max-[560px]:block">
              {all.map((derived) => (
                <Row
                  key={derived.evaluated.id}
                  derived={derived}
                  row={row}
                  inHand={derived.evaluated.id === inHand?.evaluated.id}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <WriteFormula />
      {all.length === 0 && <FunctionsThere />}
      <WorkedExample />
    </>
  );
}
