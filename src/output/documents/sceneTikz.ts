import type { Path } from "@/figure/path/path";
import type { PathShape, Scene, TextShape } from "@/figure/scene";
import { colourDefinitions, colourName, texOfText } from "../tex/texText";

const number = (value: number) => String(Math.round(value * 100) / 100);

/** A path as TikZ takes it, its y counted up from the foot of the picture. */
export function pathTikz(path: Path, height: number): string {
  const at = (x: number, y: number) => `(${number(x)},${number(height - y)})`;
  const parts = path.map((one): string => {
    switch (one.kind) {
      case "move":
        return at(one.x, one.y);
      case "line":
        return `-- ${at(one.x, one.y)}`;
      case "curve":
        return `.. controls ${at(one.x1, one.y1)} and ${at(one.x2, one.y2)} .. ${at(one.x, one.y)}`;
      case "circle":
        return `${at(one.x, one.y)} circle[radius=${number(one.radius)}]`;
      case "box":
        return `${at(one.x, one.y)} rectangle ${at(one.x + one.width, one.y + one.height)}`;
      case "close":
        return "-- cycle";
    }
  });
  return parts.join(" ");
}

function shapeTikz({ path, stroke, fill, strokeWidth = 1 }: PathShape, height: number): string {
  const look = [
    ...(fill ? [`fill=${colourName(fill)}`] : []),
    ...(stroke ? [`draw=${colourName(stroke)}`, `line width=${number(strokeWidth)}pt`] : []),
  ];
  return `\\path[${look.join(", ")}] ${pathTikz(path, height)};`;
}

function textTikz({ x, y, fill, runs }: TextShape, height: number): string[] {
  return runs.map((run) => {
    const words = texOfText(run.text);
    const text = run.face.endsWith("Italic") ? `\\textit{${words}}` : words;
    return `\\node[anchor=base west, inner sep=0, font=\\footnotesize, text=${colourName(fill)}] at (${number(x + run.x)},${number(height - y - run.y)}) {${text}};`;
  });
}

/** A plain scene of outlines and words as a TikZ picture in points. */
export function sceneTikz({ height, shapes }: Scene): string {
  const drawn = shapes
    .filter(({ role }) => role !== "paper")
    .flatMap((shape) =>
      shape.kind === "path" ? [shapeTikz(shape, height)] : textTikz(shape, height),
    );
  return [
    "\\begin{tikzpicture}[x=1pt, y=1pt]",
    ...colourDefinitions(drawn.join("\n")),
    ...drawn,
    "\\end{tikzpicture}",
  ].join("\n");
}
