"use client";

import { useState } from "react";
import type { LineFit } from "@/core/fit/lineFit";
import { type ReadOff, xAtY, yAtX } from "@/core/fit/readOff";
import { readNumber } from "@/core/number/readNumber";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeUnitText } from "@/core/unit/unitText";
import type { EvaluatedQuantity } from "@/pipeline/evaluated";
import type { FigurePoints } from "@/pipeline/fit";
import { SymbolView } from "../parts/SymbolView";
import { NumberView, StatementView } from "../parts/StatementView";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";

/** A value read off a line, with its ± where the line has one. */
export function ReadOffValue({ found, quantity }: { found: ReadOff; quantity: EvaluatedQuantity }) {
  const { figuresOfUncertainty } = useHouseRules();
  const unit = writeUnitText(quantity.quantity.unit);
  return found.uncertainty !== undefined && found.uncertainty > 0 ? (
    <StatementView
      statement={writeStatement(found.value, found.uncertainty, figuresOfUncertainty)}
      unit={unit}
    />
  ) : (
    <NumberView number={writeNumber(found.value, 4)} unit={unit} />
  );
}

function isOutside(x: number, { xValues }: FigurePoints): boolean {
  return xValues.every((value) => value < x) || xValues.every((value) => value > x);
}

interface Props {
  line: LineFit;
  points: FigurePoints;
}

/** y at a typed x and x at a typed y, a typed ± taken along; beyond the readings that is said. */
export function ReadOffNote({ line, points }: Props) {
  const { decimalMark } = useHouseRules();
  const [typed, setTyped] = useState({ x: "", y: "" });
  const number = (text: string) => {
    const read = readNumber(text, decimalMark);
    return read.kind === "number" ? read.number : undefined;
  };
  const [x, y] = [number(typed.x), number(typed.y)];
  const up = x && yAtX(line, x.value, x.uncertainty);
  const across = y && xAtY(line, y.value, y.uncertainty);
  const problem = (text: string, read: unknown) =>
    text.trim() === "" || read ? undefined : "Type a number, with its ± or without.";
  const beyond = (x && isOutside(x.value, points)) || (across && isOutside(across.value, points));
  return (
    <div className="flex flex-col gap-2">
      <TextField
        label="At this value across"
        value={typed.x}
        placeholder="0.350 ± 0.002"
        problem={problem(typed.x, x)}
        onChange={(text) => setTyped({ ...typed, x: text })}
      />
      {up && (
        <p data-testid="y-read-off">
          <SymbolView quantity={points.y.quantity} /> ={" "}
          <ReadOffValue found={up} quantity={points.y} />
        </p>
      )}
      <TextField
        label="At this value up"
        value={typed.y}
        problem={problem(typed.y, y)}
        onChange={(text) => setTyped({ ...typed, y: text })}
      />
      {across && (
        <p data-testid="x-read-off">
          <SymbolView quantity={points.x.quantity} /> ={" "}
          <ReadOffValue found={across} quantity={points.x} />
        </p>
      )}
      {y && !across && <p>The line is level: it meets that value nowhere, or everywhere.</p>}
      {beyond && (
        <p className="text-magenta">
          That is extrapolated: beyond the readings nothing was measured.
        </p>
      )}
      {(up ?? across) && (
        <p className="text-soft">
          ± is one standard uncertainty, from slope and intercept together and the ± that was typed.
        </p>
      )}
    </div>
  );
}
