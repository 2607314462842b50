import { remembered } from "@/remembered/remembered";
import { unitOfText } from "@/core/expression/unitOf";
import type { Finding } from "@/core/finding/finding";
import { binaryNoise } from "@/core/number/writtenNumber";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import { readUnit } from "@/core/unit/unitText";
import { inOrder } from "@/investigation/model/order";
import type { Result } from "@/investigation/model/result";
import { rowRule } from "../derived/derivedQuantities";
import { shownUnit } from "../derived/shownUnit";
import type { EvaluatedResult, NamedInput, WorkedResult } from "./evaluatedResult";
import { gradientOf, resultParts } from "./gradient";
import { resultFormula } from "./resultFormula";
import { isPlaceAcross, overCorners } from "./overCorners";
import { type KnownInput, lookUp } from "./resultInputs";
import type { FittedCurves, ResultContext, SourceNumbers } from "./source";
import { sourceNumbers } from "./sourceNumbers";
import { namesOf, workFormula } from "./workFormula";

function inputsOf(
  names: readonly string[],
  source: SourceNumbers | undefined,
  earlier: readonly WorkedResult[],
  context: ResultContext,
): readonly KnownInput[] | Finding {
  const inputs: KnownInput[] = [];
  for (const name of names) {
    const found = lookUp(name, source, earlier, context);
    if (found.kind === "unknown") return found.finding;
    inputs.push(found.input);
  }
  return inputs;
}

function workResult(
  id: string,
  result: Result,
  earlier: readonly WorkedResult[],
  context: ResultContext,
): EvaluatedResult {
  const outcome = sourceNumbers(result, context);
  const source = outcome?.kind === "numbers" ? outcome : undefined;
  const nothing = { kind: "nothing", id, result, source } as const;
  const refused = (finding: Finding): EvaluatedResult => ({ ...nothing, finding });
  if (outcome?.kind === "nothing") return refused(outcome.finding);
  const formula = resultFormula(result, source, context);
  if (formula.kind === "nothing") return refused(formula.finding);
  const known = inputsOf(namesOf(formula), source, earlier, context);
  if ("name" in known) return refused(known);
  const wished = result.unit.trim() === "" ? undefined : readUnit(result.unit);
  const asked = { unit: wished && unitOfText(result.unit, wished), text: result.unit };
  const worked = workFormula(formula, known, asked);
  if (worked.kind === "nothing") return refused(worked.finding);
  const again = (inputs: readonly KnownInput[]) => {
    const found = workFormula(formula, inputs, asked);
    return found.kind === "worked" ? found.value : undefined;
  };
  const { dimension } = worked.unit;
  const isPlace = isPlaceAcross(known, source, { value: worked.value, dimension }, again);
  const scaleUnit = isPlace ? source?.across : undefined;
  const si = worked.value + (scaleUnit?.offset ?? 0);
  const pure = dimension.every((power) => power === 0);
  const ofTheory = pure ? formula.fromTheory?.unit : undefined;
  const shown = shownUnit(scaleUnit ?? ofTheory ?? worked.unit, result.unit);
  if (shown.kind === "unlike") return refused({ name: "unlike-unit-wanted", unit: result.unit });
  const { unit } = shown;
  const inputs = known.map((input, i): NamedInput => ({ ...input, slope: worked.slopes[i] ?? 0 }));
  const gradient = gradientOf(inputs);
  const rule = rowRule(context.rules);
  const exact = overCorners(known, source, again);
  const shownValue = Math.abs((si - unit.offset) / unit.factor);
  const parts = resultParts(gradient, Math.abs(unit.factor), rule, exact).filter(
    ({ size }) => size > binaryNoise * shownValue,
  );
  return {
    kind: "worked",
    id,
    result,
    source,
    inputs,
    unit,
    gradient,
    parts,
    si,
    ...(scaleUnit && { scaleUnit }),
    ...(formula.kind === "formula" && { expression: formula.expression }),
    ...(formula.fromTheory && { fromTheory: formula.fromTheory }),
    value: (si - unit.offset) / unit.factor,
    size: combinedUncertainty(rule, parts.map((part) => part.size)), // prettier-ignore
    remarks: [...(source?.remarks ?? []), ...worked.remarks],
  };
}

const evaluate = remembered(
  (
    results: ResultContext["document"]["results"],
    figures: ResultContext["document"]["figures"],
    constants: ResultContext["document"]["constants"],
    theory: string,
    tables: ResultContext["tables"],
    curves: FittedCurves,
    rules: ResultContext["rules"],
  ): readonly EvaluatedResult[] => {
    const context: ResultContext = {
      document: { results, figures, constants, theory },
      tables,
      curves,
      rules,
    };
    const found: EvaluatedResult[] = [];
    for (const [id, result] of inOrder(results)) {
      const earlier = found.filter((one) => one.kind === "worked");
      found.push(workResult(id, result, earlier, context));
    }
    return found;
  },
);

/** Every result in its order; later ones may use earlier ones. Worked out anew only where something changed. */
export function evaluateResults(context: ResultContext): readonly EvaluatedResult[] {
  const { document, tables, curves, rules } = context;
  const { results, figures, constants, theory } = document;
  return evaluate(results, figures, constants, theory, tables, curves, rules);
}
