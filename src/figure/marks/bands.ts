import type { Frame } from "../layout/frame";
import { inksOf } from "../palette";
import { polygon } from "../path/outlines";
import type { Path, Place, Segment } from "../path/path";
import type { Shape } from "../scene";
import type { BandSpecification, SeriesSpecification } from "../specification";
import type { FigureMark } from "./mark";

const steps = 100;

type Curve = (x: number) => number;

interface Reach {
  readonly from: number;
  readonly to: number;
}

/** Both edges of a band across the paper, kept on it. */
function edges(low: Curve, high: Curve, frame: Frame, { from, to }: Reach) {
  const [start, end] = [frame.across(from), frame.across(to)];
  const within = (place: number) => Math.min(frame.bottom, Math.max(frame.top, place));
  const along = (curve: Curve) =>
    Array.from({ length: steps + 1 }, (_, i): Place => {
      const across = start + ((end - start) * i) / steps;
      return [across, within(frame.up(curve(frame.xAt(across))))];
    });
  return { low: along(low), high: along(high) };
}

function shaded(low: Curve, high: Curve, frame: Frame, reach: Reach): Path {
  const found = edges(low, high, frame, reach);
  return polygon([...found.high, ...found.low.reverse()]);
}

/** A curve across the paper, broken where it leaves it. */
function outline(curve: Curve, frame: Frame): Path {
  let drawing = false;
  const path: Segment[] = [];
  for (let i = 0; i <= steps; i++) {
    const across = frame.left + ((frame.right - frame.left) * i) / steps;
    const up = frame.up(curve(frame.xAt(across)));
    const inside = up >= frame.top && up <= frame.bottom;
    if (inside) path.push({ kind: drawing ? "line" : "move", x: across, y: up });
    drawing = inside;
  }
  return path;
}

/** The wedges between the steepest and the shallowest line of a series. */
function fan({ lines }: SeriesSpecification, frame: Frame): Path {
  const steepest = lines.find(({ role }) => role === "steepest");
  const shallowest = lines.find(({ role }) => role === "shallowest");
  if (!steepest || !shallowest) return [];
  const from = Math.max(
    ...[frame.xScale.from, steepest.reach?.from ?? -Infinity, shallowest.reach?.from ?? -Infinity],
  );
  const to = Math.min(
    ...[frame.xScale.to, steepest.reach?.to ?? Infinity, shallowest.reach?.to ?? Infinity],
  );
  if (from >= to) return [];
  const at = (line: typeof steepest) => (x: number) => line.slope * x + line.intercept;
  const [a, b] = [at(steepest), at(shallowest)];
  const low = (x: number) => Math.min(a(x), b(x));
  return shaded(low, (x) => Math.max(a(x), b(x)), frame, { from, to });
}

function bandShape(band: BandSpecification, frame: Frame, inks: ReturnType<typeof inksOf>): Shape {
  const { slope, intercept, centre, atCentre, ofSlope, t } = band;
  const half = (x: number) => t * Math.sqrt(atCentre + ofSlope * (x - centre) ** 2);
  const low = (x: number) => slope * x + intercept - half(x);
  const high = (x: number) => slope * x + intercept + half(x);
  const reach = frame.xScale;
  if (band.kind === "confidence") {
    const path = shaded(low, high, frame, reach);
    return { kind: "path", role: "confidence-band", path, fill: inks.magentaWash };
  }
  const path = [...outline(low, frame), ...outline(high, frame)];
  const drawn = { stroke: inks.magenta, strokeWidth: 0.6, dash: [3, 2] };
  return { kind: "path", role: "prediction-band", path, ...drawn };
}

/** What lies between the steepest and the shallowest line, and the bands that statistics give. */
export const bands: FigureMark = ({ series, look }, frame) => {
  const inks = inksOf(look);
  return series.flatMap((one): Shape[] => {
    const path = fan(one, frame);
    const wedges: Shape[] =
      path.length === 0 ? [] : [{ kind: "path", role: "range-fan", path, fill: inks.magentaWash }];
    return [...wedges, ...one.bands.map((band) => bandShape(band, frame, inks))];
  });
};
