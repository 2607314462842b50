"use client";

import { nanoid } from "nanoid";
import type { Suggestion } from "@/core/straighten/remainingCurve";
import { addCurve } from "@/investigation/acts/addCurve";
import { plotPair } from "@/investigation/acts/plotPair";
import type { CurveFamily } from "@/investigation/model/curve";
import type { Straightening } from "@/pipeline/straightening";
import { suggestionSentences } from "@/wording/straighten";
import { firstKey } from "@/pipeline/fit";
import { Button } from "../parts/Button";
import { MarginNote } from "../parts/StageLayout";
import { useFigure } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import type { usePlotPair } from "./usePlotPair";

/** The pair or the curve that helps, where there is one. */
interface Remedy {
  readonly label: (x: string, y: string) => string;
  readonly pair?: (x: string, y: string) => readonly [across: string, up: string];
  readonly family?: CurveFamily;
}

const remedies: Partial<Record<Suggestion, readonly Remedy[]>> = {
  "starts-with-slope": [
    { label: (x, y) => `Plot ${y}/${x} against ${x}`, pair: (x, y) => [x, `${y}/${x}`] },
    { label: () => "Fit a parabola", family: "parabola" },
  ],
  saturates: [
    { label: (x, y) => `Plot 1/${y} against 1/${x}`, pair: (x, y) => [`1/${x}`, `1/${y}`] },
    { label: () => "Fit a saturation", family: "saturation" },
  ],
  "falls-to-level": [
    { label: () => "Fit an exponential to a level", family: "exponential-offset" },
  ],
  "two-for-one": [{ label: (x, y) => `Plot ${y}² against ${x}`, pair: (x, y) => [x, `${y}^2`] }],
};

interface Props {
  whole: Straightening;
  plot: ReturnType<typeof usePlotPair>;
}

/** What a curve that stays suggests, and what helps. */
export function StaysCurvedNote({ whole, plot }: Props) {
  const { act } = useActs();
  const figure = useFigure();
  const [x, y] = [whole.x.quantity.symbol || "x", whole.y.quantity.symbol || "y"];
  const fit = (family: CurveFamily) => {
    if (!figure) return;
    const { id } = figure;
    const sides = { x: { quantity: whole.x.id }, y: { quantity: whole.y.id } };
    act(plotPair, { figure: id, table: whole.table.id, ...sides });
    act(addCurve, { figure: id, id: nanoid(10), family, series: firstKey(whole.table) });
    plot.toPlot();
  };
  const title = whole.suggestions.includes("two-for-one")
    ? "No function of x"
    : "If no pair is straight";
  return (
    <MarginNote title={title}>
      <ul className="flex flex-col gap-3" data-testid="suggestions">
        {whole.suggestions.map((suggestion) => (
          <li key={suggestion}>
            <p>{suggestionSentences[suggestion]}</p>
            <div className="mt-1.5 flex flex-wrap gap-2">
              {remedies[suggestion]?.map(({ label, pair, family }) => (
                <Button
                  key={label(x, y)}
                  onClick={() => {
                    if (pair) plot.typed(whole.table, ...pair(x, y));
                    else if (family) fit(family);
                  }}
                >
                  {label(x, y)}
                </Button>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </MarginNote>
  );
}
