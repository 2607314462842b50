import type { Frame } from "../layout/frame";
import { coordinate } from "../layout/pathText";
import { colourOf, inksOf } from "../palette";
import type { Shape } from "../scene";
import type { CurveSpecification } from "../specification";
import { strokeOf } from "./lines";
import type { FigureMark } from "./mark";

type Heights = ArrayLike<number>;

/** Curves of one series are told apart by their dashes. */
const dashes = [undefined, [6, 2.5], [2.2, 2.2], [8, 2.5, 1.6, 2.5]] as const;

/** The dashes of the curve that is the so-manieth of a figure, from 0; the first is drawn through. */
export function dashOfCurve(index: number): readonly number[] | undefined {
  return dashes[index % dashes.length];
}

/** A curve where it lies on the paper, cut at its edges. */
export function curvePath(x: Heights, y: Heights, frame: Frame): string {
  const { top, bottom, left, right } = frame;
  const place = (i: number) => [frame.across(x[i] as number), frame.up(y[i] as number)] as const;
  const inside = ([across, up]: readonly [number, number]) =>
    up >= top && up <= bottom && across >= left - 0.01 && across <= right + 0.01;
  /** Where the way from a place on the paper to one beyond it crosses the edge above or below. */
  const edge = (on: readonly [number, number], off: readonly [number, number]) => {
    const level = Math.min(bottom, Math.max(top, off[1]));
    const part = off[1] === on[1] ? 0 : (level - on[1]) / (off[1] - on[1]);
    return [on[0] + part * (off[0] - on[0]), level] as const;
  };
  const text = ([across, up]: readonly [number, number]) =>
    `${coordinate(across)} ${coordinate(up)}`;
  let d = "";
  for (let i = 1; i < x.length; i++) {
    const [a, b] = [place(i - 1), place(i)];
    const [on, then] = [inside(a), inside(b)];
    if (!Number.isFinite(a[1]) || !Number.isFinite(b[1]) || (!on && !then)) continue;
    if (on && then) d += d === "" || i === 1 ? `M${text(a)}L${text(b)}` : `L${text(b)}`;
    else if (on) d += d === "" ? `M${text(a)}L${text(edge(a, b))}` : `L${text(edge(a, b))}`;
    else d += `M${text(edge(b, a))}L${text(b)}`;
  }
  return d;
}

function shaded({ x, y }: CurveSpecification, half: Heights, frame: Frame): string {
  const kept = (up: number) => Math.min(frame.bottom, Math.max(frame.top, frame.up(up)));
  const along = (sign: 1 | -1) =>
    Array.from({ length: x.length }, (_, i) => {
      const height = (y[i] as number) + sign * (half[i] as number);
      return `${coordinate(frame.across(x[i] as number))} ${coordinate(kept(height))}`;
    });
  return `M${[...along(1), ...along(-1).reverse()].join("L")}Z`;
}

function edgesOf({ x, y }: CurveSpecification, half: Heights, frame: Frame): string {
  const edge = (sign: 1 | -1) =>
    Array.from({ length: x.length }, (_, i) => (y[i] as number) + sign * (half[i] as number));
  return curvePath(x, edge(1), frame) + curvePath(x, edge(-1), frame);
}

/** Fitted curves in the colour of their series, with their bands in the colour of what is uncertain. */
export const curves: FigureMark = ({ curves: all = [], series, look }, frame) => {
  const inks = inksOf(look);
  const bands = all.flatMap((curve): Shape[] => [
    ...(curve.confidence
      ? [
          {
            ...({ kind: "path", role: "confidence-band", fill: inks.magentaWash } as const),
            d: shaded(curve, curve.confidence, frame),
          },
        ]
      : []),
    ...(curve.prediction
      ? [
          {
            ...({ kind: "path", role: "prediction-band", stroke: inks.magenta } as const),
            strokeWidth: 0.6,
            dash: [3, 2],
            d: edgesOf(curve, curve.prediction, frame),
          },
        ]
      : []),
  ]);
  const drawn = all.map((curve, index): Shape => {
    const own = series[curve.series] ?? series[0];
    const dash = dashOfCurve(index);
    return {
      ...({ kind: "path", role: "curve" } as const),
      d: curvePath(curve.x, curve.y, frame),
      stroke: own ? colourOf(own, look) : inks.ink,
      strokeWidth: strokeOf(look),
      ...(dash && { dash }),
    };
  });
  return [...bands, ...drawn];
};
