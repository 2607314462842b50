"use client";

import { useMemo, useState } from "react";
import { layFrame } from "@/figure/layout/frame";
import type { FigureSpecification } from "@/figure/specification";
import { inOrder } from "@/investigation/model/order";
import { liftStraightedge } from "@/investigation/acts/liftStraightedge";
import { figureMenuWords as words } from "@/wording/figureMenu";
import { type AboutThing, ActsMenu } from "../parts/ActsMenu";
import { pressOn } from "../parts/pressOn";
import { useFigure, useFigureFit } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { StraightedgeTouch } from "./StraightedgeTouch";
import { StraightedgeSaid } from "./StraightedgeSaid";
import { TriangleTouch } from "./TriangleTouch";

/** What lies over the figure on Slope: straightedges and the slope triangle, and what the one in hand says. */
export function SlopeTouch({ figure }: { figure: FigureSpecification }) {
  const chosen = useFigure();
  const fit = useFigureFit();
  const frame = useMemo(() => layFrame(figure), [figure]);
  const [touched, setTouched] = useState<string>();
  const { act } = useActs();
  if (!chosen || !fit) return null;
  const { id, figure: own } = chosen;
  const edges = inOrder(own.straightedges);
  const outcome = fit.lines[0]?.outcome;
  const inHand = edges.find(([edge]) => edge === touched) ?? edges.at(-1);
  const about = (target: Element): AboutThing | undefined => {
    const thing = target.closest("[data-straightedge]");
    const edge = thing?.getAttribute("data-straightedge");
    if (!thing || !edge) return undefined;
    const number = edges.findIndex(([one]) => one === edge) + 1;
    return {
      name: words.straightedge(number),
      groups: [
        [{ label: words.off, run: () => void act(liftStraightedge, { figure: id, id: edge }) }],
        [
          {
            label: words.choices,
            key: "F6",
            then: () => pressOn(thing, "F6"),
          },
        ],
      ],
    };
  };
  return (
    <>
      <ActsMenu about={about}>
        <svg
          viewBox={`0 0 ${figure.width} ${figure.height}`}
          className="absolute inset-0 block h-auto w-full"
        >
          {edges.map(([edge, laid], index) => (
            <StraightedgeTouch
              key={edge}
              id={edge}
              number={index + 1}
              edge={laid}
              frame={frame}
              figure={id}
              points={fit.lines.find(({ key }) => key === laid.series)?.fitted}
              onTouch={() => setTouched(edge)}
            />
          ))}
          {own.triangle && outcome?.kind === "line" && (
            <TriangleTouch figure={id} triangle={own.triangle} line={outcome.line} frame={frame} />
          )}
        </svg>
      </ActsMenu>
      <div role="status" data-testid="straightedge-said" className="min-h-9">
        {inHand && <StraightedgeSaid edge={inHand[1]} number={edges.indexOf(inHand) + 1} />}
      </div>
    </>
  );
}
