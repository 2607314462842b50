import type { Frame } from "@/figure/layout/frame";
import type { FigureFit } from "@/pipeline/lines/fit";

/** The lines that a figure has. */
export const linesOf = ({ lines }: FigureFit) =>
  lines.flatMap((one) => (one.outcome.kind === "line" ? [{ one, line: one.outcome.line }] : []));

/** Which line runs nearest to a place on the paper, if one is within reach: by its place among the lines. */
export function nearestLine(
  fit: FigureFit,
  frame: Frame,
  place: { readonly x: number; readonly y: number },
  reach: number,
): number | undefined {
  let found: number | undefined;
  let least = reach;
  linesOf(fit).forEach(({ line }, index) => {
    const upAt = (across: number) => frame.up(line.slope * frame.xAt(across) + line.intercept);
    const rise = (upAt(place.x + 1) - upAt(place.x - 1)) / 2;
    const away = Math.abs(upAt(place.x) - place.y) / Math.hypot(1, rise);
    if (away < least) [found, least] = [index, away];
  });
  return found;
}
