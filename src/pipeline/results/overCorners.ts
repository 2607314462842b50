import { halfSpan } from "@/core/result/jointUncertainty";
import { sameDimension } from "@/core/unit/dimension";
import type { KnownInput } from "./resultInputs";
import type { SourceNumbers } from "./source";

/** A result worked out with other numbers of its source; undefined where it has no value there. */
type WorkedWith = (inputs: readonly KnownInput[]) => number | undefined;

function withNumbers(
  inputs: readonly KnownInput[],
  source: SourceNumbers,
  numbers: readonly number[],
): readonly KnownInput[] {
  return inputs.map((one) =>
    one.input.kind === "source" && one.input.source === source
      ? { ...one, value: numbers[one.input.index] as number }
      : one,
  );
}

/**
 * What a line brings to a result, exactly: half of what the result spans over the corners of all allowed lines
 * (calculation § 7: −c/m has its extremes there too). Undefined where an earlier result brings the line in as well.
 */
export function overCorners(
  inputs: readonly KnownInput[],
  source: SourceNumbers | undefined,
  work: WorkedWith,
): { readonly key: string; readonly size: number } | undefined {
  if (source?.joint.spread.kind !== "corners") return undefined;
  if (inputs.some(({ input }) => input.kind === "result")) return undefined;
  const { values, spread } = source.joint;
  const worked = spread.corners.map(
    (corner) =>
    work(withNumbers(inputs, source, values.map((value, i) => value + (corner[i] as number)))), // prettier-ignore
  );
  if (worked.length === 0 || worked.some((value) => value === undefined)) return undefined;
  return { key: source.key, size: halfSpan(worked as number[]) };
}

const tries = [
  [1.1, 1],
  [1, 1.3],
  [0.8, 0.9],
] as const;
const exact = 1e-9;

/**
 * Whether a formula of slope and intercept is where the line reaches a fixed height, such as −intercept/slope: then
 * result · slope + intercept is the same for all lines.
 */
export function isPlaceAcross(
  inputs: readonly KnownInput[],
  source: SourceNumbers | undefined,
  worked: { readonly value: number; readonly dimension: readonly number[] },
  work: WorkedWith,
): boolean {
  if (!source?.across || !sameDimension(worked.dimension as never, source.across.dimension)) {
    return false;
  }
  const [slope, intercept] = source.joint.values as [number, number];
  const height = (value: number | undefined, m: number, c: number) =>
    value === undefined ? NaN : value * m + c;
  const first = height(worked.value, slope, intercept);
  const size = Math.abs(worked.value * slope) + Math.abs(intercept);
  return tries.every(([ofSlope, ofIntercept]) => {
    const [m, c] = [slope * ofSlope, intercept * ofIntercept];
    const again = height(work(withNumbers(inputs, source, [m, c])), m, c);
    return Math.abs(again - first) <= exact * size;
  });
}
