import type { RunText } from "@/core/unit/runText";
import type { AxisSpecification, StyleSpecification } from "../specification";
import { type FacedRun, faced, setRuns } from "./setText";

function powerRuns(power: number): RunText {
  if (power === 0) return [];
  return [{ text: "10" }, { text: String(power).replace("-", "−"), script: "super" }];
}

type Headings = StyleSpecification["headings"];

function withUnit(
  named: FacedRun[],
  axis: AxisSpecification,
  power: number,
  headings: Headings,
  lettering: "sans" | "serif",
): FacedRun[] {
  const scale = powerRuns(power);
  const gap: RunText = scale.length > 0 && axis.unit.length > 0 ? [{ text: "\u00a0" }] : [];
  const unit = [...scale, ...gap, ...axis.unit];
  if (unit.length === 0) return named;
  const [before, behind] = headings === "slash" ? [" / ", ""] : [" (", ")"];
  const runs = [
    ...named,
    { text: before, face: lettering },
    ...faced(unit, lettering, "serifItalic"),
  ];
  return behind === "" ? runs : [...runs, { text: behind, face: lettering }];
}

/** An axis label and the size at which it fits. */
export interface AxisLabel {
  readonly runs: readonly FacedRun[];
  readonly size: number;
}

/**
 * "overhang, L / m" or "overhang, L (m)": the name upright, the symbol italic, the unit upright, a power of ten
 * before the unit.
 * Where that is longer than the room there is, the name is left out; what is still too long is set smaller.
 */
export function axisLabel(
  axis: AxisSpecification,
  power: number,
  size: number,
  room: number,
  headings: Headings = "slash",
  lettering: "sans" | "serif" = "sans",
): AxisLabel {
  const symbol = faced(axis.symbol, "serif", "serifItalic");
  const name: FacedRun = { text: axis.label ?? axis.name, face: lettering };
  const comma: FacedRun[] = symbol.length > 0 ? [{ text: ", ", face: lettering }] : [];
  const unit = (named: FacedRun[]) => withUnit(named, axis, power, headings, lettering);
  if (axis.label !== undefined) {
    const runs =
      power === 0 ? [name] : withUnit([name], { ...axis, unit: [] }, power, headings, lettering);
    const { width } = setRuns(runs, size);
    return { runs, size: width <= room ? size : (size * room) / width };
  }
  const whole = unit(axis.name === "" ? symbol : [name, ...comma, ...symbol]);
  if (setRuns(whole, size).width <= room) return { runs: whole, size };
  const short = symbol.length > 0 ? unit(symbol) : whole;
  const { width } = setRuns(short, size);
  return { runs: short, size: width <= room ? size : (size * room) / width };
}
