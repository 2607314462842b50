import { parseFormula } from "@/core/expression/parseFormula";
import { curveModel } from "@/core/fit/curves/curveModel";
import { fitCurve } from "@/core/fit/curves/fitCurve";
import { type Family, refused } from "../family";

interface Input {
  readonly model: string;
  readonly parameters: readonly string[];
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly normalise?: string;
  readonly starts?: readonly (readonly number[])[];
}

/** Among equivalent solutions the one that the case asks for. */
function usual(kind: string | undefined, p: Readonly<Record<string, number>>) {
  const found = { ...p };
  if (kind?.includes("s > 0")) found.s = Math.abs(p.s!);
  if (!kind?.includes("-pi < p")) return found;
  const turn = (angle: number) => angle - 2 * Math.PI * Math.ceil(angle / (2 * Math.PI) - 0.5);
  if (found.w! < 0) {
    found.w = -found.w!;
    found.p = kind.includes("sine") ? Math.PI - found.p! : -found.p!;
  }
  if (found.a! < 0) {
    found.a = -found.a!;
    found.p = found.p! + Math.PI;
  }
  found.p = turn(found.p!);
  return found;
}

/** From published starting values where there are any, from the points alone otherwise. */
export const nonlinear: Family = (input) => {
  const { model, x, y, normalise, parameters, starts } = input as unknown as Input;
  const [start] = starts ?? [];
  const wishes = Object.fromEntries(
    start?.map((value, place) => [parameters[place]!, { start: value }]) ?? [],
  );
  const read = parseFormula(model);
  if (read.kind !== "formula") return refused;
  const kind = normalise && `${normalise}${model.includes("sin(") ? " sine" : ""}`;
  const outcome = fitCurve(curveModel(read.expression, "x"), x, y, {
    wishes,
    normalise: (values) => usual(kind, values),
  });
  if (outcome.kind === "no-curve") return refused;
  const { fit } = outcome;
  const of = (what: "value" | "standardError") =>
    Object.fromEntries(
      parameters.map((name) => [name, fit.parameters.find((one) => one.name === name)?.[what]]),
    );
  return {
    n: fit.count,
    dof: fit.degreesOfFreedom,
    parameters: of("value"),
    se: of("standardError"),
    residual_sd: fit.residualStandardDeviation,
    rss: fit.residualSumOfSquares,
    r2: fit.rSquared,
  };
};
