import type { PathShape, Scene, TextShape } from "@/figure/scene";
import { colourDefinitions, colourName, texOfText } from "../tex/texText";

const number = (value: number) => String(Math.round(value * 100) / 100);

/** "M1 2L3 4" as strokes between places, and a circle as a circle. */
function pathTikz({ d, stroke, fill, strokeWidth }: PathShape, height: number): string[] {
  const ink = colourName(stroke ?? fill ?? "#000000");
  const circle = /^M([\d.-]+) ([\d.-]+)a([\d.-]+) /.exec(d);
  if (circle) {
    const [x, y, r] = circle.slice(1).map(Number) as [number, number, number];
    return [`\\fill[${ink}] (${number(x + r)},${number(height - y)}) circle[radius=${number(r)}];`];
  }
  const width = number(strokeWidth ?? 1);
  return [...d.matchAll(/M([\d.-]+) ([\d.-]+)L([\d.-]+) ([\d.-]+)/g)].map((match) => {
    const [x1, y1, x2, y2] = match.slice(1).map(Number) as [number, number, number, number];
    const look = stroke ? `${ink}, line width=${width}pt` : `fill=${fill ? ink : "none"}`;
    return `\\draw[${look}] (${number(x1)},${number(height - y1)}) -- (${number(x2)},${number(height - y2)});`;
  });
}

function textTikz({ x, y, fill, runs }: TextShape, height: number): string[] {
  return runs.map((run) => {
    const words = texOfText(run.text);
    const text = run.face.endsWith("Italic") ? `\\textit{${words}}` : words;
    return `\\node[anchor=base west, inner sep=0, font=\\footnotesize, text=${colourName(fill)}] at (${number(x + run.x)},${number(height - y - run.y)}) {${text}};`;
  });
}

/** A plain scene of strokes, dots and words as a TikZ picture in points. */
export function sceneTikz({ height, shapes }: Scene): string {
  const drawn = shapes
    .filter(({ role }) => role !== "paper")
    .flatMap((shape) =>
      shape.kind === "path" ? pathTikz(shape, height) : textTikz(shape, height),
    );
  return [
    "\\begin{tikzpicture}[x=1pt, y=1pt]",
    ...colourDefinitions(drawn.join("\n")),
    ...drawn,
    "\\end{tikzpicture}",
  ].join("\n");
}
