import { remembered } from "@/remembered/remembered";
import { evaluateAt } from "@/core/expression/evaluate";
import { eulerName } from "@/core/expression/euler";
import { symbolName } from "@/core/expression/spelling";
import { type Expression, symbolsOf } from "@/core/expression/tree";
import type { Finding } from "@/core/finding/finding";
import type { Pair } from "@/core/straighten/pairs";
import { straightenTheory } from "@/core/straighten/straightenTheory";
import { readTheory, type Theory, theoryWithEuler } from "@/core/straighten/theory";
import type { Constant } from "@/investigation/model/constant";
import type { HouseRules } from "@/investigation/model/houseRules";
import { readConstant } from "../derived/bindFormulas";
import { measuredColumn } from "../readings/measured";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";

/** What each symbol of a theory is. */
export interface TheoryRoles {
  readonly measured: readonly string[];
  readonly known: readonly string[];
  readonly unknown: readonly string[];
}

/** A theory with what the readings and constants know of it. */
export type ReadRoles =
  | { readonly kind: "empty" }
  | { readonly kind: "unreadable"; readonly finding: Finding }
  | {
      readonly kind: "theory";
      readonly theory: Theory;
      readonly roles: TheoryRoles;
      /** The table with most of its symbols. */
      readonly table: EvaluatedTable;
    };

export type TheoryOutcome =
  | Exclude<ReadRoles, { readonly kind: "theory" }>
  | (Extract<ReadRoles, { readonly kind: "theory" }> & {
      readonly pairs: readonly Pair[];
      readonly refused?: Finding;
      /** The formula to fit as a curve, where the theory gives one quantity by the other. */
      readonly curve?: { readonly formula: string; readonly x: string; readonly y: string };
    });

function symbolsIn({ quantities }: EvaluatedTable): ReadonlyMap<string, EvaluatedQuantity> {
  return new Map(quantities.map((one) => [symbolName(one.quantity.symbol), one] as const));
}

/** Reads an equation and tells which of its symbols are measured, which are constants, and which unknown. */
export function theoryRoles(
  equation: string,
  tables: readonly EvaluatedTable[],
  constants: Readonly<Record<string, Constant>>,
  { decimalMark }: Pick<HouseRules, "decimalMark">,
): ReadRoles {
  const read = readTheory(equation);
  if (read.kind !== "theory") return read;
  const named = [
    ...tables.flatMap(({ quantities }) => quantities.map(({ quantity }) => quantity.symbol)),
    ...Object.values(constants).map(({ symbol }) => symbol),
  ].map(symbolName);
  const theory = named.includes(eulerName) ? read.theory : theoryWithEuler(read.theory);
  const count = (table: EvaluatedTable) =>
    theory.symbols.filter((name) => symbolsIn(table).has(name)).length;
  const [table] = [...tables].sort((a, b) => count(b) - count(a));
  if (!table) return { kind: "empty" };
  const quantities = symbolsIn(table);
  const measured = theory.symbols.filter((name) => quantities.has(name));
  const valued = new Set(
    Object.entries(constants).flatMap(([id, constant]) =>
      readConstant(id, constant, decimalMark) ? [symbolName(constant.symbol)] : [],
    ),
  );
  const others = theory.symbols.filter((name) => !quantities.has(name));
  const roles = {
    measured,
    known: others.filter((name) => valued.has(name)),
    unknown: others.filter((name) => !valued.has(name)),
  };
  return { kind: "theory", theory, roles, table };
}

/** The measured symbols with the one that stands alone on a side, or is read last, at the end. */
function byCustom({ left, right }: Theory, measured: readonly string[]): readonly string[] {
  const alone = [left, right].flatMap((side) => {
    const found = symbolsOf(side).filter((name) => measured.includes(name));
    return found.length === 1 ? found : [];
  });
  const last = alone[0] ?? measured.at(-1);
  return [...measured.filter((name) => name !== last), ...(last === undefined ? [] : [last])];
}

/** How much a transform widens the relative ± of what is in it, in the middle of the readings. */
function wideningBy(table: EvaluatedTable) {
  const quantities = symbolsIn(table);
  return (transform: Expression): number | undefined => {
    const names = symbolsOf(transform);
    const middle = names.map((name) => {
      const quantity = quantities.get(name);
      const column = quantity ? measuredColumn(table.rows, quantity) : [];
      const known = column.filter((one) => one !== undefined);
      return known[Math.floor(known.length / 2)];
    });
    if (middle.some((one) => !one || one.value === 0)) return undefined;
    const numbers = Object.fromEntries(names.map((name, i) => [name, middle[i]?.value ?? NaN]));
    const found = evaluateAt(transform, numbers);
    if (found.kind !== "value" || found.value === 0) return undefined;
    const bars = middle.map((one) => ((one?.bars.up ?? 0) + (one?.bars.down ?? 0)) / 2);
    const before = Math.hypot(...bars.map((bar, i) => bar / (middle[i]?.value ?? 1)));
    const after = Math.hypot(...bars.map((bar, i) => (bar * (found.slopes[i] ?? 0)) / found.value));
    return before > 0 ? after / before : undefined;
  };
}

/** One side of the equation alone with a measured symbol: the other side is its curve. */
function curveOf(equation: string, { left, right }: Theory, measured: readonly string[]) {
  const sides = equation.split("=") as [string, string];
  for (const [side, other, formula] of [
    [left, right, sides[1]],
    [right, left, sides[0]],
  ] as const) {
    const across = symbolsOf(other).filter((name) => measured.includes(name));
    const [x] = across;
    if (side.kind === "symbol" && measured.includes(side.name) && across.length === 1 && x) {
      return { formula: formula.trim(), x, y: side.name };
    }
  }
  return undefined;
}

/** The pairs that a theory makes straight; remembered as long as equation, table and constants stay. */
export const theoryPairs = remembered(
  (
    equation: string,
    tables: readonly EvaluatedTable[],
    constants: Readonly<Record<string, Constant>>,
    rules: HouseRules,
  ): TheoryOutcome => {
    const read = theoryRoles(equation, tables, constants, rules);
    if (read.kind !== "theory") return read;
    const { theory, roles, table } = read;
    const outcome = straightenTheory(theory, {
      measured: byCustom(theory, roles.measured),
      known: roles.known,
      widening: wideningBy(table),
    });
    const curve = curveOf(equation, theory, roles.measured);
    return {
      ...read,
      ...(outcome.kind === "pairs"
        ? { pairs: outcome.pairs }
        : { pairs: [], refused: outcome.finding }),
      ...(curve && { curve }),
    };
  },
);
