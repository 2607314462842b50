import { type BoardCell, isStraight } from "@/core/straighten/board";
import { smallFigure, smallSize } from "./smallFigure";

/** The bar of straightness at the foot of a small figure: its height, and how far it stands off the edge. */
const [barHeight, off] = [2.5, 0.8];

/** All small figures of a board in one drawing, as paths: hundreds of drawings of their own take far longer to show. */
export interface BoardDrawing {
  readonly width: number;
  readonly height: number;
  readonly points: string;
  readonly bars: string;
  readonly lines: string;
  /** The bars of straightness of the straight pairs and of the bent ones; the longer, the straighter. */
  readonly straight: string;
  readonly bent: string;
  /** The ground of all those bars, as long as the longest can be. */
  readonly ground: string;
}

/** Draws every pair at its place, row by row. */
export function boardDrawing(rows: readonly (readonly BoardCell[])[]): BoardDrawing {
  const { width, height } = smallSize;
  const drawn = { points: "", bars: "", lines: "", straight: "", bent: "", ground: "" };
  rows.forEach((row, down) =>
    row.forEach((cell, across) => {
      const [left, top] = [across * width, down * height];
      const paths = smallFigure(cell, left, top);
      if (paths) {
        drawn.points += paths.points;
        drawn.bars += paths.bars;
        drawn.lines += paths.line;
      }
      const bar = (part: number) => {
        const length = Math.round(10 * width * part) / 10;
        return `M${left} ${top + height - barHeight - off}h${length}v${barHeight}h${-length}z`;
      };
      drawn.ground += bar(1);
      drawn[isStraight(cell.straightness) ? "straight" : "bent"] += bar(
        cell.straightness?.straight ?? 0,
      );
    }),
  );
  return { width: width * (rows[0]?.length ?? 0), height: height * rows.length, ...drawn };
}
