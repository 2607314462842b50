import type { Finding } from "@/core/finding/finding";
import { parseFormula } from "@/core/expression/parseFormula";
import { eulerName, withEuler } from "@/core/expression/euler";
import { symbolName } from "@/core/expression/spelling";
import { symbolsOf } from "@/core/expression/tree";
import { pureNumber, unitOf, unitOfText, type WorkedOutUnit } from "@/core/expression/unitOf";
import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import { readUnit } from "@/core/unit/unitText";
import type { Constant } from "@/investigation/model/constant";
import { coherentUnit, shownUnit } from "./shownUnit";
import type {
  Binding,
  BoundConstant,
  BoundFormula,
  EvaluatedQuantity,
} from "../readings/evaluated";

/** A constant with its numbers in SI units; undefined while one of them is missing or unreadable. */
export function readConstant(id: string, constant: Constant, mark: DecimalMark) {
  const value = readNumber(constant.value, mark);
  const unit = unitOfText(constant.unit, readUnit(constant.unit) ?? []);
  if (value.kind !== "number" || !unit) return undefined;
  const own = readNumber(constant.uncertainty, mark);
  const size = own.kind === "number" ? own.number.value : (value.number.uncertainty ?? 0);
  const { factor = 1, offset } = unit;
  const bound = {
    id,
    symbol: constant.symbol,
    value: value.number.value * factor + offset,
    uncertainty: Math.abs(size) * factor,
    unit: constant.unit,
    factor,
    offset,
  };
  return { bound, unit };
}

/** The nearest symbol to one that is not there: one that begins alike, or differs in case. */
function meant(wanted: string, known: readonly string[]): string | undefined {
  const lower = wanted.toLowerCase();
  return (
    known.find((name) => name.toLowerCase() === lower) ??
    known.find((name) => name.replaceAll("_", "") === wanted.replaceAll("_", "")) ??
    known.find((name) => name.startsWith(`${wanted}_`)) ??
    known.find((name) => wanted.length > 1 && (name.startsWith(wanted) || wanted.startsWith(name)))
  );
}

/** Binds the formulas of one table, each after those that it uses. */
export class FormulaBinder {
  private readonly bound = new Map<string, BoundFormula>();
  private readonly under: string[] = [];
  private readonly bySymbol = new Map<string, EvaluatedQuantity>();
  private readonly constants = new Map<string, { bound: BoundConstant; unit: WorkedOutUnit }>();
  /** The symbols of all constants, also of those without a value yet. */
  private readonly taken = new Set<string>();
  readonly order: string[] = [];

  constructor(
    private readonly quantities: readonly EvaluatedQuantity[],
    constants: Readonly<Record<string, Constant>>,
    mark: DecimalMark,
  ) {
    for (const quantity of quantities) {
      const name = symbolName(quantity.quantity.symbol);
      if (name !== "" && !this.bySymbol.has(name)) this.bySymbol.set(name, quantity);
    }
    for (const [id, constant] of Object.entries(constants)) {
      this.taken.add(symbolName(constant.symbol));
      const read = readConstant(id, constant, mark);
      if (read) this.constants.set(symbolName(constant.symbol), read);
    }
  }

  /** Every derived quantity's formula, by its id. */
  all(): ReadonlyMap<string, BoundFormula> {
    for (const quantity of this.quantities) {
      if (quantity.quantity.formula !== undefined) this.bind(quantity);
    }
    return this.bound;
  }

  private bind(quantity: EvaluatedQuantity): BoundFormula {
    const { id } = quantity;
    const known = this.bound.get(id);
    if (known) return known;
    this.under.push(id);
    const bound = this.bindNow(quantity);
    this.under.pop();
    this.bound.set(id, bound);
    this.order.push(id);
    return bound;
  }

  private bindNow({ id, quantity }: EvaluatedQuantity): BoundFormula {
    const broken = (finding: Finding | undefined): BoundFormula => ({
      kind: "broken",
      id,
      finding,
    });
    const parsed = parseFormula(quantity.formula ?? "");
    if (parsed.kind === "empty") return broken(undefined);
    if (parsed.kind === "unreadable") return broken(parsed.finding);
    const symbols = new Map<string, Binding>();
    const units = new Map<string, WorkedOutUnit>();
    const named = this.bySymbol.has(eulerName) || this.taken.has(eulerName);
    const expression = named ? parsed.expression : withEuler(parsed.expression);
    for (const name of symbolsOf(expression)) {
      const found = this.lookUp(name);
      if ("name" in found) return broken(found);
      symbols.set(name, found.binding);
      units.set(name, found.unit);
    }
    const outcome = unitOf(expression, units);
    if (outcome.kind === "unlike") return broken(outcome.finding);
    const shown = shownUnit(outcome.unit, quantity.unit);
    if (shown.kind === "unlike") return broken({ name: "unlike-unit-wanted", unit: quantity.unit });
    return {
      kind: "bound",
      id,
      expression,
      symbols,
      units,
      shown: shown.unit,
      remarks: outcome.remarks,
    };
  }

  private lookUp(name: string): { binding: Binding; unit: WorkedOutUnit } | Finding {
    const quantity = this.bySymbol.get(name);
    if (quantity) return this.quantityBinding(quantity);
    const constant = this.constants.get(name);
    if (constant) {
      return { binding: { kind: "constant", constant: constant.bound }, unit: constant.unit };
    }
    const near = meant(name, [...this.bySymbol.keys(), ...this.constants.keys()]);
    return { name: "unknown-symbol", symbol: name, ...(near && { meant: near }) };
  }

  private quantityBinding(evaluated: EvaluatedQuantity) {
    const { id, quantity } = evaluated;
    if (quantity.formula === undefined) {
      const unit = unitOfText(quantity.unit, readUnit(quantity.unit) ?? []);
      if (!unit) return { name: "unit-not-understood", symbol: quantity.symbol } as const;
      return { binding: { kind: "quantity", id, unit } as const, unit };
    }
    const at = this.under.indexOf(id);
    if (at >= 0) return { name: "cycle", symbols: this.symbolsFrom(at, quantity.symbol) } as const;
    const bound = this.bind(evaluated);
    const unit = bound.kind === "bound" ? coherentUnit(bound.shown) : pureNumber;
    return { binding: { kind: "derived", id } as const, unit };
  }

  private symbolsFrom(at: number, last: string): string[] {
    const symbols = this.under.slice(at).map((id) => {
      const found = this.quantities.find((quantity) => quantity.id === id);
      return found?.quantity.symbol ?? "";
    });
    return [...symbols, last];
  }
}
