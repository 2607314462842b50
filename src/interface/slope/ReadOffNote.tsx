"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { useState } from "react";
import { type ReadNumber, readNumber } from "@/core/number/readNumber";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeUnitText } from "@/core/unit/unitText";
import type { EvaluatedQuantity } from "@/pipeline/readings/evaluated";
import type { FigurePoints } from "@/pipeline/lines/fit";
import type { FoundLine } from "@/pipeline/results/lineSource";
import { readOffLine, type ReadValue } from "@/pipeline/results/readOff";
import { findingSentence } from "@/wording/findings";
import { readOffSentence } from "@/wording/lines";
import { SymbolView } from "../parts/SymbolView";
import { NumberView, StatementView } from "../parts/StatementView";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";

/** A value read off lines, with its ± where it has one, and what is to be said of it. */
export function ReadOffValue({ read, quantity }: { read: ReadValue; quantity: EvaluatedQuantity }) {
  const { figuresOfUncertainty } = useHouseRules();
  const unit = writeUnitText(quantity.quantity.unit);
  const { value, whole } = read;
  return whole !== undefined && whole > 0 ? (
    <StatementView statement={writeStatement(value, whole, figuresOfUncertainty)} unit={unit} />
  ) : (
    <NumberView number={writeNumber(value, 4)} unit={unit} />
  );
}

/** What the ± of values read off is, and what is wrong with it. */
export function ReadOffRemarks({ reads }: { reads: readonly (ReadValue | undefined)[] }) {
  const found = reads.flatMap((read) => read ?? []);
  const remarks = new Map(
    found.flatMap(({ remarks }) => remarks.map((one) => [one.name, one] as const)),
  );
  const [first] = found;
  return (
    <>
      {[...remarks.values()].map((remark) => (
        <p key={remark.name} className="text-magenta">
          {findingSentence(remark)}
        </p>
      ))}
      {first && <p className="text-soft">{readOffSentence(first.by)}</p>}
    </>
  );
}

function isOutside(x: number, { xValues }: FigurePoints): boolean {
  return xValues.every((value) => value < x) || xValues.every((value) => value > x);
}

interface Props {
  found: FoundLine;
}

/** y at a typed x and x at a typed y, a typed ± taken along; beyond the readings that is said. */
export function ReadOffNote({ found }: Props) {
  const rules = useHouseRules();
  const { decimalMark } = rules;
  const { fitted: points } = found.one;
  const [typed, setTyped] = useState({ x: "", y: "" });
  const number = (text: string) => {
    const read = readNumber(text, decimalMark);
    return read.kind === "number" ? read.number : undefined;
  };
  const [x, y] = [number(typed.x), number(typed.y)];
  const read = (coordinate: "x" | "y", at: ReadNumber | undefined) =>
    at && readOffLine(found, coordinate, { value: at.value, size: at.uncertainty ?? 0 }, rules);
  const [up, across] = [read("y", x), read("x", y)];
  const problem = (text: string, number: unknown) =>
    text.trim() === "" || number ? undefined : slopeTexts.typeANumberWithIts;
  const beyond = (x && isOutside(x.value, points)) || (across && isOutside(across.value, points));
  return (
    <div className="flex flex-col gap-2">
      <TextField
        label={slopeTexts.atThisValueAcross}
        value={typed.x}
        placeholder="0.350 ± 0.002"
        problem={problem(typed.x, x)}
        onChange={(text) => setTyped({ ...typed, x: text })}
      />
      {up && (
        <p data-testid="y-read-off">
          <SymbolView quantity={points.y.quantity} /> ={" "}
          <ReadOffValue read={up} quantity={points.y} />
        </p>
      )}
      <TextField
        label={slopeTexts.atThisValueUp}
        value={typed.y}
        problem={problem(typed.y, y)}
        onChange={(text) => setTyped({ ...typed, y: text })}
      />
      {across && (
        <p data-testid="x-read-off">
          <SymbolView quantity={points.x.quantity} /> ={" "}
          <ReadOffValue read={across} quantity={points.x} />
        </p>
      )}
      {y && !across && <p>{slopeTexts.theLineIsLevelIt}</p>}
      {beyond && <p className="text-magenta">{slopeTexts.thatIsExtrapolatedBeyondThe}</p>}
      <ReadOffRemarks reads={[up, across]} />
    </div>
  );
}
