import { symbolName } from "@/core/expression/spelling";
import type { Expression } from "@/core/expression/tree";
import { unitOfText, type WorkedOutUnit } from "@/core/expression/unitOf";
import { parameterPowers } from "@/core/fit/curves/parameterPowers";
import type { Theory } from "@/core/straighten/theory";
import { type Dimension, dimensionless, sameDimension } from "@/core/unit/dimension";
import { readUnit } from "@/core/unit/unitText";
import type { Constant } from "@/investigation/model/constant";
import type { EvaluatedTable } from "../table/table";

function unitsOf(
  { symbols }: Theory,
  { quantities }: EvaluatedTable,
  constants: Readonly<Record<string, Constant>>,
): ReadonlyMap<string, WorkedOutUnit> {
  const texts = new Map([
    ...Object.values(constants).map(({ symbol, unit }) => [symbolName(symbol), unit] as const),
    ...quantities.map(({ quantity: { symbol, unit } }) => [symbolName(symbol), unit] as const),
  ]);
  return new Map(
    symbols.flatMap((name) => {
      const text = texts.get(name);
      const unit = text === undefined ? undefined : unitOfText(text, readUnit(text) ?? []);
      return unit ? [[name, unit] as const] : [];
    }),
  );
}

/**
 * The unit that an unknown of a theory must have for both sides to be of one kind: that of a measured quantity where one
 * is like it. Undefined where the theory leaves it open, or it is a pure number.
 */
export function theoryUnit(
  theory: Theory,
  unknown: string,
  table: EvaluatedTable,
  constants: Readonly<Record<string, Constant>>,
): WorkedOutUnit | undefined {
  const units = unitsOf(theory, table, constants);
  const { left, right } = theory;
  const quotient: Expression = { kind: "operation", operator: "/", left, right };
  const given = new Map([...units].map(([name, { dimension }]) => [name, dimension as readonly number[]])); // prettier-ignore
  const names = theory.symbols.filter((name) => !units.has(name));
  const powers = parameterPowers(quotient, names, given, dimensionless);
  const dimension = powers[names.indexOf(unknown)] as Dimension | undefined;
  if (!dimension || dimension.every((power) => power === 0)) return undefined;
  const alike = [...units.values()].find(
    (unit) => unit.offset === 0 && sameDimension(unit.dimension, dimension),
  );
  return alike ?? { dimension, factor: undefined, factors: [], offset: 0 };
}
