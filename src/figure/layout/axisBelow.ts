import type { RunText } from "@/core/unit/runText";
import { stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Shape } from "../scene";
import type { AxisScale } from "./axisScale";
import { faced, textShape } from "./setText";

/** What an axis below ranges says, and how. */
export interface AxisBelow {
  readonly symbol: RunText;
  readonly unit: RunText;
  readonly headings: "slash" | "brackets";
  readonly mark: "point" | "comma";
}

/** "E / GPa", with the power of ten that the numbers leave out. */
export function axisName(scale: AxisScale, { symbol, unit, headings }: AxisBelow): RunText {
  const power: RunText =
    scale.power === 0
      ? []
      : [{ text: "10" }, { text: String(scale.power).replace("-", "−"), script: "super" }, { text: " " }]; // prettier-ignore
  const named = [...power, ...unit];
  if (named.length === 0) return symbol;
  return headings === "slash"
    ? [...symbol, { text: " / " }, ...named]
    : [...symbol, { text: " (" }, ...named, { text: ")" }];
}

/** An axis with its ticks, as one outline. */
export const axisLine = (ink: string, path: Path): Shape => ({
  kind: "path",
  role: "axis",
  stroke: ink,
  strokeWidth: 1,
  path,
});

/** The number of a tick with the decimal mark of the house rules. */
export const withMark = (label: RunText, mark: AxisBelow["mark"]): RunText =>
  mark === "point" ? label : label.map((run) => ({ ...run, text: run.text.replace(".", ",") }));

/** The line of an axis with its ticks and their numbers. */
export function axisShapes(
  scale: AxisScale,
  at: (value: number) => number,
  foot: number,
  look: Pick<AxisBelow, "mark"> & { readonly size: number; readonly ink: string },
): Shape[] {
  const { mark, size, ink } = look;
  return [
    axisLine(ink, [
      ...stroke(at(scale.from), foot, at(scale.to), foot),
      ...scale.ticks.flatMap(({ value }) => stroke(at(value), foot, at(value), foot + 4)),
    ]),
    ...scale.ticks.map(({ value, label }) => {
      const written = withMark(label, mark);
      const y = foot + 5 + size;
      const place = { x: at(value), y, align: "middle" as const, size, fill: ink };
      return textShape("tick-label", faced(written, "sans", "serifItalic"), place);
    }),
  ];
}
