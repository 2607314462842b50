import { remembered } from "@/remembered/remembered";
import type { Finding } from "@/core/finding/finding";
import { eulerName, withEuler } from "@/core/expression/euler";
import { parseFormula } from "@/core/expression/parseFormula";
import { printFormula } from "@/core/expression/print";
import { symbolName } from "@/core/expression/spelling";
import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import type { WorkedOutUnit } from "@/core/expression/unitOf";
import { solveFor } from "@/core/result/solveFor";
import { type LineOfTheory, lineOfTheory } from "@/core/straighten/lineOfTheory";
import { readTheory, type Theory, theoryWithEuler } from "@/core/straighten/theory";
import type { Result } from "@/investigation/model/result";
import type { EvaluatedQuantity } from "../readings/evaluated";
import { type ReadRoles, theoryRoles } from "../straighten/theoryPairs";
import { foundLine } from "./lineSource";
import type { ResultContext, SourceNumbers } from "./source";
import { theoryUnit } from "./theoryUnit";

/** What the theory says of the line that a result is taken from. */
export interface FromTheory {
  readonly theory: Theory;
  /** "slope" or "intercept", and what it stands for. */
  readonly about: "slope" | "intercept";
  readonly standsFor: Expression;
  /** The unit that the wanted symbol must have; undefined where the theory leaves it open. */
  readonly unit?: WorkedOutUnit;
}

/** How a result comes from its source and the constants. */
export type ResultFormula =
  | {
      readonly kind: "formula";
      readonly expression: Expression;
      readonly fromTheory?: FromTheory;
    }
  /** What the theory gives can't be turned round by algebra; it is solved by numbers. */
  | { readonly kind: "implicit"; readonly fromTheory: FromTheory; readonly wanted: string }
  | { readonly kind: "nothing"; readonly finding: Finding };

type Whole = Extract<ReadRoles, { readonly kind: "theory" }>;

function formulaOf({ quantity }: EvaluatedQuantity): Expression | undefined {
  const read = quantity.formula === undefined ? undefined : parseFormula(quantity.formula);
  return read?.kind === "formula" ? read.expression : undefined;
}

function replaced(
  expression: Expression,
  by: (name: string) => Expression | undefined,
): Expression | undefined {
  if (expression.kind === "symbol") return by(expression.name);
  if (partsOf(expression).length === 0) return expression;
  if (expression.kind === "operation") {
    const [left, right] = [replaced(expression.left, by), replaced(expression.right, by)];
    return left && right && { ...expression, left, right };
  }
  const of = "of" in expression ? replaced(expression.of, by) : undefined;
  return of && ({ ...expression, of } as Expression);
}

/** A plotted quantity in the measured symbols of the theory, its formulas put in their places. */
function inTheory(
  evaluated: EvaluatedQuantity,
  { theory, roles, table }: Whole,
  depth = 0,
): Expression | undefined {
  const name = symbolName(evaluated.quantity.symbol);
  if (roles.measured.includes(name)) return { kind: "symbol", name };
  const formula = depth < 8 ? formulaOf(evaluated) : undefined;
  return (
    formula &&
    replaced(formula, (symbol) => {
      if (theory.symbols.includes(symbol)) return { kind: "symbol", name: symbol };
      const inner = table.quantities.find(({ quantity }) => symbolName(quantity.symbol) === symbol);
      return inner && inTheory(inner, { theory, roles, table } as Whole, depth + 1);
    })
  );
}

/** Remembered as long as equation, roles and axes read the same, whatever the readings say: the search takes a while. */
const searched = remembered(
  (equation: string, measured: string, known: string, across: string, up: string) => {
    const theory = readTheory(equation);
    const axes = [across, up].map((text) => parseFormula(text));
    const [x, y] = axes;
    if (theory.kind !== "theory" || x?.kind !== "formula" || y?.kind !== "formula")
      return undefined;
    const names = (list: string) => list.split(" ").filter((name) => name !== "");
    const named = [...names(measured), ...names(known)].includes(eulerName);
    const meant = named ? theory.theory : theoryWithEuler(theory.theory);
    return lineOfTheory(meant, names(measured), names(known), {
      across: x.expression,
      up: y.expression,
    });
  },
);

function lineOf(
  equation: string,
  whole: Whole,
  x: EvaluatedQuantity,
  y: EvaluatedQuantity,
): LineOfTheory | undefined {
  const [across, up] = [inTheory(x, whole), inTheory(y, whole)];
  const { measured, known } = whole.roles;
  return across && up
    ? searched(
        equation,
        measured.join(" "),
        known.join(" "),
        printFormula(across),
        printFormula(up),
      )
    : undefined;
}

const rolesOf = remembered(theoryRoles);

/** What the theory says of the line of a figure, or why it says nothing. */
export type TheoryLine =
  | { readonly kind: "line"; readonly line: LineOfTheory; readonly whole: Whole }
  | { readonly kind: "nothing"; readonly finding: Finding };

/** Slope and intercept of the line that a result is taken from, as the theory has them. */
export function theoryLine({ source }: Result, context: ResultContext): TheoryLine {
  const { document, tables, rules } = context;
  const refused = (finding: Finding): TheoryLine => ({ kind: "nothing", finding });
  const whole = rolesOf(document.theory, tables, document.constants, rules);
  if (whole.kind === "empty") return refused({ name: "result-without-theory" });
  if (whole.kind === "unreadable") return refused(whole.finding);
  const found = foundLine(source.of, source.series, context);
  if ("name" in found) return refused(found);
  const { x, y } = found.one.fitted;
  const line = lineOf(document.theory, whole, x, y);
  return line ? { kind: "line", line, whole } : refused({ name: "theory-not-of-figure" });
}

function fromTheory(result: Result, context: ResultContext): ResultFormula {
  const refused = (finding: Finding): ResultFormula => ({ kind: "nothing", finding });
  const found = theoryLine(result, context);
  if (found.kind === "nothing") return refused(found.finding);
  const about = result.source.kind === "intercept" ? "intercept" : "slope";
  const standsFor = found.line[about];
  const wanted = symbolName(result.symbol);
  if (!symbolsOf(standsFor).includes(wanted)) {
    return refused({ name: "theory-without-symbol", symbol: result.symbol, about });
  }
  const { theory, table } = found.whole;
  const unit = theoryUnit(theory, wanted, table, context.document.constants);
  const stated: FromTheory = { theory, about, standsFor, ...(unit && { unit }) };
  const left: Expression = { kind: "symbol", name: about };
  const expression = solveFor({ left, right: standsFor }, wanted);
  return expression
    ? { kind: "formula", expression, fromTheory: stated }
    : { kind: "implicit", fromTheory: stated, wanted };
}

/** "E = slope/4" and "slope/4" are the same formula. */
function rightSide(typed: string): string {
  const sides = typed.split("=");
  return sides.length === 2 ? (sides[1] as string) : typed;
}

/** How a result is to be worked out: by the theory solved for it, by its own formula, or as the source stands. */
export function resultFormula(
  result: Result,
  source: SourceNumbers | undefined,
  context: ResultContext,
): ResultFormula {
  const isLine = result.source.kind === "slope" || result.source.kind === "intercept";
  if (result.by === "theory" && isLine) return fromTheory(result, context);
  if (result.by === "itself" && source) {
    return { kind: "formula", expression: { kind: "symbol", name: source.about } };
  }
  const read = parseFormula(rightSide(result.formula));
  if (read.kind === "formula") {
    const { constants, results } = context.document;
    const named = [...Object.values(constants), ...Object.values(results)].map(
      ({ symbol }) => symbol,
    );
    const taken = [...(source?.joint.names ?? []), ...named.map(symbolName)].includes(eulerName);
    return { kind: "formula", expression: taken ? read.expression : withEuler(read.expression) };
  }
  if (read.kind === "unreadable") return { kind: "nothing", finding: read.finding };
  return { kind: "nothing", finding: { name: "result-without-formula" } };
}
