import type { Frame } from "../layout/frame";
import { colourOf, inksOf } from "../palette";
import { polygon } from "../path/outlines";
import type { Path, Place, Segment } from "../path/path";
import type { Shape } from "../scene";
import type { CurveSpecification } from "../specification";
import { strokeOf } from "./lines";
import type { FigureMark } from "./mark";

type Heights = ArrayLike<number>;

/** Curves of one series are told apart by their dashes. */
const dashes = [undefined, [6, 2.5], [2.2, 2.2], [8, 2.5, 1.6, 2.5]] as const;

/** The dashes of a curve by its number in the figure, from 0; the first is drawn through. */
export function dashOfCurve(index: number): readonly number[] | undefined {
  return dashes[index % dashes.length];
}

/** A curve where it lies on the paper, cut at its edges and broken where it has no value. */
export function curvePath(x: Heights, y: Heights, frame: Frame): Path {
  const { top, bottom, left, right } = frame;
  const placeOf = (i: number): Place => [frame.across(x[i] as number), frame.up(y[i] as number)];
  const inside = ([across, up]: Place) =>
    up >= top && up <= bottom && across >= left - 0.01 && across <= right + 0.01;
  /** Where the way from a place on the paper to one beyond it crosses the edge above or below. */
  const edge = (on: Place, off: Place): Place => {
    const level = Math.min(bottom, Math.max(top, off[1]));
    const part = off[1] === on[1] ? 0 : (level - on[1]) / (off[1] - on[1]);
    return [on[0] + part * (off[0] - on[0]), level];
  };
  const path: Segment[] = [];
  const go = (kind: "move" | "line", [across, up]: Place) => path.push({ kind, x: across, y: up });
  let drawing = false;
  for (let i = 1; i < x.length; i++) {
    const [from, to] = [placeOf(i - 1), placeOf(i)];
    const [on, stays] = [inside(from), inside(to)];
    const isDrawn = Number.isFinite(from[1]) && Number.isFinite(to[1]) && (on || stays);
    if (isDrawn && !drawing) go("move", on ? from : edge(to, from));
    if (isDrawn) go("line", stays ? to : edge(from, to));
    drawing = isDrawn && stays;
  }
  return path;
}

function shaded({ x, y }: CurveSpecification, half: Heights, frame: Frame): Path {
  const kept = (up: number) => Math.min(frame.bottom, Math.max(frame.top, frame.up(up)));
  const along = (sign: 1 | -1) =>
    Array.from({ length: x.length }, (_, i): Place => {
      const height = (y[i] as number) + sign * (half[i] as number);
      return [frame.across(x[i] as number), kept(height)];
    });
  return polygon([...along(1), ...along(-1).reverse()]);
}

function edgesOf({ x, y }: CurveSpecification, half: Heights, frame: Frame): Path {
  const edge = (sign: 1 | -1) =>
    Array.from({ length: x.length }, (_, i) => (y[i] as number) + sign * (half[i] as number));
  return [...curvePath(x, edge(1), frame), ...curvePath(x, edge(-1), frame)];
}

/** Fitted curves in the colour of their series, with their bands in the colour of what is uncertain. */
export const curves: FigureMark = ({ curves: all = [], series, look }, frame) => {
  const inks = inksOf(look);
  const bands = all.flatMap((curve): Shape[] => [
    ...(curve.confidence
      ? [
          {
            ...({ kind: "path", role: "confidence-band", fill: inks.magentaWash } as const),
            path: shaded(curve, curve.confidence, frame),
          },
        ]
      : []),
    ...(curve.prediction
      ? [
          {
            ...({ kind: "path", role: "prediction-band", stroke: inks.magenta } as const),
            strokeWidth: 0.6,
            dash: [3, 2],
            path: edgesOf(curve, curve.prediction, frame),
          },
        ]
      : []),
  ]);
  const drawn = all.map((curve, index): Shape => {
    const own = series[curve.series] ?? series[0];
    const dash = dashOfCurve(index);
    return {
      ...({ kind: "path", role: "curve" } as const),
      path: curvePath(curve.x, curve.y, frame),
      stroke: own ? colourOf(own, look) : inks.ink,
      strokeWidth: strokeOf(look),
      ...(dash && { dash }),
    };
  });
  return [...bands, ...drawn];
};
