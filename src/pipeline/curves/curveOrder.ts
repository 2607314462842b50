import { remembered } from "@/remembered/remembered";
import { parseFormula } from "@/core/expression/parseFormula";
import { eulerName, withEuler } from "@/core/expression/euler";
import { symbolName } from "@/core/expression/spelling";
import { type Expression, symbolsOf } from "@/core/expression/tree";
import { curveModel, type CurveModel } from "@/core/fit/curves/curveModel";
import type { ParameterWish } from "@/core/fit/curves/curveOptions";
import { parameterPowers } from "@/core/fit/curves/parameterPowers";
import { modelOf } from "@/core/fit/families/fitFamily";
import type { RuledFamily } from "@/core/fit/families/curveRules";
import type { Finding } from "@/core/finding/finding";
import { baseUnits } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { readUnit, type UnitFactor } from "@/core/unit/unitText";
import type { Curve } from "@/investigation/model/curve";
import type { Constant } from "@/investigation/model/constant";
import { lineNumber, type LineRules, standardBars } from "../lines/bestLine";
import { readConstant } from "../derived/bindFormulas";
import { type FigureFit, withinStretch } from "../lines/fit";
import type { FigurePoints } from "../lines/figurePoints";

/** What a fit needs, ready to be sent to a worker. */
export interface CurveOrder {
  /** A family, or the model of a formula of one's own. */
  readonly family: RuledFamily | undefined;
  readonly model: CurveModel;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly deviations: Float64Array | undefined;
  readonly wishes: Readonly<Record<string, ParameterWish>>;
  /** From an axis' unit to the numbers that are fitted: × factor + offset. */
  readonly ofX: Scaling;
  readonly ofY: Scaling;
  /** The unit of each parameter; undefined where the formula leaves it open. */
  readonly units: readonly (readonly UnitFactor[] | undefined)[];
  readonly points: FigurePoints;
}

export interface Scaling {
  readonly factor: number;
  readonly offset: number;
}

export type OrderedCurve =
  | { readonly kind: "order"; readonly order: CurveOrder }
  | { readonly kind: "refused"; readonly finding: Finding };

const asItIs: Scaling = { factor: 1, offset: 0 };

/** A formula of one's own read: what it runs along, what is known in it, and in which units it is fitted. */
interface OwnFormula {
  readonly model: CurveModel;
  readonly expression: Expression;
  /** Fitted in SI units, for it uses constants that have some. */
  readonly constants: ReadonlyMap<string, NonNullable<ReturnType<typeof readConstant>>>;
}

/** "y = a x + b" and "a x + b" are the same curve. */
function rightSide(formula: string): string {
  const sides = formula.split("=");
  return sides.length === 2 ? (sides[1] as string) : formula;
}

function ownFormula(
  formula: string,
  x: string,
  constants: Readonly<Record<string, Constant>>,
  rules: LineRules,
): OwnFormula | Finding {
  const read = parseFormula(rightSide(formula));
  if (read.kind === "unreadable") return read.finding;
  if (read.kind === "empty") return { name: "curve-without-formula" };
  const names = [x, ...Object.values(constants).map(({ symbol }) => symbol)].map(symbolName);
  const expression = names.includes(eulerName) ? read.expression : withEuler(read.expression);
  const symbols = symbolsOf(expression);
  const across = symbolName(x);
  const variable = symbols.includes(across) ? across : "x";
  if (!symbols.includes(variable)) return { name: "curve-without-variable", symbol: x || "x" };
  const known = new Map(
    Object.entries(constants).flatMap(([id, constant]) => {
      const name = symbolName(constant.symbol);
      const found = readConstant(id, constant, rules.decimalMark);
      return found && name !== variable && symbols.includes(name) ? [[name, found] as const] : [];
    }),
  );
  const values = new Map([...known].map(([name, { bound }]) => [name, bound.value]));
  const model = curveModel(expression, variable, values);
  if (model.parameters.length === 0) return { name: "curve-without-parameters" };
  return { model, expression, constants: known };
}

function unitFrom(
  names: readonly (readonly UnitFactor[])[],
  powers: readonly number[] | undefined,
) {
  if (!powers) return undefined;
  const all = new Map<string, number>();
  names.forEach((factors, i) =>
    factors.forEach(({ symbol, exponent }) =>
      all.set(symbol, (all.get(symbol) ?? 0) + exponent * (powers[i] as number)),
    ),
  );
  return [...all].flatMap(([symbol, exponent]) => (exponent === 0 ? [] : [{ symbol, exponent }]));
}

/** Parameters' units from those of the axes. */
function axisUnits({ expression, variable, parameters }: CurveModel, { x, y }: FigurePoints) {
  const names = [readUnit(x.quantity.unit) ?? [], readUnit(y.quantity.unit) ?? []];
  const given = new Map([[variable, [1, 0]]]);
  return parameterPowers(expression, parameters, given, [0, 1]).map((powers) =>
    unitFrom(names, powers),
  );
}

const siNames = baseUnits.map((symbol) => [{ symbol, exponent: 1 }]);

/** Scalings to SI units with the parameters' units in them, where a formula uses constants. */
function inSi({ model, expression, constants }: OwnFormula, { x, y }: FigurePoints) {
  const [ofX, ofY] = [understandUnit(x.quantity.unit), understandUnit(y.quantity.unit)];
  if (ofX.kind !== "unit" || ofY.kind !== "unit") return undefined;
  const given = new Map<string, readonly number[]>([
    [model.variable, ofX.unit.dimension],
    ...[...constants].map(([name, { unit }]) => [name, unit.dimension] as const),
  ]);
  const powers = parameterPowers(expression, model.parameters, given, ofY.unit.dimension);
  return { ofX: ofX.unit, ofY: ofY.unit, units: powers.map((each) => unitFrom(siNames, each)) };
}

function wishesOf({ parameters }: Fitting, rules: LineRules): CurveOrder["wishes"] {
  return Object.fromEntries(
    Object.entries(parameters).map(([name, { start, fixed, least, most }]) => {
      const value = lineNumber(start, rules);
      return [
        name,
        {
          start: value,
          fixed: fixed && value !== undefined,
          least: lineNumber(least, rules),
          most: lineNumber(most, rules),
        },
      ];
    }),
  );
}

const scaled = (values: Float64Array, { factor, offset }: Scaling) =>
  factor === 1 && offset === 0 ? values : values.map((value) => value * factor + offset);

/** What of a curve says how it is fitted; the rest says how it is drawn. */
type Fitting = Pick<Curve, "family" | "formula" | "weights" | "parameters" | "from" | "to">;

function ordered(
  points: FigurePoints,
  curve: Fitting,
  rules: LineRules,
  constants: Readonly<Record<string, Constant>>,
): OrderedCurve {
  const refused = (finding: Finding): OrderedCurve => ({ kind: "refused", finding });
  const fitted = withinStretch(points, curve, rules);
  const { family } = curve;
  const own =
    family === "own"
      ? ownFormula(curve.formula, points.x.quantity.symbol, constants, rules)
      : undefined;
  if (own && "name" in own) return refused(own);
  const model = own ? own.model : modelOf(family as RuledFamily);
  const si = own && own.constants.size > 0 ? inSi(own, points) : undefined;
  if (own && own.constants.size > 0 && !si) {
    return refused({ name: "unit-not-understood", symbol: points.y.quantity.symbol });
  }
  const { ofX = asItIs, ofY = asItIs } = si ?? {};
  const sigma = standardBars(fitted.yBars, rules);
  if (curve.weights === "y" && sigma.some((bar) => !(bar > 0)))
    return refused({ name: "bar-of-zero" });
  return {
    kind: "order",
    order: {
      family: family === "own" ? undefined : family,
      model,
      ofX,
      ofY,
      x: scaled(fitted.xValues, ofX),
      y: scaled(fitted.yValues, ofY),
      deviations: curve.weights === "y" ? sigma.map((bar) => bar * ofY.factor) : undefined,
      wishes: wishesOf(curve, rules),
      points: fitted,
      units: si ? si.units : axisUnits(model, points),
    },
  };
}

/** The same object as long as the points and what was chosen of the curve stay, whatever is said of its drawing. */
const orderFor = remembered(
  (
    points: FigurePoints,
    rules: LineRules,
    constants: Readonly<Record<string, Constant>>,
    parameters: Curve["parameters"],
    family: Curve["family"],
    formula: string,
    weights: Curve["weights"],
    from: string,
    to: string,
  ) => ordered(points, { family, formula, weights, parameters, from, to }, rules, constants),
);

/** What it takes to fit a curve of a figure, or why it can't be. */
export function curveOrder(
  fit: FigureFit,
  curve: Curve,
  rules: LineRules,
  constants: Readonly<Record<string, Constant>>,
): OrderedCurve {
  const points = fit.groups.find(({ key }) => key === curve.series)?.points;
  if (!points) return { kind: "refused", finding: { name: "curve-without-series" } };
  const { parameters, family, formula, weights, from, to } = curve;
  return orderFor(points, rules, constants, parameters, family, formula, weights, from, to);
}
