import type { Expression } from "../../expression/tree";
import { plainValue } from "../../expression/unitOf";

/** Powers of base units: of any set of them, as long as all have the same. */
export type Powers = readonly number[];

/** A dimension with unknown parts: known powers and how often each parameter's own go into it. */
interface Dimension {
  readonly known: Powers;
  readonly of: ReadonlyMap<string, number>;
}

type Equations = Dimension[];

class Walk {
  readonly hard: Equations = [];
  readonly soft: Equations = [];

  constructor(
    private readonly given: ReadonlyMap<string, Powers>,
    private readonly size: number,
  ) {}

  pure(): Dimension {
    return { known: Array<number>(this.size).fill(0), of: new Map() };
  }

  combine(a: Dimension, b: Dimension, times: number): Dimension {
    const of = new Map(a.of);
    for (const [name, power] of b.of) of.set(name, (of.get(name) ?? 0) + times * power);
    return { known: a.known.map((power, i) => power + times * (b.known[i] as number)), of };
  }

  visit(expression: Expression): Dimension {
    switch (expression.kind) {
      case "number":
      case "pi":
        return this.pure();
      case "symbol": {
        const known = this.given.get(expression.name);
        return known
          ? { known, of: new Map() }
          : { ...this.pure(), of: new Map([[expression.name, 1]]) };
      }
      case "negative":
        return this.visit(expression.of);
      case "operation":
        return this.operation(expression);
      case "call": {
        const of = this.visit(expression.of);
        if (expression.name === "abs") return of;
        if (expression.name === "sqrt") return this.combine(this.pure(), of, 0.5);
        (expression.name === "ln" || expression.name === "log" ? this.soft : this.hard).push(of);
        return this.pure();
      }
      case "neighbour":
      case "column":
        return this.visit(expression.of);
    }
  }

  private operation({ operator, left, right }: Expression & { kind: "operation" }): Dimension {
    const [a, b] = [this.visit(left), this.visit(right)];
    switch (operator) {
      case "+":
      case "-": {
        this.hard.push(this.combine(a, b, -1));
        return a;
      }
      case "*":
        return this.combine(a, b, 1);
      case "/":
        return this.combine(a, b, -1);
      case "^": {
        const power = plainValue(right);
        if (power !== undefined) return this.combine(this.pure(), a, power);
        this.hard.push(b);
        this.soft.push(a);
        return this.pure();
      }
    }
  }
}

interface Row {
  readonly factors: number[];
  readonly right: number[];
}

const nothing = 1e-9;

/** Gauss–Jordan elimination of one more equation; false where it contradicts those before. */
function take(rows: Row[], pivots: number[], next: Row): boolean {
  const { factors, right } = next;
  rows.forEach((row, i) => {
    const times = factors[pivots[i] as number] as number;
    if (times === 0) return;
    row.factors.forEach((f, k) => (factors[k] = (factors[k] as number) - times * f));
    row.right.forEach((f, k) => (right[k] = (right[k] as number) - times * f));
  });
  const pivot = factors.findIndex((factor) => Math.abs(factor) > nothing);
  if (pivot < 0) return right.every((part) => Math.abs(part) < nothing);
  const by = factors[pivot] as number;
  const clean: Row = { factors: factors.map((f) => f / by), right: right.map((f) => f / by) };
  for (const row of rows) {
    const times = row.factors[pivot] as number;
    clean.factors.forEach((f, k) => (row.factors[k] = (row.factors[k] as number) - times * f));
    clean.right.forEach((f, k) => (row.right[k] = (row.right[k] as number) - times * f));
  }
  rows.push(clean);
  pivots.push(pivot);
  return true;
}

/**
 * The powers of base units that each parameter of a formula must have, for sums to add like to like and functions to be of
 * pure numbers. What a formula leaves open, or asks for in two ways, is undefined.
 * @param given powers of every symbol that is known, all of one length; @param result those of the formula's value.
 */
export function parameterPowers(
  expression: Expression,
  parameters: readonly string[],
  given: ReadonlyMap<string, Powers>,
  result: Powers,
): readonly (Powers | undefined)[] {
  const walk = new Walk(given, result.length);
  const whole = walk.visit(expression);
  const equal = walk.combine(whole, { known: result, of: new Map() }, -1);
  const rows: Row[] = [];
  const pivots: number[] = [];
  for (const { known, of } of [...walk.hard, equal, ...walk.soft]) {
    take(rows, pivots, {
      factors: parameters.map((name) => of.get(name) ?? 0),
      right: known.map((power) => -power || 0),
    });
  }
  return parameters.map((_, j) => {
    const row = rows[pivots.indexOf(j)];
    const alone = row?.factors.every((factor, k) => k === j || Math.abs(factor) < nothing);
    return row && alone ? row.right.map((power) => Math.round(power * 1e6) / 1e6 || 0) : undefined;
  });
}
