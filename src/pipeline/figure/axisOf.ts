import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type {
  AxisSpecification,
  LookSpecification,
  RangeSpecification,
} from "@/figure/specification";
import type { Axis, FigureLook } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Quantity } from "@/investigation/model/quantity";
import type { LineStyle } from "./figureLines";

export type Style = Pick<HouseRules, "headings" | "language"> & LineStyle;

/** A typed number of an axis, or undefined where it is none. */
function typed(text: string, mark: DecimalMark): number | undefined {
  const read = readNumber(text, mark);
  return read.kind === "number" ? read.number.value : undefined;
}

const mostDecimals = 9;

/** A typed count of decimals, or undefined where it is none. */
export function wholeNumber(text: string): number | undefined {
  return /^\s*\d\s*$/.test(text) ? Math.min(mostDecimals, Number(text)) : undefined;
}

function rangeOf({ range, from, to, step }: Axis, mark: DecimalMark): RangeSpecification {
  if (range !== "hand") return { kind: range };
  const ends = { from: typed(from, mark), to: typed(to, mark), step: typed(step, mark) };
  return { kind: "hand", ...ends };
}

/** What an axis says of the quantities along it, and how it runs. */
export function axis(
  quantities: readonly Quantity[],
  chosen: Axis,
  mark: DecimalMark,
): AxisSpecification {
  const [first] = quantities as [Quantity];
  const several = quantities.length > 1;
  const symbols = quantities.flatMap(({ symbol }, index): RunText => [
    ...(index > 0 ? [{ text: ", " }] : []),
    ...writeSymbol(symbol),
  ]);
  const label = chosen.label.trim();
  const decimals = wholeNumber(chosen.decimals);
  return {
    name: several ? "" : first.name.trim(),
    symbol: symbols,
    unit: writeUnitText(first.unit),
    range: rangeOf(chosen, mark),
    scale: chosen.scale,
    reversed: chosen.reversed,
    ...(label !== "" && { label }),
    ...(chosen.numbers !== "fit" && { numbers: chosen.numbers }),
    ...(decimals !== undefined && decimals > 0 && { decimals }),
  };
}

/** How a figure is drawn, without its size. */
export function lookOf(look: FigureLook): LookSpecification {
  const { style, markers, bars, barsAlong, join, band, grid, ticks } = look;
  const { frame, arrows, gap, lettering, line } = look;
  return {
    style,
    markers,
    bars,
    join,
    band,
    grid,
    ticks,
    frame,
    arrows,
    gap,
    lettering,
    line,
    ...(barsAlong !== "both" && { barsAlong }),
  };
}
