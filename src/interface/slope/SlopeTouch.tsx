"use client";

import { useMemo, useState } from "react";
import { type Frame, layFrame } from "@/figure/layout/frame";
import type { FigureSpecification } from "@/figure/specification";
import { drawTriangle } from "@/investigation/acts/drawTriangle";
import { inOrder } from "@/investigation/model/order";
import { liftStraightedge } from "@/investigation/acts/liftStraightedge";
import type { Straightedge } from "@/investigation/model/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { figureMenuWords as words } from "@/wording/figureMenu";
import { ActsMenu } from "../parts/ActsMenu";
import type { AboutThing } from "../parts/doings";
import { pressOn } from "../parts/pressOn";
import { Pointed } from "../pointing/Pointed";
import { usePointedMenu } from "../pointing/usePointedMenu";
import { PointsTouch } from "../pointing/PointsTouch";
import { usePointed } from "../pointing/usePointed";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";
import { StraightedgeTouch } from "./StraightedgeTouch";
import { StraightedgeSaid } from "./StraightedgeSaid";
import { TriangleTouch } from "./TriangleTouch";

/** Goes to what the margin holds about a thing. */
function toMargin(thing: Element): void {
  if (thing instanceof SVGElement) thing.focus();
  pressOn(thing, "F6");
}

/** The menus of the straightedges and of the slope triangle. */
function useLaidMenu() {
  const chosen = useFigure();
  const { act } = useActs();
  return (target: Element): AboutThing | undefined => {
    const thing = target.closest("[data-straightedge], [data-triangle]");
    if (!thing || !chosen) return undefined;
    const { id: figure, figure: own } = chosen;
    const further = (label: string) => [{ label, key: "F6", then: () => toMargin(thing) }];
    const edge = thing.getAttribute("data-straightedge");
    if (!edge) {
      const off = () => void act(drawTriangle, { figure, triangle: null });
      return { name: words.triangle, groups: [[{ label: words.off, run: off }], further(words.working)] };
    }
    const number = inOrder(own.straightedges).findIndex(([one]) => one === edge) + 1;
    const off = () => void act(liftStraightedge, { figure, id: edge });
    return { name: words.straightedge({ number }), groups: [[{ label: words.off, run: off }], further(words.choices)] };
  };
} // prettier-ignore

interface EdgesProps {
  figure: string;
  edges: readonly (readonly [string, Straightedge])[];
  frame: Frame;
  fit: FigureFit;
  onTouch: (edge: string) => void;
}

function Edges({ figure, edges, frame, fit, onTouch }: EdgesProps) {
  return edges.map(([edge, laid], index) => (
    <StraightedgeTouch
      key={edge}
      id={edge}
      number={index + 1}
      edge={laid}
      frame={frame}
      figure={figure}
      points={fit.lines.find(({ key }) => key === laid.series)?.fitted}
      onTouch={() => onTouch(edge)}
    />
  ));
}

/** What lies over the figure on Slope: its readings and lines, straightedges and the slope triangle, and what is said of the one in hand. */
export function SlopeTouch({ figure }: { figure: FigureSpecification }) {
  const chosen = useFigure();
  const fit = useFigureFit();
  const frame = useMemo(() => layFrame(figure), [figure]);
  const [touched, setTouched] = useState<string>();
  const hands = usePointed(fit, frame);
  const ofLaid = useLaidMenu();
  const ofPointed = usePointedMenu(hands, (target) => ({
    label: words.lineChoices,
    key: "F6",
    then: () => toMargin(target.closest("[data-margin]") ?? target),
  }));
  if (!chosen || !fit) return null;
  const { id, figure: own } = chosen;
  const edges = inOrder(own.straightedges);
  const outcome = fit.lines[0]?.outcome;
  const inHand = edges.find(([edge]) => edge === touched) ?? edges.at(-1);
  const touch = (edge: string) => {
    hands.leave();
    setTouched(edge);
  };
  const ofEdge = inHand ? (
    <StraightedgeSaid edge={inHand[1]} number={edges.indexOf(inHand) + 1} />
  ) : (
    <span className="text-soft">{words.hint}</span>
  );
  return (
    <>
      <ActsMenu about={(target) => ofLaid(target) ?? ofPointed(target)}>
        <svg
          viewBox={`0 0 ${figure.width} ${figure.height}`}
          className="absolute inset-0 block h-auto w-full"
        >
          <PointsTouch frame={frame} hands={hands} about="lines" />
          <Edges figure={id} edges={edges} frame={frame} fit={fit} onTouch={touch} />
          {own.triangle && outcome?.kind === "line" && (
            <g data-triangle data-margin="triangle">
              <TriangleTouch
                figure={id}
                triangle={own.triangle}
                line={outcome.line}
                frame={frame}
              />
            </g>
          )}
        </svg>
      </ActsMenu>
      <div
        role="status"
        data-testid="straightedge-said"
        className="flex min-h-9 flex-wrap items-center gap-x-4 gap-y-1"
      >
        <Pointed hands={hands} fit={fit} otherwise={ofEdge} />
      </div>
    </>
  );
}
