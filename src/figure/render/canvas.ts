import type { Path } from "../path/path";
import type { PathShape } from "../scene";

type Ways = Pick<Path2D, "moveTo" | "lineTo" | "bezierCurveTo" | "arc" | "rect" | "closePath">;

/** Draws a path on what draws like a canvas. */
export function trace(path: Path, on: Ways): void {
  for (const one of path) {
    switch (one.kind) {
      case "move":
        on.moveTo(one.x, one.y);
        break;
      case "line":
        on.lineTo(one.x, one.y);
        break;
      case "curve":
        on.bezierCurveTo(one.x1, one.y1, one.x2, one.y2, one.x, one.y);
        break;
      case "circle":
        on.moveTo(one.x + one.radius, one.y);
        on.arc(one.x, one.y, one.radius, 0, 2 * Math.PI);
        on.closePath();
        break;
      case "box":
        on.rect(one.x, one.y, one.width, one.height);
        break;
      case "close":
        on.closePath();
    }
  }
}

/** Draws outlines on a canvas, `scale` device dots to a point. */
export function drawOnCanvas(
  context: CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D,
  shapes: readonly PathShape[],
  scale: number,
): void {
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
  context.setTransform(scale, 0, 0, scale, 0, 0);
  for (const { path, fill, stroke, strokeWidth } of shapes) {
    context.beginPath();
    trace(path, context);
    if (fill) {
      context.fillStyle = fill;
      context.fill();
    }
    if (stroke) {
      context.strokeStyle = stroke;
      context.lineWidth = strokeWidth ?? 1;
      context.stroke();
    }
  }
}
