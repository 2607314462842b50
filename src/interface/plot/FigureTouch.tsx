"use client";

import { useContext, useMemo, useState } from "react";
import { type Frame, layFrame } from "@/figure/layout/frame";
import type { Spot } from "@/figure/scene";
import type { FigureSpecification } from "@/figure/specification";
import type { FigureFit } from "@/pipeline/lines/fit";
import { ActsMenu } from "../parts/ActsMenu";
import { menuOnFigure } from "./figureMenu";
import { LineTip } from "./LineTip";
import { sceneOf } from "../parts/sceneOf";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { NumberView } from "../parts/StatementView";
import { useFigure, useFigureFit } from "../store/useEvaluated";
import { AskForFieldContext } from "../parts/fieldInHand";
import { AxisTouch } from "./AxisTouch";
import { readOffText } from "./axisRange";
import { type PlacedPoint, type Region, rowsWithin } from "./figurePoints";
import { usePointed } from "./usePointed";
import { PointTip, RegionTip } from "./PointTip";
import { PointsTouch } from "./PointsTouch";
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

interface PointedProps {
  mode: TouchMode;
  frame: Frame;
  fit: FigureFit;
  points: () => readonly PlacedPoint[];
  point: PlacedPoint | undefined;
  region: Region | undefined;
  /** Which of its lines is in hand. */
  line: number | undefined;
  place: Point | undefined;
  onDone: () => void;
}

/** What is pointed at, in words, with what can be done about it. */
function PointedLine({
  mode,
  frame,
  fit,
  points,
  point,
  region,
  line,
  place,
  onDone,
}: PointedProps) {
  const pointing = mode === "points";
  return (
    <div
      role="status"
      data-testid="pointed"
      className="flex min-h-9 flex-wrap items-center gap-x-4 gap-y-1"
    >
      {!pointing && place && <ReadOffLine place={place} frame={frame} fit={fit} />}
      {pointing && region && (
        <RegionTip rows={rowsWithin(points(), region)} table={fit.table.id} onDone={onDone} />
      )}
      {pointing && line !== undefined && <LineTip fit={fit} index={line} />}
      {pointing && line === undefined && !region && point && (
        <PointTip point={point} fit={fit} onDone={onDone} />
      )}
      {pointing && line === undefined && !region && !point && (
        <span className="text-soft">
          Point at a reading, or draw a region around several. Axes, legend and labels can be
          dragged.
        </span>
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
  if (!fit || !id) return null;
  const { points, pointed, point, region, line } = hands;
  const about = (target: Element) =>
    menuOnFigure(target, mode === "points" ? hands.pointActs : undefined);
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
            <PointsTouch
              frame={frame}
              points={points}
              region={region}
              onPoint={hands.onPoint}
              pointed={pointed}
              onRegion={hands.setRegion}
              onGo={hands.go}
              onLine={hands.onLine}
            />
          )}
          <Spots figure={figure} frame={frame} id={id} />
        </svg>
      </ActsMenu>
      <PointedLine
        mode={mode}
        frame={frame}
        fit={fit}
        points={points}
        point={point}
        region={region}
        line={line}
        place={place}
        onDone={hands.leave}
      />
    </>
  );
}
