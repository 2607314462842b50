import { writeNumber } from "@/core/number/writtenNumber";
import type { AxisScale } from "@/figure/layout/axisScale";

/** The ends of an axis. */
export interface Ends {
  readonly from: number;
  readonly to: number;
}

/** How an axis counts: along numbers, or along their logarithms. */
function along({ kind }: Pick<AxisScale, "kind">) {
  return kind === "log"
    ? { there: Math.log10, back: (value: number) => 10 ** value }
    : { there: (value: number) => value, back: (value: number) => value };
}

/** Moves both ends by a part of the axis. */
export function panned(scale: AxisScale, part: number): Ends {
  const { there, back } = along(scale);
  const [a, b] = [there(scale.from), there(scale.to)];
  const by = part * (b - a);
  return { from: back(a + by), to: back(b + by) };
}

/** Makes the axis longer (factor above 1) or shorter about a place, given as a part of it. */
export function stretched(scale: AxisScale, factor: number, about: number): Ends {
  const { there, back } = along(scale);
  const [a, b] = [there(scale.from), there(scale.to)];
  const middle = a + about * (b - a);
  return { from: back(middle + (a - middle) * factor), to: back(middle + (b - middle) * factor) };
}

const fineness = 1000;

/** An end as it is typed: to a thousandth of the axis, so that no digit says more than a hand can show. */
export function typedEnd(value: number, { from, to }: Ends): string {
  const grain = Math.abs(to - from) / fineness;
  if (!(grain > 0)) return String(value);
  const decimals = Math.ceil(-Math.log10(grain));
  const rounded = Number(value.toFixed(Math.min(100, Math.max(0, decimals))));
  const coarse = decimals < 0 ? Number(rounded.toPrecision(6)) : rounded;
  return String(Object.is(coarse, -0) ? 0 : coarse);
}

/** A value read off the paper: as many figures as a place on it can tell apart. */
export function readOffText(value: number, grain: number) {
  const leading = Math.floor(Math.log10(Math.max(Math.abs(value), grain)));
  const figures = Math.max(1, leading - Math.floor(Math.log10(grain)) + 1);
  const exact = Math.abs(value) < grain / 2 ? 0 : value;
  return writeNumber(Number(exact.toPrecision(15)), Math.min(8, figures));
}
