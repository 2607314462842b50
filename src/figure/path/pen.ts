import type { Path, Segment } from "./path";

/** Takes down what is drawn on it: the part of a canvas's context that lines and areas of d3-shape draw with. */
export class Pen {
  private readonly segments: Segment[] = [];

  moveTo(x: number, y: number): void {
    this.segments.push({ kind: "move", x, y });
  }

  lineTo(x: number, y: number): void {
    this.segments.push({ kind: "line", x, y });
  }

  bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): void {
    this.segments.push({ kind: "curve", x1, y1, x2, y2, x, y });
  }

  closePath(): void {
    this.segments.push({ kind: "close" });
  }

  /** What has been drawn. */
  get path(): Path {
    return this.segments;
  }
}

/** What a line or an area of d3-shape draws. */
export function drawnBy(
  shape: { context(context: CanvasRenderingContext2D): (data: readonly number[]) => void },
  data: readonly number[],
): Path {
  const pen = new Pen();
  shape.context(pen as unknown as CanvasRenderingContext2D)(data);
  return pen.path;
}
