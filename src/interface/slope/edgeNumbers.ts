import { type WrittenNumber, writeNumber } from "@/core/number/writtenNumber";
import type { FigureFit } from "@/pipeline/lines/fit";

const figures = 4;
/** Parts of the readings' own range of y below which an intercept can't be read. */
const fineness = 1000;

/** An intercept to as many decimals as the paper can tell apart, and how many figures that leaves. */
function readable(value: number, { lines }: FigureFit, series: string): readonly [number, number] {
  const y = lines.find(({ key }) => key === series)?.fitted.yValues ?? new Float64Array();
  const size = y.reduce((a, b) => Math.max(a, Math.abs(b)), 0) / fineness;
  if (!(size > 0)) return [value, figures];
  const grain = 10 ** Math.floor(Math.log10(size));
  const rounded = Math.round(value / grain) * grain;
  const leading = rounded === 0 ? grain : Math.abs(rounded);
  const count = Math.floor(Math.log10(leading) + 1e-9) - Math.round(Math.log10(grain)) + 1;
  return [rounded, Math.max(1, count)];
}

/** The slope of a straightedge to as many figures as it is worth. */
export const edgeSlope = (value: number): WrittenNumber => writeNumber(value, figures);

/** The intercept of a straightedge on a series. */
export const edgeIntercept = (value: number, fit: FigureFit, series: string): WrittenNumber =>
  writeNumber(...readable(value, fit, series));

/** A number as it stands in a field, to be typed over: with the figures that it has beside it, a power of ten behind an e. */
export const typedOver = ({ mantissa, exponent }: WrittenNumber): string =>
  exponent === undefined ? mantissa : `${mantissa}e${exponent}`;
