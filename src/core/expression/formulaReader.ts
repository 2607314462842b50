import type { Finding } from "../finding/finding";
import { symbolName } from "./spelling";
import { type Token, tokensOf } from "./formulaTokens";
import { columnNames, type Expression, functionNames, neighbourNames, type Operator } from "./tree";

/** What a person can't mean by a formula: carried up to the door as a finding. */
export class FormulaError extends Error {
  constructor(readonly finding: Finding) {
    super(finding.name);
  }
}

export function refuse(finding: Finding): never {
  throw new FormulaError(finding);
}

const otherNames: Readonly<Record<string, (typeof functionNames)[number]>> = {
  log10: "log",
  lg: "log",
  arcsin: "asin",
  arccos: "acos",
  arctan: "atan",
};

/** What stands behind the comma of `mean(x, all)`. */
const wholeTable = "all";

/** Signs of assignments, lists, texts and choices: whoever writes them means no formula. */
const ofOtherThings = new Set(["=", "[", "]", "{", "}", "?", ":", ";", "!", "'", '"', ",", "."]);

/** How many letters of what stands before a break are told. */
const mostTold = 7;

function oneOf<Name extends string>(names: readonly Name[], name: string): Name | undefined {
  return names.find((known) => known === name);
}

function callOf(name: string, of: Expression, all: boolean): Expression {
  const single = oneOf(functionNames, name) ?? otherNames[name];
  if (single) return { kind: "call", name: single, of };
  const neighbour = oneOf(neighbourNames, name);
  if (neighbour) return { kind: "neighbour", name: neighbour, of };
  const column = oneOf(columnNames, name);
  if (column) return { kind: "column", name: column, of, ...(all && { all }) };
  return refuse({ name: "unknown-function", function: name });
}

/** No function is called so: what stands before a bracket is a factor, as in a(b + 1) and t_1(b + 1). */
const isFactor = (name: string) =>
  name.includes("_") || (name.length <= 2 && name !== "ln" && name !== "lg");

/**
 * Reads a formula in its plain spelling from left to right, by the rules of school algebra: powers first, from the right,
 * and before a minus sign; then what stands side by side; then products and quotients; then sums.
 */
export class FormulaReader {
  private readonly tokens: readonly Token[];
  private place = 0;

  constructor(private readonly text: string) {
    this.tokens = tokensOf(text);
  }

  /** The whole of it. Throws a FormulaError where it is no formula. */
  read(): Expression {
    const whole = this.sum();
    return this.token.kind === "end" ? whole : this.breaksOff();
  }

  private get token(): Token {
    return this.tokens[this.place] as Token;
  }

  private isSign(...signs: readonly string[]): boolean {
    return this.token.kind === "sign" && signs.includes(this.token.text);
  }

  private take(): Token {
    const { token } = this;
    this.place += 1;
    return token;
  }

  /** Nothing that stands here can go on from what stands before. */
  private breaksOff(): never {
    const { kind, text, at } = this.token;
    if (kind === "sign" && ofOtherThings.has(text)) return refuse({ name: "not-a-formula" });
    if (kind === "sign" && !"()+-*/^".includes(text)) return refuse({ name: "unknown-sign", sign: text });
    const before = this.text.slice(Math.max(0, at - mostTold), at).trim();
    return refuse({ name: "broken-formula", before });
  } // prettier-ignore

  private sum(): Expression {
    let left = this.product();
    while (this.isSign("+", "-")) {
      const operator = this.take().text as Operator;
      left = { kind: "operation", operator, left, right: this.product() };
    }
    return left;
  }

  private product(): Expression {
    let left = this.sideBySide().of;
    while (this.isSign("*", "/")) {
      const operator = this.take().text as Operator;
      const { of: right, joined } = this.sideBySide();
      // a/b c can be read in two ways, and so can 1/2 c.
      if (operator === "/" && joined) refuse({ name: "ambiguous-quotient" });
      left = { kind: "operation", operator, left, right };
    }
    return left;
  }

  /** What stands side by side is multiplied: 2a b, (a + 1)(a − 1); a number not behind a number, nor behind a power. */
  private sideBySide(): { of: Expression; joined: boolean } {
    let last = this.signed();
    let of = last.of;
    let joined = false;
    for (;;) {
      const { kind } = this.token;
      const goesOn = kind === "name" || this.isSign("(") || (kind === "number" && last.takesNumber);
      if (!goesOn) return { of, joined };
      last = this.signed();
      of = { kind: "operation", operator: "*", left: of, right: last.of };
      joined = true;
    }
  }

  private signed(): { of: Expression; takesNumber: boolean } {
    if (this.isSign("-", "+")) {
      const sign = this.take().text;
      const { of } = this.signed();
      return { of: sign === "-" ? { kind: "negative", of } : of, takesNumber: false };
    }
    const isNumber = this.token.kind === "number";
    const left = this.single();
    if (!this.isSign("^")) return { of: left, takesNumber: !isNumber };
    this.take();
    const right = this.signed().of;
    return { of: { kind: "operation", operator: "^", left, right }, takesNumber: false };
  }

  private single(): Expression {
    if (this.isSign("(")) return this.bracket();
    const { kind } = this.token;
    if (kind !== "number" && kind !== "name") return this.breaksOff();
    const { text } = this.take();
    if (kind === "name") return this.named(text);
    const value = Number(text);
    return Number.isFinite(value) ? { kind: "number", value, text: String(value) } : refuse({ name: "not-a-formula" });
  } // prettier-ignore

  private bracket(): Expression {
    this.take();
    const inside = this.sum();
    if (!this.isSign(")")) return this.breaksOff();
    this.take();
    return inside;
  }

  private named(name: string): Expression {
    if (!this.isSign("(") || isFactor(name)) {
      return name === "pi" ? { kind: "pi" } : { kind: "symbol", name: symbolName(name) };
    }
    this.take();
    const parts: Expression[] = [];
    while (!this.isSign(")")) {
      parts.push(this.sum());
      if (!this.isSign(",")) break;
      this.take();
    }
    if (!this.isSign(")")) return this.breaksOff();
    this.take();
    const [of, second, more] = parts;
    const isWhole = second?.kind === "symbol" && second.name === wholeTable;
    const all = isWhole && oneOf(columnNames, name) !== undefined;
    if (!of || more || (second && !all)) return refuse({ name: "one-in-brackets", function: name });
    return callOf(name, of, all);
  }
}
