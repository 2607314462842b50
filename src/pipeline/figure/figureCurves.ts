import { drawnHeights } from "@/core/fit/curves/readCurve";
import { layFrame } from "@/figure/layout/frame";
import type { CurveSpecification, FigureSpecification } from "@/figure/specification";
import type { LineChoice } from "@/investigation/model/figure";
import { type FittedCurve, residualsOfCurve, scatterOf, stretchOf } from "../curves/fittedCurves";
import type { LineRules } from "../lines/bestLine";
import type { Style } from "./axisOf";
import { levelOf } from "./figureLines";
import { residualAxis } from "./residualFigure";

const places = 300;

/** The curve at many places of its stretch, evenly spaced on the paper. */
function drawn(one: FittedCurve, figure: FigureSpecification, level: number, rules: LineRules) {
  const frame = layFrame(figure);
  const [from, to] = stretchOf(one, [frame.xScale.from, frame.xScale.to], rules);
  const [start, end] = [frame.across(from), frame.across(to)];
  const x = Float64Array.from({ length: places + 1 }, (_, i) =>
    i === 0 ? from : i === places ? to : frame.xAt(start + ((end - start) * i) / places),
  );
  const { ofX, ofY } = one.order;
  const inModel = x.map((value) => value * ofX.factor + ofX.offset);
  const heights = drawnHeights(one.fit, inModel, level, scatterOf(one));
  const half = (all: Float64Array | undefined) => all?.map((value) => value / ofY.factor);
  return {
    x,
    y: heights.y.map((value) => (value - ofY.offset) / ofY.factor),
    confidence: half(heights.confidence),
    prediction: half(heights.prediction),
  };
}

/** The strip of how far the points are off a curve; its bars are those of y. */
function stripOff(one: FittedCurve, { strip }: Pick<LineChoice, "strip">, style: Style) {
  const { points } = one.order;
  const { up, down } = points.yBars;
  const bars = up.map((bar, i) => (bar + (down[i] as number)) / 2);
  const inBars = strip === "bars" && bars.every((bar) => bar > 0);
  const off = residualsOfCurve(one).map((value, i) =>
    inBars ? value / (bars[i] as number) : value,
  );
  const long = inBars ? bars.map(() => 1) : bars;
  const flat = new Float64Array(off.length);
  return {
    y: residualAxis(points, style, inBars),
    series: [
      {
        name: "",
        seriesNumber: points.seriesNumber,
        bands: [],
        points: {
          x: points.xValues,
          y: off,
          aside: { x: [], y: [] },
          xBars: { up: flat, down: flat },
          yBars: { up: long, down: long },
        },
        lines: [{ role: "zero", slope: 0, intercept: 0 } as const],
      },
    ],
  };
}

const placeOf = (key: string, { series }: FigureSpecification) =>
  Math.max(0, series.findIndex((one) => one.key === key)); // prettier-ignore

/** A figure with its curves drawn on it; where no line is drawn the strip is about the first curve. */
export function withCurves(
  figure: FigureSpecification,
  curves: readonly FittedCurve[],
  choice: LineChoice,
  style: Style,
): FigureSpecification {
  const shown = curves.filter(({ curve }) => curve.shown);
  const [first] = shown;
  if (!first) return figure;
  const about = choice.strip !== "none" && !choice.best;
  const room = about ? { ...figure, strip: stripOff(first, choice, style) } : figure;
  return {
    ...room,
    curves: shown.map((one): CurveSpecification => {
      const { x, y, confidence, prediction } = drawn(one, room, levelOf(one.curve), style);
      const { bands } = one.curve;
      return {
        id: one.id,
        name: one.name,
        series: placeOf(one.curve.series, room),
        x,
        y,
        ...(confidence && (bands === "confidence" || bands === "both") && { confidence }),
        ...(prediction && (bands === "prediction" || bands === "both") && { prediction }),
      };
    }),
  };
}
