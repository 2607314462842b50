"use client";

import { useState } from "react";
import type { LineFit } from "@/core/fit/lineFit";
import { crossingOf } from "@/core/fit/readOff";
import { seriesName } from "@/pipeline/figure";
import type { FigureFit } from "@/pipeline/fit";
import { findingSentence } from "@/wording/findings";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { SymbolView } from "../parts/SymbolView";
import { ReadOffValue } from "./ReadOffNote";

/** Where the lines of two series cross, with the ± of both coordinates. */
export function CrossingNote({ fit }: { fit: FigureFit }) {
  const lines = fit.lines.flatMap((one, place): { place: number; line: LineFit; name: string }[] =>
    one.outcome.kind === "line"
      ? [{ place, line: one.outcome.line, name: seriesName(one, fit) }]
      : [],
  );
  const [chosen, setChosen] = useState({ first: "0", second: "1" });
  if (lines.length < 2) return null;
  const find = (place: string, otherwise: number) =>
    lines.find((one) => String(one.place) === place) ?? lines[otherwise];
  const [first, second] = [find(chosen.first, 0), find(chosen.second, 1)];
  if (!first || !second) return null;
  const options = lines.map(({ place, name }) => ({ value: String(place), label: name }));
  const crossing = crossingOf(first.line, second.line);
  return (
    <MarginNote title="Where two lines cross">
      {lines.length > 2 && (
        <div className="mb-2 grid grid-cols-2 gap-3">
          {(["first", "second"] as const).map((which) => (
            <Choice
              key={which}
              label={which === "first" ? "The line of" : "and that of"}
              value={String((which === "first" ? first : second).place)}
              options={options}
              onChange={(place) => setChosen({ ...chosen, [which]: place })}
            />
          ))}
        </div>
      )}
      {crossing.kind === "none" ? (
        <p>{findingSentence(crossing.finding)}</p>
      ) : (
        <dl data-testid="crossing" className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
          <dt>
            <SymbolView quantity={fit.x.quantity} />
          </dt>
          <dd>
            <ReadOffValue found={crossing.x} quantity={fit.x} />
          </dd>
          <dt>
            <SymbolView quantity={fit.y.quantity} />
          </dt>
          <dd>
            <ReadOffValue found={crossing.y} quantity={fit.y} />
          </dd>
        </dl>
      )}
    </MarginNote>
  );
}
