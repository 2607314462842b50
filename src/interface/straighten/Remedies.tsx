"use client";

import { nanoid } from "nanoid";
import { symbolName } from "@/core/expression/spelling";
import type { Suggestion } from "@/core/straighten/remainingCurve";
import { addCurve } from "@/investigation/acts/addCurve";
import { plotPair } from "@/investigation/acts/plotPair";
import type { CurveFamily } from "@/investigation/model/curve";
import { firstKey } from "@/pipeline/lines/fit";
import type { Straightening } from "@/pipeline/straighten/straightening";
import { remedyWords, suggestionSentences } from "@/wording/straighten";
import { Button } from "../parts/Button";
import { useFigure } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import type { usePlotPair } from "./usePlotPair";

/** The pair or the curve that helps. */
interface Remedy {
  readonly label: (x: string, y: string) => string;
  readonly pair?: (x: string, y: string) => readonly [across: string, up: string];
  readonly family?: CurveFamily;
  /** Of a formula of one's own, in the symbol of x. */
  readonly formula?: (x: string) => string;
}

/** a·xⁿ + c in letters that x does not have itself. */
function powerWithOffset(x: string): string {
  const free = ["a", "b", "c", "d", "k", "n"].filter((letter) => letter !== symbolName(x));
  const power = free.at(-1) as string;
  return `${free[0]}*${x}^${power} + ${free[2]}`;
}

const remedies: Readonly<Record<Suggestion, readonly Remedy[]>> = {
  "starts-with-slope": [
    {
      label: (x, y) => remedyWords.plot({ up: `${y}/${x}`, across: x }),
      pair: (x, y) => [x, `${y}/${x}`],
    },
    { label: () => remedyWords.parabola, family: "parabola" },
  ],
  saturates: [
    {
      label: (x, y) => remedyWords.plot({ up: `1/${y}`, across: `1/${x}` }),
      pair: (x, y) => [`1/${x}`, `1/${y}`],
    },
    { label: () => remedyWords.saturation, family: "saturation" },
  ],
  "falls-to-level": [{ label: () => remedyWords.level, family: "exponential-offset" }],
  "two-for-one": [
    {
      label: (x, y) => remedyWords.plot({ up: `${y}²`, across: x }),
      pair: (x, y) => [x, `${y}^2`],
    },
  ],
  offset: [{ label: () => remedyWords.offset, family: "own", formula: powerWithOffset }],
};

interface Props {
  suggestion: Suggestion;
  whole: Straightening;
  plot: ReturnType<typeof usePlotPair>;
}

/** What a curve that stays says in words, with what to try next as buttons. */
export function Remedies({ suggestion, whole, plot }: Props) {
  const { act } = useActs();
  const figure = useFigure();
  const [x, y] = [whole.x.quantity.symbol || "x", whole.y.quantity.symbol || "y"];
  const fit = (family: CurveFamily, formula?: string) => {
    if (!figure) return;
    const { id } = figure;
    const sides = { x: { quantity: whole.x.id }, y: { quantity: whole.y.id } };
    act(plotPair, { figure: id, table: whole.table.id, ...sides });
    const series = firstKey(whole.table);
    act(addCurve, { figure: id, id: nanoid(10), family, series, ...(formula && { formula }) });
    plot.toPlot();
  };
  return (
    <>
      <p>{suggestionSentences[suggestion]}</p>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {remedies[suggestion].map(({ label, pair, family, formula }) => (
          <Button
            key={label(x, y)}
            onClick={() => {
              if (pair) plot.typed(whole.table, ...pair(x, y));
              else if (family) fit(family, formula?.(x));
            }}
          >
            {label(x, y)}
          </Button>
        ))}
      </div>
    </>
  );
}
