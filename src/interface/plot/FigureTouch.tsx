"use client";

import { usePathname } from "next/navigation";
import { useContext, useMemo, useState } from "react";
import { type Frame, layFrame } from "@/figure/layout/frame";
import type { Spot } from "@/figure/scene";
import type { FigureSpecification } from "@/figure/specification";
import type { FigureFit } from "@/pipeline/lines/fit";
import { figureMenuWords as words } from "@/wording/figureMenu";
import { ActsMenu } from "../parts/ActsMenu";
import { menuOnPaper } from "./figureMenu";
import { Pointed } from "../pointing/Pointed";
import { usePointedMenu } from "../pointing/usePointedMenu";
import { PointsTouch } from "../pointing/PointsTouch";
import { type PointedHands, usePointed } from "../pointing/usePointed";
import { goToStage } from "../parts/stagePath";
import { sceneOf } from "../parts/sceneOf";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { NumberView } from "../parts/StatementView";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { AskForFieldContext } from "../parts/fieldInHand";
import { AxisTouch } from "./AxisTouch";
import { readOffText } from "./axisRange";
import { type Point, ReadOffTouch } from "./ReadOffTouch";
import { EquationTouch, LabelTouch, LegendTouch } from "./WordTouch";

export type TouchMode = "points" | "read-off";

const fields: Partial<Record<Spot["kind"], string>> = {
  title: "figure-title",
  caption: "figure-caption",
  "x-label": "x-axis-label",
  "y-label": "y-axis-label",
};

/** A click on words of the figure leads to their field in the margin. */
function FieldTouch({ spot }: { spot: Spot }) {
  const ask = useContext(AskForFieldContext);
  const field = fields[spot.kind];
  if (!field) return null;
  return (
    <rect
      aria-hidden
      x={spot.x}
      y={spot.y}
      width={spot.width}
      height={spot.height}
      onClick={() => ask(field)}
      className="hover:fill-petrol/10 cursor-text fill-transparent"
    />
  );
}

interface SpotsProps {
  figure: FigureSpecification;
  frame: Frame;
  id: string;
}

function Spots({ figure, frame, id }: SpotsProps) {
  const { spots } = sceneOf(figure);
  return spots.map((spot) => {
    switch (spot.kind) {
      case "x-axis":
      case "y-axis": {
        const axis = spot.kind === "x-axis" ? "x" : "y";
        const scale = axis === "x" ? frame.xScale : frame.yScale;
        const { reversed } = figure[axis];
        return (
          <AxisTouch
            key={spot.kind}
            axis={axis}
            spot={spot}
            scale={scale}
            reversed={reversed}
            figure={id}
          />
        );
      }
      case "legend":
        return <LegendTouch key="legend" spot={spot} frame={frame} figure={id} />;
      case "equation":
        return <EquationTouch key={spot.id} spot={spot} frame={frame} figure={id} />;
      case "label": {
        const label = figure.labels.find((one) => one.id === spot.id);
        return (
          label && <LabelTouch key={label.id} spot={spot} frame={frame} label={label} figure={id} />
        );
      }
      default:
        return <FieldTouch key={spot.kind} spot={spot} />;
    }
  });
}

function ReadOffLine({ place, frame, fit }: { place: Point; frame: Frame; fit: FigureFit }) {
  const grain = (at: (place: number) => number, from: number) =>
    Math.abs(at(from + 0.5) - at(from - 0.5)) || 1;
  return (
    <>
      {[
        { of: fit.x, value: frame.xAt(place.x), step: grain(frame.xAt, place.x) },
        { of: fit.y, value: frame.yAt(place.y), step: grain(frame.yAt, place.y) },
      ].map(({ of, value, step }) => (
        <span key={of.id} className="whitespace-nowrap">
          <SymbolWithUnit quantity={of.quantity} />:{" "}
          <NumberView number={readOffText(value, step)} unit={[]} />
        </span>
      ))}
    </>
  );
}

interface SaidProps {
  mode: TouchMode;
  frame: Frame;
  fit: FigureFit;
  hands: PointedHands;
  place: Point | undefined;
}

/** What is pointed at, in words. */
function Said({ mode, frame, fit, hands, place }: SaidProps) {
  const hint = (
    <span className="text-soft">
      {words.hint} {words.hintOfPlot}
    </span>
  );
  return (
    <div
      role="status"
      data-testid="pointed"
      className="flex min-h-9 flex-wrap items-center gap-x-4 gap-y-1"
    >
      {mode === "points" ? (
        <Pointed hands={hands} fit={fit} otherwise={hint} />
      ) : (
        place && <ReadOffLine place={place} frame={frame} fit={fit} />
      )}
    </div>
  );
}

interface Props {
  figure: FigureSpecification;
  mode: TouchMode;
}

/** What lies over the figure: axes, words and readings to be touched by hand or by keys, and what they say. */
export function FigureTouch({ figure, mode }: Props) {
  const fit = useFigureFit();
  const id = useFigure()?.id;
  const frame = useMemo(() => layFrame(figure), [figure]);
  const hands = usePointed(fit, frame);
  const [place, setPlace] = useState<Point>();
  const investigation = usePathname().split("/")[2] ?? "";
  const ofPointed = usePointedMenu(hands, () => ({
    label: words.toSlope,
    then: () => goToStage(investigation, "slope"),
  }));
  if (!fit || !id) return null;
  const about = (target: Element) =>
    menuOnPaper(target) ?? (mode === "points" ? ofPointed(target) : undefined);
  return (
    <>
      <ActsMenu about={about}>
        <svg
          viewBox={`0 0 ${figure.width} ${figure.height}`}
          className="absolute inset-0 block h-auto w-full"
        >
          {mode === "read-off" ? (
            <ReadOffTouch frame={frame} place={place} onPlace={setPlace} />
          ) : (
            <PointsTouch frame={frame} hands={hands} />
          )}
          <Spots figure={figure} frame={frame} id={id} />
        </svg>
      </ActsMenu>
      <Said mode={mode} frame={frame} fit={fit} hands={hands} place={place} />
    </>
  );
}
