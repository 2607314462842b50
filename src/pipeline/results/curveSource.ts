import { pureNumber, unitOfText } from "@/core/expression/unitOf";
import { fitOrder, type FittedCurve } from "../curves/fittedCurves";
import type { FigurePoints } from "../lines/figurePoints";
import { fitFigure } from "../lines/fit";
import { dependencesOf } from "../lines/commonInputs";
import { nothing, type ResultContext, type SourceOutcome, unitText } from "./source";
import type { Result } from "@/investigation/model/result";

/** The fitted curve that a result is taken from; the first one where none is named. */
export function curveOf(
  { source }: Pick<Result, "source">,
  { curves }: ResultContext,
): FittedCurve | undefined {
  const own = source.of === null ? undefined : curves.get(source.of);
  return own?.find(({ id }) => id === source.curve) ?? own?.[0];
}

function unitsOf({ order }: FittedCurve) {
  return order.units.map((factors) => {
    const text = unitText({ factors: factors ?? [] });
    return { text, unit: unitOfText(text, factors ?? []) };
  });
}

/** The same curve, to be fitted to points that were moved. */
export function movedOrder({ order }: FittedCurve, points: FigurePoints) {
  const { ofX, ofY } = order;
  return {
    ...order,
    x: points.xValues.map((value) => value * ofX.factor + ofX.offset),
    y: points.yValues.map((value) => value * ofY.factor + ofY.offset),
  };
}

function fittedTo(found: FittedCurve, points: FigurePoints) {
  const outcome = fitOrder(movedOrder(found, points));
  return outcome.kind === "curve" ? outcome.fit.parameters.map(({ value }) => value) : undefined;
}

/** The parameters of a curve, by their own names, with their covariance. */
export function curveSource(result: Result, context: ResultContext): SourceOutcome {
  const found = curveOf(result, context);
  const figure = result.source.of === null ? undefined : context.document.figures[result.source.of];
  if (!found || !figure) return nothing({ name: "result-without-curve" });
  const { fit, order } = found;
  const wanted =
    fit.parameters.find(({ name }) => name === result.source.parameter) ?? fit.parameters[0];
  if (wanted?.undetermined) return nothing({ name: "parameter-not-told", parameter: wanted.name });
  const units = unitsOf(found);
  const scale = units.map(({ unit }) => unit?.factor ?? 1);
  const { covariance } = fit;
  const table = fitFigure(context.tables, figure, context.rules)?.table;
  const scaled = (values: readonly number[]) =>
    values.map((value, i) => value * (scale[i] as number));
  return {
    kind: "numbers",
    key: `curve/${found.id}`,
    joint: {
      names: fit.parameters.map(({ name }) => name),
      values: scaled(fit.parameters.map(({ value }) => value)),
      spread: covariance
        ? {
            kind: "covariance",
            matrix: covariance.map((row, i) =>
              row.map((part, j) => part * (scale[i] as number) * (scale[j] as number)),
            ),
          }
        : { kind: "unknown" },
    },
    units: units.map(({ unit }) => unit ?? pureNumber),
    dependences: table
      ? dependencesOf(
          order.points,
          table,
          (points) => {
            const values = fittedTo(found, points);
            return values && scaled(values);
          },
          { withColumns: true },
        )
      : [],
    shown: fit.parameters.map(({ name, value, standardError }, i) => ({
      name,
      value,
      size: standardError ?? 0,
      unit: units[i]?.text ?? "",
    })),
    about: wanted?.name ?? "",
    remarks: covariance ? [] : [{ name: "result-without-uncertainty" }],
  };
}
