import { axisLabel } from "@/figure/layout/axisLabel";
import { axisWords, letterSizes } from "@/figure/layout/letterSizes";
import { faced } from "@/figure/layout/setText";
import type { Frame } from "@/figure/layout/frame";
import type { AxisSpecification, FigureSpecification } from "@/figure/specification";
import { inksOf } from "@/figure/palette";
import { colourName, familyTex, plainNumber, sizeTex, texOfWords } from "./texText";

const points = (length: number) => `${Number(length.toFixed(2))}bp`;

/** The drawing area of an axis in points. */
interface Area {
  readonly width: number;
  readonly height: number;
}

function labelTex(
  axis: AxisSpecification,
  power: number,
  room: number,
  figure: FigureSpecification,
): string {
  const { style, look } = figure;
  const full = letterSizes(figure).words * axisWords;
  return texOfWords(axisLabel(axis, power, full, room, style.headings, look.lettering).runs);
}

/** Ends, ticks with the numbers of the page, and scale of one axis. */
function scaleTex(
  name: "x" | "y",
  axis: AxisSpecification,
  scale: Frame["xScale"],
  numbered = true,
) {
  const list = (values: readonly number[]) => values.map(plainNumber).join(",");
  const labels = scale.ticks.map(
    ({ label }) => `{${texOfWords(faced(label, "serif", "serifItalic"))}}`,
  );
  return [
    `${name}min=${plainNumber(scale.from)}, ${name}max=${plainNumber(scale.to)}`,
    ...(scale.kind === "log" ? [`${name}mode=log`] : []),
    ...(axis.reversed ? [`${name} dir=reverse`] : []),
    `${name}tick={${list(scale.ticks.map(({ value }) => value))}}`,
    `${name}ticklabels={${numbered ? labels.join(",") : ""}}`,
    `minor ${name}tick={${list(scale.minorTicks)}}`,
  ];
}

const tickAlign = { outside: "outside", inside: "inside", across: "center" } as const;

/** How axes, ticks and ruling look. */
function lookTex({ look }: FigureSpecification, gap: number, ruled: boolean): string[] {
  const { ink, majorGrid, minorGrid } = inksOf(look);
  const star = look.arrows ? "" : "*";
  const grid = { none: [], major: ["grid=major"], paper: [ruled ? "grid=both" : "grid=major"] };
  return [
    "set layers, scaled ticks=false",
    ...(look.frame && gap === 0
      ? []
      : [`axis x line${star}=bottom, axis y line${star}=left, axis line shift=${points(gap)}`]),
    `axis line style={draw=${colourName(ink)}, line width=0.9bp}, tick pos=left`,
    `tick align=${tickAlign[look.ticks]}, every tick/.style={draw=${colourName(ink)}}`,
    ...grid[look.grid],
    `major grid style={draw=${colourName(majorGrid)}}, minor grid style={draw=${colourName(minorGrid)}}`,
  ];
}

/** How words look: in the letters of the page, in the sizes of a document. */
function letteringTex({ look, letters = {} }: FigureSpecification): string[] {
  const family = familyTex(look);
  const ink = colourName(inksOf(look).ink);
  return [
    `tick label style={font=${sizeTex(letters.numbers, "\\footnotesize")}${family}, text=${ink}}`,
    `label style={font=${sizeTex(letters.words, "\\small")}${family}, text=${ink}}`,
  ];
}

/** Options of the drawing area of a figure, or of the strip under it. */
export function axisTex(
  figure: FigureSpecification,
  frame: Frame,
  { width, height }: Area,
  part: "figure" | "strip",
): string[] {
  const strip = part === "strip" && figure.strip && frame.strip;
  const y = strip ? figure.strip.y : figure.y;
  const yScale = strip ? frame.strip.yScale : frame.yScale;
  const across = labelTex(
    figure.x,
    frame.xScale.power,
    figure.width - 2 * frame.letters.words,
    figure,
  );
  return [
    `scale only axis, width=${points(width)}, height=${points(height)}`,
    ...(strip ? [] : [`xlabel={${across}}`]),
    `ylabel={${labelTex(y, yScale.power, height, figure)}}`,
    ...scaleTex("x", figure.x, frame.xScale, !strip),
    ...scaleTex("y", y, yScale),
    ...lookTex(figure, strip ? 0 : frame.gap, !strip),
    ...letteringTex(figure),
  ];
}
