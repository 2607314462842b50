import type { PathShape } from "../scene";

/** Draws outlines on a canvas, `scale` device dots to a point. */
export function drawOnCanvas(
  context: CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D,
  shapes: readonly PathShape[],
  scale: number,
): void {
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
  context.setTransform(scale, 0, 0, scale, 0, 0);
  for (const { d, fill, stroke, strokeWidth } of shapes) {
    const path = new Path2D(d);
    if (fill) {
      context.fillStyle = fill;
      context.fill(path);
    }
    if (stroke) {
      context.strokeStyle = stroke;
      context.lineWidth = strokeWidth ?? 1;
      context.stroke(path);
    }
  }
}
