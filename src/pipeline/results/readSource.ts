import { heightAt, placesOf } from "@/core/fit/curves/readCurve";
import type { LineFit } from "@/core/fit/lineFit";
import { crossingOf, type ReadOff, xAtY, yAtX } from "@/core/fit/readOff";
import type { RangeLine } from "@/core/fit/slopeRange";
import { readNumber } from "@/core/number/readNumber";
import type { Result } from "@/investigation/model/result";
import type { FigurePoints } from "../figurePoints";
import { curveOf } from "./curveSource";
import { foundLine, usesRange } from "./lineSource";
import type { LineRange } from "../lineRange";
import { axisUnit, nothing, type ResultContext, type SourceOutcome } from "./source";

type Coordinate = "x" | "y";

/** A single number read off, in the unit of an axis, as a source. */
function single(
  name: string,
  key: string,
  { value, uncertainty }: ReadOff,
  points: FigurePoints,
  axis: Coordinate,
): SourceOutcome {
  const unit = axisUnit(points[axis]);
  const { symbol, unit: text } = points[axis].quantity;
  if (!unit) return nothing({ name: "unit-not-understood", symbol });
  const { factor = 1, offset } = unit;
  return {
    ...{ kind: "numbers", key, units: [unit], dependences: [], about: name },
    joint: {
      names: [name],
      values: [value * factor + offset],
      spread:
        uncertainty === undefined
          ? { kind: "unknown" }
          : { kind: "shift", shift: [uncertainty * factor] },
    },
    shown: [{ name, value, size: uncertainty ?? 0, unit: text }],
    remarks: uncertainty === undefined ? [{ name: "result-without-uncertainty" }] : [],
  };
}

/** Half of what lies between the largest and the least of several numbers. */
function halfSpread(values: readonly number[]): number {
  return (Math.max(...values) - Math.min(...values)) / 2;
}

function bounds(range: LineRange | undefined): readonly RangeLine[] {
  return range?.kind === "range" ? [range.steepest, range.shallowest] : [];
}

function crossed(a: RangeLine, b: RangeLine): Record<Coordinate, number> {
  const x = (b.intercept - a.intercept) / (a.slope - b.slope);
  return { x, y: a.slope * x + a.intercept };
}

/** Where the first two lines of a figure cross. */
export function crossingSource(result: Result, context: ResultContext): SourceOutcome {
  const { of, coordinate, series, second } = result.source;
  const lines = [foundLine(of, series, context), foundLine(of, second, context)];
  const [a, b] = lines;
  if (!a || "name" in a) return nothing(a ?? { name: "result-without-figure" });
  if (!b || "name" in b || b.one === a.one) return nothing({ name: "crossing-needs-two-lines" });
  const found = crossingOf(a.line, b.line);
  if (found.kind === "none") return nothing(found.finding);
  const name = `${coordinate}_c`;
  const key = `crossing/${of}/${series}/${second}/${coordinate}`;
  const [first, other] = [bounds(a.range), bounds(b.range)];
  const ranged = usesRange(result, context.rules) && first.length > 0 && other.length > 0;
  const corners = first.flatMap((one) => other.map((theirs) => crossed(one, theirs)[coordinate]));
  const read: ReadOff = ranged
    ? { value: found[coordinate].value, uncertainty: halfSpread(corners) }
    : found[coordinate];
  return single(name, key, read, a.one.fitted, coordinate);
}

/** A coordinate read off a line, with the half of the range or the standard error. */
function offLine(
  line: LineFit,
  range: readonly RangeLine[],
  coordinate: Coordinate,
  at: { readonly value: number; readonly size: number },
): ReadOff | undefined {
  const plain = coordinate === "y" ? yAtX(line, at.value, at.size) : xAtY(line, at.value, at.size);
  if (!plain || range.length === 0) return plain;
  const read = ({ slope, intercept }: RangeLine) =>
    coordinate === "y" ? slope * at.value + intercept : (at.value - intercept) / slope;
  const own = coordinate === "y" ? Math.abs(line.slope) : 1 / Math.abs(line.slope);
  return { value: plain.value, uncertainty: halfSpread(range.map(read)) + own * at.size };
}

/** y at an x, or x at a y, of a line or of a curve. */
export function readOffSource(result: Result, context: ResultContext): SourceOutcome {
  const { of, series, coordinate, at: typed, curve } = result.source;
  const read = readNumber(typed, context.rules.decimalMark);
  if (read.kind === "empty") return nothing({ name: "read-off-without-place" });
  if (read.kind === "unreadable") return nothing(read.finding);
  const at = { value: read.number.value, size: read.number.uncertainty ?? 0 };
  const name = `${coordinate}_r`;
  const key = `read/${of}/${series}/${curve}/${coordinate}/${typed}`;
  if (curve !== null) {
    const found = curveOf(result, context);
    if (!found) return nothing({ name: "result-without-curve" });
    const { ofX, ofY, points, x } = found.order;
    const [low, high] = [x.reduce((a, b) => Math.min(a, b)), x.reduce((a, b) => Math.max(a, b))];
    const off =
      coordinate === "y"
        ? heightAt(found.fit, at.value * ofX.factor + ofX.offset)
        : placesOf(found.fit, at.value * ofY.factor + ofY.offset, low, high)[0];
    const { factor, offset } = coordinate === "y" ? ofY : ofX;
    if (!off) return nothing({ name: "read-off-nothing-there" });
    const uncertainty = off.uncertainty === undefined ? undefined : off.uncertainty / factor;
    const value = (off.value - offset) / factor;
    return single(name, key, { value, uncertainty }, points, coordinate);
  }
  const found = foundLine(of, series, context);
  if ("name" in found) return nothing(found);
  const ranged = usesRange(result, context.rules) ? bounds(found.range) : [];
  const off = offLine(found.line, ranged, coordinate, at);
  if (!off) return nothing({ name: "read-off-nothing-there" });
  return single(name, key, off, found.one.fitted, coordinate);
}
