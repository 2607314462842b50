import { formula } from "../../fixtures/formulas";
import { unitOf, unitOfText, type WorkedOutUnit } from "@/core/expression/unitOf";
import { symbolName } from "@/core/expression/spelling";
import { readUnit } from "@/core/unit/unitText";
import type { Family } from "../family";
import { evaluateAt } from "@/core/expression/evaluate";

const bases = ["kg", "m", "s", "A", "K", "mol", "cd"];

function unit(text: string): WorkedOutUnit {
  const plain = text.replace(/^delta °C$/, "K");
  const known = unitOfText(plain, readUnit(plain) ?? []);
  if (!known) throw new Error(`no unit: ${text}`);
  return known;
}

const statuses: Readonly<Record<string, string>> = {
  "log-of-unit": "flag",
  "celsius-as-factor": "offset",
};

const reasons: Readonly<Record<string, (finding: { function?: string }) => string>> = {
  "adds-unlike": () => "add unlike",
  "exponent-has-unit": () => "exponent has unit",
  "function-of-unit": ({ function: name }) => `function ${name} of a quantity with a unit`,
};

/** The unit of a formula, its factor where it is one of the typed units, and the value in SI units. */
export const units: Family = (input) => {
  const {
    expression,
    units: typed,
    values,
  } = input as {
    expression: string;
    units: Record<string, string>;
    values: Record<string, number>;
  };
  const tree = formula(expression);
  const known = new Map(
    Object.entries(typed).map(([name, text]) => [symbolName(name), unit(text)]),
  );
  const outcome = unitOf(tree, known);
  if (outcome.kind === "unlike") {
    return { status: "error", reason: reasons[outcome.finding.name]?.(outcome.finding as object) };
  }
  const [remark] = outcome.remarks;
  const status = remark ? statuses[remark.name] : "ok";
  if (status === "flag")
    return { status, reason: `${expression.split("(")[0]} of a quantity with a unit` };
  const inSi = Object.entries(values).map(([name, value]): [string, number] => {
    const { factor = 1, offset } = known.get(symbolName(name)) as WorkedOutUnit;
    return [name, value * factor + offset];
  });
  const found = evaluateAt(tree, Object.fromEntries(inSi));
  const { dimension, factor } = outcome.unit;
  const exponents = dimension.flatMap((power, i) => (power === 0 ? [] : [[bases[i], power]]));
  return {
    status,
    factor,
    exponents: Object.fromEntries(exponents) as object,
    si_value: found.kind === "value" ? found.value : undefined,
  };
};
