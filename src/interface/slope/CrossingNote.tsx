"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { useState } from "react";
import type { Finding } from "@/core/finding/finding";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import { seriesName } from "@/pipeline/figure/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { rangeOfLine } from "@/pipeline/lines/lineRange";
import type { FoundLine } from "@/pipeline/results/lineSource";
import { readCrossing, type ReadValue } from "@/pipeline/results/readOff";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { findingSentence } from "@/wording/findings";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { SymbolView } from "../parts/SymbolView";
import { useHouseRules } from "../store/useEvaluated";
import { ReadOffRemarks, ReadOffValue } from "./ReadOffNote";

function linesOf(fit: FigureFit, figure: Figure, rules: HouseRules): readonly FoundLine[] {
  return fit.lines.flatMap((one) => {
    if (one.outcome.kind !== "line") return [];
    const range = rangeOfLine(figure, one, rules);
    return [{ figure, table: fit.table, one, line: one.outcome.line, range }];
  });
}

function Coordinate({ read, quantity }: { read: ReadValue; quantity: EvaluatedQuantity }) {
  return (
    <>
      <dt>
        <SymbolView quantity={quantity.quantity} />
      </dt>
      <dd>
        <ReadOffValue read={read} quantity={quantity} />
      </dd>
    </>
  );
}

/** Where the lines of two series cross, with the ± of both coordinates. */
export function CrossingNote({ fit, figure }: { fit: FigureFit; figure: Figure }) {
  const rules = useHouseRules();
  const lines = linesOf(fit, figure, rules);
  const [chosen, setChosen] = useState<{ first?: string; second?: string }>({});
  if (lines.length < 2) return null;
  const find = (key: string | undefined, otherwise: number) =>
    lines.find(({ one }) => one.key === key) ?? lines[otherwise];
  const [first, second] = [find(chosen.first, 0), find(chosen.second, 1)];
  if (!first || !second) return null;
  const options = lines.map(({ one }) => ({ value: one.key, label: seriesName(one, fit) }));
  const [x, y] = (["x", "y"] as const).map((axis) => readCrossing(first, second, axis, rules));
  if (!x || !y) return null;
  return (
    <MarginNote title={slopeTexts.whereTwoLinesCross}>
      {lines.length > 2 && (
        <div className="mb-2 grid grid-cols-2 gap-3">
          {(["first", "second"] as const).map((which) => (
            <Choice
              key={which}
              label={which === "first" ? slopeTexts.theLineOf : slopeTexts.andThatOf}
              value={(which === "first" ? first : second).one.key}
              options={options}
              onChange={(key) => setChosen({ ...chosen, [which]: key })}
            />
          ))}
        </div>
      )}
      {"name" in x || "name" in y ? (
        <p>{findingSentence("name" in x ? x : (y as Finding))}</p>
      ) : (
        <>
          <dl data-testid="crossing" className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
            <Coordinate read={x} quantity={fit.x} />
            <Coordinate read={y} quantity={fit.y} />
          </dl>
          <ReadOffRemarks reads={[x, y]} />
        </>
      )}
    </MarginNote>
  );
}
