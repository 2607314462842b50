import type { AxisSpecification, StyleSpecification } from "../specification";
import { type AxisScale, byHand, fillThePaper, startAtZero } from "./axisScale";
import { withNumbers } from "./axisNumbers";
import { logScale } from "./logScale";

function linear({ range }: AxisSpecification, low: number, high: number, most: number): AxisScale {
  if (range.kind === "zero") return startAtZero(low, high, most);
  const full = fillThePaper(low, high, most);
  if (range.kind === "fill") return full;
  const from = range.from ?? full.from;
  const to = range.to ?? full.to;
  return from < to ? byHand(from, to, range.step, most) : full;
}

function logarithmic(
  { range }: AxisSpecification,
  low: number,
  high: number,
  most: number,
): AxisScale {
  const least = low > 0 ? low : high > 0 ? high / 1000 : 1;
  const greatest = high > 0 ? high : 10;
  const hand: { readonly from?: number; readonly to?: number } = range.kind === "hand" ? range : {};
  const from = hand.from !== undefined && hand.from > 0 ? hand.from : least;
  const to = hand.to !== undefined && hand.to > from ? hand.to : Math.max(greatest, from);
  return logScale(from, to, most, range.kind === "hand" && (from !== least || to !== greatest));
}

/** The scale of an axis as it was chosen, with numbers in the decimal mark of the house. */
export function chosenScale(
  axis: AxisSpecification,
  [low, high]: readonly [number, number],
  most: number,
  { decimalMark }: StyleSpecification,
): AxisScale {
  const found = axis.scale === "log" ? logarithmic : linear;
  const scale = withNumbers(found(axis, low, high, most), axis);
  if (decimalMark === "point") return scale;
  const ticks = scale.ticks.map(({ value, label }) => ({
    value,
    label: label.map((run) => ({ ...run, text: run.text.replace(".", ",") })),
  }));
  return { ...scale, ticks };
}
