import { printFormula } from "@/core/expression/print";
import type { Expression } from "@/core/expression/tree";

/** Something in a formula that a number is put in for: a symbol in one row, or a whole-column function. */
export interface Slot {
  /** Its own name in the spelled-out formula. */
  readonly key: string;
  /** The symbol, or the whole-column function. */
  readonly name: string;
  readonly column?: Expression & { readonly kind: "column" };
  /** So many rows further on. */
  readonly shift: number;
  /** It stands inside a logarithm, which takes the number in the unit that was typed (calculation § 5). */
  readonly inLog: boolean;
}

/** A formula with its neighbour functions written out and every number that is put in named by itself. */
export interface SpelledOut {
  readonly expression: Expression;
  readonly slots: readonly Slot[];
  /** Whether a neighbour function was written out. */
  readonly neighbours: boolean;
}

const number = (value: number): Expression => ({ kind: "number", value, text: String(value) });
const operation = (operator: "+" | "-" | "/", left: Expression, right: Expression): Expression => ({
  kind: "operation",
  operator,
  left,
  right,
});

class Spelling {
  readonly slots = new Map<string, Slot>();
  neighbours = false;

  private symbol(slot: Omit<Slot, "key">): Expression {
    const name = `${slot.name}/${slot.shift}/${slot.inLog}`;
    const known = this.slots.get(name);
    const key = known?.key ?? `q${this.slots.size}`;
    if (!known) this.slots.set(name, { key, ...slot });
    return { kind: "symbol", name: key };
  }

  of(expression: Expression, shift: number, inLog: boolean): Expression {
    switch (expression.kind) {
      case "number":
      case "pi":
        return expression;
      case "symbol":
        return this.symbol({ name: expression.name, shift, inLog });
      case "column":
        return this.symbol({
          name: printFormula(expression),
          shift: 0,
          inLog,
          column: expression,
        });
      case "operation":
        return {
          ...expression,
          left: this.of(expression.left, shift, inLog),
          right: this.of(expression.right, shift, inLog),
        };
      case "neighbour": {
        this.neighbours = true;
        const [here, next] = [0, 1].map((on) => this.of(expression.of, shift + on, inLog)) as [
          ...[Expression, Expression],
        ];
        return expression.name === "change"
          ? operation("-", next, here)
          : operation("/", operation("+", here, next), number(2));
      }
      case "call": {
        const log = expression.name === "ln" || expression.name === "log";
        return { ...expression, of: this.of(expression.of, shift, inLog || log) };
      }
      case "negative":
        return { ...expression, of: this.of(expression.of, shift, inLog) };
    }
  }
}

/** Writes neighbour functions out: change(s) is the next s less this one, middle(s) half their sum. */
export function spelledOut(expression: Expression): SpelledOut {
  const spelling = new Spelling();
  const written = spelling.of(expression, 0, false);
  const slots = [...spelling.slots.values()];
  return { expression: written, slots, neighbours: spelling.neighbours };
}
