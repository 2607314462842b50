import { create, type MathNode, parseDependencies } from "mathjs/number";
import type { Finding } from "../finding/finding";
import { plainFormula, symbolName } from "./spelling";
import {
  columnNames,
  type Expression,
  functionNames,
  neighbourNames,
  type Operator,
  partsOf,
} from "./tree";

/** Only the parser, without the evaluator and its functions. */
const { parse } = create({ parseDependencies: parseDependencies! });

export type ParsedFormula =
  | { readonly kind: "formula"; readonly expression: Expression }
  | { readonly kind: "empty" }
  | { readonly kind: "unreadable"; readonly finding: Finding };

/** What a person can't mean by a formula: carried up to the door as a finding. */
class FormulaError extends Error {
  constructor(readonly finding: Finding) {
    super(finding.name);
  }
}

function refuse(finding: Finding): never {
  throw new FormulaError(finding);
}

/** mathjs gives nodes without types of their own; these are the parts that are looked at. */
interface LooseNode {
  readonly type: string;
  readonly value?: unknown;
  readonly name?: string;
  readonly op?: string;
  readonly implicit?: boolean;
  readonly content?: LooseNode;
  readonly args?: readonly LooseNode[];
  readonly fn?: LooseNode;
}

const longest = 500;
const deepest = 100;
const deepestRows = 5;
const otherNames: Readonly<Record<string, (typeof functionNames)[number]>> = {
  log10: "log",
  lg: "log",
  arcsin: "asin",
  arccos: "acos",
  arctan: "atan",
};

function oneOf<Name extends string>(names: readonly Name[], name: string): Name | undefined {
  return names.find((known) => known === name);
}

/** What stands behind the comma of `mean(x, all)`. */
const wholeTable = "all";

function callOf(name: string, of: Expression, all = false): Expression {
  const single = oneOf(functionNames, name) ?? otherNames[name];
  if (single) return { kind: "call", name: single, of };
  const neighbour = oneOf(neighbourNames, name);
  if (neighbour) return { kind: "neighbour", name: neighbour, of };
  const column = oneOf(columnNames, name);
  if (column) return { kind: "column", name: column, of, ...(all && { all }) };
  const left: Expression = { kind: "symbol", name: symbolName(name) };
  return name.length <= 2 || name.includes("_")
    ? { kind: "operation", operator: "*", left, right: of }
    : refuse({ name: "unknown-function", function: name });
}

/** a/b c can be read in two ways, and so can 1/2 c. */
function refuseAmbiguous(op: string, implicit: boolean, left: LooseNode, right: LooseNode): void {
  const isQuotient = (node: LooseNode) => node.type === "OperatorNode" && node.op === "/";
  const isJoined = (node: LooseNode) => node.type === "OperatorNode" && node.implicit === true;
  if ((implicit && isQuotient(left)) || (op === "/" && isJoined(right))) {
    refuse({ name: "ambiguous-quotient" });
  }
}

function operationOf(node: LooseNode, depth: number): Expression {
  const [left, right] = node.args ?? [];
  if (!left) return refuse({ name: "not-a-formula" });
  if (!right) {
    if (node.op === "-") return { kind: "negative", of: convert(left, depth) };
    return node.op === "+" ? convert(left, depth) : refuse({ name: "not-a-formula" });
  }
  const operator = oneOf<Operator>(["+", "-", "*", "/", "^"], node.op ?? "");
  if (!operator) return refuse({ name: "unknown-sign", sign: node.op ?? "" });
  refuseAmbiguous(operator, node.implicit === true, left, right);
  return { kind: "operation", operator, left: convert(left, depth), right: convert(right, depth) };
}

function numberOf(value: unknown): Expression {
  if (typeof value !== "number" || !Number.isFinite(value))
    return refuse({ name: "not-a-formula" });
  return { kind: "number", value, text: String(value) };
}

function convert(node: LooseNode, depth = 0): Expression {
  if (depth > deepest) return refuse({ name: "formula-too-long" });
  switch (node.type) {
    case "ConstantNode":
      return numberOf(node.value);
    case "SymbolNode":
      return node.name === "pi"
        ? { kind: "pi" }
        : { kind: "symbol", name: symbolName(node.name ?? "") };
    case "ParenthesisNode":
      return node.content ? convert(node.content, depth + 1) : refuse({ name: "not-a-formula" });
    case "OperatorNode":
      return operationOf(node, depth + 1);
    case "FunctionNode": {
      const [of, second, more] = node.args ?? [];
      const name = node.fn?.name ?? "";
      const all = second?.name === wholeTable && oneOf(columnNames, name) !== undefined;
      if (!of || more || (second && !all))
        return refuse({ name: "one-in-brackets", function: name });
      return callOf(name, convert(of, depth + 1), all);
    }
    default:
      return refuse({ name: "not-a-formula" });
  }
}

/** How often functions of neighbouring rows stand within one another: each doubles what is to be worked out. */
function rowsWithinRows(expression: Expression): number {
  const inside = Math.max(0, ...partsOf(expression).map(rowsWithinRows));
  return expression.kind === "neighbour" ? inside + 1 : inside;
}

function syntaxFinding(error: unknown, text: string): Finding {
  const at = /\(char (\d+)\)/.exec(error instanceof Error ? error.message : "");
  const place = at ? Number(at[1]) : text.length;
  return {
    name: "broken-formula",
    before: text.slice(Math.max(0, place - 8), Math.max(0, place - 1)).trim(),
  };
}

/**
 * Reads a formula in usual school notation into a typed tree: `16*pi^2*m/T^2`, `16π²m/T²`, `ln(t)`. `^` binds from the
 * right and before a minus sign; what stands side by side is multiplied unless that could be read in two ways.
 * mathjs parses; its evaluator is never used.
 * @returns a finding that says what is wrong where the text is no formula; it never throws.
 */
export function parseFormula(typed: string): ParsedFormula {
  if (typed.trim() === "") return { kind: "empty" };
  if (typed.length > longest) return { kind: "unreadable", finding: { name: "formula-too-long" } };
  const text = plainFormula(typed);
  let node: MathNode;
  try {
    node = parse(text);
  } catch (error) {
    return { kind: "unreadable", finding: syntaxFinding(error, text) };
  }
  try {
    const expression = convert(node as unknown as LooseNode);
    if (rowsWithinRows(expression) > deepestRows) refuse({ name: "formula-too-long" });
    return { kind: "formula", expression };
  } catch (error) {
    if (error instanceof FormulaError) return { kind: "unreadable", finding: error.finding };
    if (error instanceof RangeError)
      return { kind: "unreadable", finding: { name: "formula-too-long" } };
    throw error;
  }
}
