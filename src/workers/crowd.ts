import { transfer } from "comlink";
import { crowdOf } from "@/figure/layout/layoutFigure";
import { drawOnCanvas } from "@/figure/render/canvas";
import type { FigureSpecification, PointsSpecification } from "@/figure/specification";

let points: readonly PointsSpecification[] = [];

/** Thousands of points drawn away from the page. */
export const crowd = {
  /** Takes the points of every series; they stay for all pictures until others come. */
  take(series: readonly PointsSpecification[]): void {
    points = series;
  },

  /**
   * A picture of the points and bars alone, `width` dots wide and clear behind them. The figure comes without its points;
   * those taken last are put in.
   */
  draw(figure: FigureSpecification, width: number): ImageBitmap | undefined {
    const series = figure.series.map((one, index) => ({
      ...one,
      points: points[index] ?? one.points,
    }));
    const scale = width / figure.width;
    const canvas = new OffscreenCanvas(width, Math.round(figure.height * scale));
    const context = canvas.getContext("2d");
    if (!context) return undefined;
    drawOnCanvas(context, crowdOf({ ...figure, series }), scale);
    const picture = canvas.transferToImageBitmap();
    return transfer(picture, [picture]);
  },
};

export type Crowd = typeof crowd;
