import { spreadOf } from "@/core/statistics/spread";
import { studentTFactor } from "@/core/statistics/studentT";
import { instrumentBars, meanBar } from "@/core/uncertainty/instrumentPart";
import { combineParts, spreadPart, standardPart } from "@/core/uncertainty/readingUncertainty";
import type { Family } from "../family";

/** Mean and spread of repeats, and their combination with the instrument's half division. */
export const repeats: Family = (input) => {
  const { readings, resolution } = input as { readings: number[]; resolution: number };
  const spread = spreadOf(readings)!;
  const half = meanBar(
    instrumentBars(
      { kind: "half-division", division: resolution },
      { value: spread.mean, decimals: 0 },
    ),
  );
  const rectangle = standardPart("limit") * half;
  const error = spreadPart("standard-error", spread);
  const range = spreadPart("half-range", spread);
  const t = spread.count > 1 ? studentTFactor(0.95, spread.count - 1) : undefined;
  return {
    n: spread.count,
    mean: spread.mean,
    median: spread.median,
    half_range: spread.halfRange,
    sd: spread.sampleStandardDeviation,
    standard_error: spread.standardError,
    t95: t,
    ci95_mean: t === undefined || error === undefined ? undefined : t * error,
    u_resolution_rect: rectangle,
    u_resolution_half: half,
    combined: {
      quadrature_rect: combineParts("quadrature", rectangle, error),
      quadrature_half: combineParts("quadrature", half, error),
      max_half_range: combineParts("larger", half, range),
      max_se: combineParts("larger", half, error),
    },
  };
};
