import { evaluateAt } from "@/core/expression/evaluate";
import { type Expression, symbolsOf } from "@/core/expression/tree";
import { unitOf, type WorkedOutUnit } from "@/core/expression/unitOf";
import type { Finding } from "@/core/finding/finding";
import { solveByNumbers } from "@/core/result/solveByNumbers";
import { sameDimension } from "@/core/unit/dimension";
import type { ResultFormula } from "./resultFormula";
import type { KnownInput } from "./resultInputs";

/** A formula worked out, in SI units, with its slopes along its inputs. */
export type Worked =
  | {
      readonly kind: "worked";
      readonly value: number;
      readonly slopes: readonly number[];
      readonly unit: WorkedOutUnit;
      readonly remarks: readonly Finding[];
    }
  | { readonly kind: "nothing"; readonly finding: Finding };

const nothing = (finding: Finding): Worked => ({ kind: "nothing", finding });

const unitsOf = (inputs: readonly KnownInput[]) =>
  new Map(inputs.map(({ name, unit }) => [name, unit] as const));
const numbersOf = (inputs: readonly KnownInput[]) =>
  Object.fromEntries(inputs.map(({ name, value }) => [name, value]));

/** Logarithms see the number in the typed unit (calculation § 5). */
function scaleOfLog(units: ReadonlyMap<string, WorkedOutUnit>) {
  return (of: Expression): number => {
    const outcome = unitOf(of, units);
    const pure = outcome.kind !== "unit" || outcome.unit.dimension.every((power) => power === 0);
    return pure ? 1 : (outcome.unit.factor ?? 1);
  };
}

function workPlain(expression: Expression, inputs: readonly KnownInput[]): Worked {
  const units = unitsOf(inputs);
  const outcome = unitOf(expression, units);
  if (outcome.kind === "unlike") return nothing(outcome.finding);
  const found = evaluateAt(expression, numbersOf(inputs), scaleOfLog(units));
  if (found.kind === "nothing") return nothing(found.finding);
  const { value, slopes } = found;
  return { kind: "worked", value, slopes, unit: outcome.unit, remarks: outcome.remarks };
}

type Implicit = Extract<ResultFormula, { readonly kind: "implicit" }>;

/** The least solution above 0, with its slopes ∂E/∂p = −(∂F/∂p)/(∂F/∂E). */
function workImplicit(
  { wanted, fromTheory: { about, standsFor } }: Implicit,
  inputs: readonly KnownInput[],
  unit: WorkedOutUnit | undefined,
  unitName: string,
): Worked {
  if (!unit) return nothing({ name: "result-needs-unit", symbol: wanted });
  const own = unitOf(standsFor, new Map([...unitsOf(inputs), [wanted, unit]]));
  if (own.kind === "unlike") return nothing(own.finding);
  const ofLine = inputs.find(({ name }) => name === about)?.unit ?? unit;
  if (!sameDimension(own.unit.dimension, ofLine.dimension)) {
    return nothing({ name: "unlike-unit-wanted", unit: unitName });
  }
  const right: Expression = { kind: "symbol", name: about };
  const off: Expression = { kind: "operation", operator: "-", left: standsFor, right };
  const at = (value: number) => evaluateAt(off, { ...numbersOf(inputs), [wanted]: value });
  const root = solveByNumbers((value) => {
    const found = at(value);
    return found.kind === "value" ? found.value : NaN;
  });
  const there = root && at(root.value);
  const along = there?.kind === "value" ? there.slopes.at(-1) : undefined;
  if (!root || there?.kind !== "value" || !along) {
    return nothing({ name: "result-without-solution", symbol: wanted });
  }
  return {
    kind: "worked",
    value: root.value,
    unit,
    slopes: there.slopes.slice(0, -1).map((slope) => -slope / along),
    remarks: root.several ? [{ name: "result-with-several-solutions", symbol: wanted }] : [],
  };
}

type Workable = Exclude<ResultFormula, { readonly kind: "nothing" }>;

/** The names that a formula needs a number for. */
export function namesOf(formula: Workable): readonly string[] {
  if (formula.kind === "formula") return symbolsOf(formula.expression);
  const { standsFor, about } = formula.fromTheory;
  return [...symbolsOf(standsFor).filter((name) => name !== formula.wanted), about];
}

/**
 * Works a result's formula out, by algebra or by numbers.
 * @param wished the unit that was asked for, which a solution by numbers needs.
 */
export function workFormula(
  formula: Workable,
  inputs: readonly KnownInput[],
  wished: { readonly unit: WorkedOutUnit | undefined; readonly text: string },
): Worked {
  return formula.kind === "formula"
    ? workPlain(formula.expression, inputs)
    : workImplicit(formula, inputs, wished.unit, wished.text);
}
