import type { Scene, Shape, Spot } from "../scene";
import type { FigureSpecification } from "../specification";
import type { Frame } from "./frame";
import { textWidth } from "./textWidth";
import type { Words } from "./words";

type Box = Pick<Spot, "x" | "y" | "width" | "height">;

/** The box of a line of text, turned or not. */
function boxOf(shape: Extract<Shape, { kind: "text" }>): Box {
  const first = shape.runs[0];
  const last = shape.runs.at(-1);
  if (!first || !last) return { x: shape.x, y: shape.y, width: 0, height: 0 };
  const size = Math.max(...shape.runs.map((run) => run.size));
  const end = last.x + textWidth(last.text, last.face, last.size);
  const [along, height] = [end - first.x, size * 1.3];
  return shape.rotate === 0
    ? { x: shape.x + first.x, y: shape.y - size, width: along, height }
    : { x: shape.x - size, y: shape.y - end, width: height, height: along };
}

function around(boxes: readonly Box[]): Box | undefined {
  if (boxes.length === 0) return undefined;
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  const right = Math.max(...boxes.map((box) => box.x + box.width));
  const foot = Math.max(...boxes.map((box) => box.y + box.height));
  return { x, y, width: right - x, height: foot - y };
}

/** Where the things stand that can be touched. */
export function spotsOf(
  { height }: FigureSpecification,
  { left, right, top, bottom, gap, letters }: Frame,
  { legend, equations, labels }: Words,
  shapes: Scene["shapes"],
): readonly Spot[] {
  const texts = (role: Shape["role"]) =>
    shapes.flatMap((shape) => (shape.kind === "text" && shape.role === role ? [boxOf(shape)] : []));
  const [xLabel, yLabel] = texts("axis-label");
  const spots: (Spot | undefined)[] = [
    {
      kind: "x-axis",
      x: left,
      y: bottom + gap,
      width: right - left,
      height: Math.min(letters.numbers * 2, height - bottom),
    },
    {
      kind: "y-axis",
      x: left - gap - letters.numbers * 3,
      y: top,
      width: letters.numbers * 3,
      height: bottom - top,
    },
    xLabel && { kind: "x-label", ...xLabel },
    yLabel && { kind: "y-label", ...yLabel },
    legend && { kind: "legend", ...legend.box },
    ...equations.map(({ id, box }): Spot => ({ kind: "equation", id, ...box })),
    ...labels.map(({ label, box }): Spot => ({ kind: "label", id: label.id, ...box })),
  ];
  const title = around(texts("title"));
  const caption = around(texts("caption"));
  return [
    ...(title ? [{ kind: "title", ...title } as const] : []),
    ...(caption ? [{ kind: "caption", ...caption } as const] : []),
    ...spots.filter((spot) => spot !== undefined),
  ];
}
