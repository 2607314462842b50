import { heightAt, placesOf, slopeAt } from "@/core/fit/curves/readCurve";
import { readNumber } from "@/core/number/readNumber";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import type { Result } from "@/investigation/model/result";
import { rowRule } from "../derived/derivedQuantities";
import { fitOrder, type FittedCurve } from "../curves/fittedCurves";
import type { FigurePoints } from "../lines/figurePoints";
import { fitFigure } from "../lines/fit";
import { curveOf, movedOrder } from "./curveSource";
import { dependencesOf } from "../lines/commonInputs";
import { foundLine } from "./lineSource";
import {
  type Coordinate,
  readCrossing,
  readOffLine,
  type ReadValue,
  type TypedPlace,
} from "./readOff";
import type { Dependence } from "../lines/commonInputs";
import { axisUnit, nothing, type ResultContext, type SourceOutcome } from "./source";

/** A single number read off, in the unit of an axis, as a source. */
function single(
  name: string,
  key: string,
  { value, own, whole, dependences, remarks }: ReadValue,
  points: FigurePoints,
  axis: Coordinate,
): SourceOutcome {
  const unit = axisUnit(points[axis]);
  const { symbol, unit: text } = points[axis].quantity;
  if (!unit) return nothing({ name: "unit-not-understood", symbol });
  const { factor = 1, offset } = unit;
  const inSi = ({ common, slopes }: Dependence): Dependence => ({
    common,
    slopes: slopes.map((slope) => slope * factor),
  });
  return {
    kind: "numbers",
    key,
    units: [unit],
    about: name,
    remarks,
    dependences: dependences.map(inSi),
    joint: {
      names: [name],
      values: [value * factor + offset],
      spread: own === undefined ? { kind: "unknown" } : { kind: "shift", shift: [own * factor] },
    },
    shown: [{ name, value, size: whole ?? 0, unit: text }],
  };
}

/** Where the two lines that were chosen cross. */
export function crossingSource(result: Result, context: ResultContext): SourceOutcome {
  const { of, coordinate, series, second } = result.source;
  const [a, b] = [foundLine(of, series, context), foundLine(of, second, context)];
  if ("name" in a) return nothing(a);
  if (series === second) return nothing({ name: "crossing-needs-two-lines" });
  if ("name" in b) return nothing(b);
  const read = readCrossing(a, b, coordinate, context.rules, result.uses);
  if ("name" in read) return nothing(read);
  const key = `crossing/${of}/${series}/${second}/${coordinate}`;
  return single(`${coordinate}_c`, key, read, a.one.fitted, coordinate);
}

/** y at an x, or the first x at a y, of a curve, in the numbers that are fitted. */
function onCurve({ order, fit }: FittedCurve, coordinate: Coordinate, place: number) {
  if (coordinate === "y") return heightAt(fit, place);
  const low = order.x.reduce((a, b) => Math.min(a, b), Infinity);
  const high = order.x.reduce((a, b) => Math.max(a, b), -Infinity);
  return placesOf(fit, place, low, high)[0];
}

/** A value read off a curve, with the ± of the place, and what constants bring to the whole curve. */
export function readOffCurve(
  found: FittedCurve,
  coordinate: Coordinate,
  place: TypedPlace,
  context: ResultContext,
  figure: string | null,
): ReadValue | undefined {
  const { ofX, ofY, points } = found.order;
  const [along, across] = coordinate === "y" ? [ofX, ofY] : [ofY, ofX];
  const typed = place.value * along.factor + along.offset;
  const off = onCurve(found, coordinate, typed);
  if (!off) return undefined;
  const steep = slopeAt(found.fit, coordinate === "y" ? typed : off.value)?.value ?? 0;
  const turn = coordinate === "y" ? Math.abs(steep) : steep === 0 ? 0 : 1 / Math.abs(steep);
  const ofPlace = place.size * along.factor * turn;
  const known = off.uncertainty !== undefined || ofPlace > 0;
  const rule = rowRule(context.rules);
  const own = known
    ? combinedUncertainty(rule, [off.uncertainty ?? 0, ofPlace]) / across.factor
    : undefined;
  const chosen = figure === null ? undefined : context.document.figures[figure];
  const table = chosen && fitFigure(context.tables, chosen, context.rules)?.table;
  const moved = (shifted: FigurePoints) => {
    const outcome = fitOrder(movedOrder(found, shifted));
    const again = outcome.kind === "curve" && onCurve({ ...found, fit: outcome.fit }, coordinate, typed); // prettier-ignore
    return again ? [(again.value - across.offset) / across.factor] : undefined;
  };
  const dependences = table ? dependencesOf(points, table, moved, { withColumns: true }) : [];
  const common = dependences.map(({ common: { size }, slopes }) => Math.abs(slopes[0] ?? 0) * size);
  const whole =
    own === undefined && common.length === 0
      ? undefined
      : combinedUncertainty(rule, [own ?? 0, ...common]);
  return {
    value: (off.value - across.offset) / across.factor,
    own,
    whole,
    dependences,
    by: known ? "error" : "nothing",
    remarks: known ? [] : [{ name: "result-without-uncertainty" }],
  };
}

/** How many lengths of the readings a value may lie beyond them before that is said. */
function isBeyond(x: number, { xValues }: FigurePoints): boolean {
  const low = xValues.reduce((a, b) => Math.min(a, b), Infinity);
  const high = xValues.reduce((a, b) => Math.max(a, b), -Infinity);
  return x > high + (high - low) / 2 || x < low - (high - low) / 2;
}

function withBeyond(
  read: ReadValue,
  coordinate: Coordinate,
  place: TypedPlace,
  points: FigurePoints,
): ReadValue {
  const x = coordinate === "y" ? place.value : read.value;
  if (!isBeyond(x, points)) return read;
  return { ...read, remarks: [...read.remarks, { name: "read-off-beyond" }] };
}

/** y at an x, or x at a y, of a line or of a curve. */
export function readOffSource(result: Result, context: ResultContext): SourceOutcome {
  const { of, series, coordinate, at: typed, curve } = result.source;
  const number = readNumber(typed, context.rules.decimalMark);
  if (number.kind === "empty") return nothing({ name: "read-off-without-place" });
  if (number.kind === "unreadable") return nothing(number.finding);
  const place = { value: number.number.value, size: number.number.uncertainty ?? 0 };
  const name = `${coordinate}_r`;
  const key = `read/${of}/${series}/${curve}/${coordinate}/${typed}`;
  if (curve !== null) {
    const found = curveOf(result, context);
    if (!found) return nothing({ name: "result-without-curve" });
    const read = readOffCurve(found, coordinate, place, context, of);
    if (!read) return nothing({ name: "read-off-nothing-there" });
    const { points } = found.order;
    return single(name, key, withBeyond(read, coordinate, place, points), points, coordinate);
  }
  const found = foundLine(of, series, context);
  if ("name" in found) return nothing(found);
  const read = readOffLine(found, coordinate, place, context.rules, result.uses);
  if (!read) return nothing({ name: "read-off-nothing-there" });
  const { fitted } = found.one;
  return single(name, key, withBeyond(read, coordinate, place, fitted), fitted, coordinate);
}
