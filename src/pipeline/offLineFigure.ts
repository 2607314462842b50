import type { FigureSpecification } from "@/figure/specification";
import { plainAxis, plainLook } from "@/investigation/model/figure";
import { axis, lookOf, type Style } from "./figure";
import type { SeriesFit } from "./fit";
import type { OffLine } from "./offLine";

/** The strip beside the readings' figure. */
const strip = { width: 243, height: 132, textSize: 8 };

const noBars = (length: number) => ({
  up: new Float64Array(length),
  down: new Float64Array(length),
});

/**
 * How far each reading is off the line, from left to right about a level line: in the unit of y with its bar, or
 * counted in bars, where a bar is 1 long.
 */
export function offLineSpecification(
  { fitted }: SeriesFit,
  off: OffLine,
  style: Style,
  inBars: boolean,
): FigureSpecification {
  const points = inBars ? off.points.filter(({ bar }) => bar > 0) : off.points;
  const bars = Float64Array.from(points, ({ bar }) => (inBars ? 1 : bar));
  const x = axis([fitted.x.quantity], plainAxis, style.decimalMark);
  const y = axis([fitted.y.quantity], plainAxis, style.decimalMark);
  return {
    ...strip,
    x: { ...x, name: "" },
    y: {
      ...y,
      ...(inBars ? { label: "off the line / ±" } : { name: "off the line", symbol: [] }),
    },
    series: [
      {
        ...{ name: "", place: fitted.place, bands: [] },
        points: {
          x: points.map((one) => one.x),
          y: points.map(({ off: distance, bar }) => (inBars ? distance / bar : distance)),
          ...{ xBars: noBars(points.length), yBars: { up: bars, down: bars } },
          aside: { x: [], y: [] },
        },
        lines: [{ role: "zero", slope: 0, intercept: 0 }],
      },
    ],
    style: { headings: style.headings, decimalMark: style.decimalMark },
    look: lookOf({ ...plainLook, grid: "major" }),
    labels: [],
  };
}
