import { printFormula } from "@/core/expression/print";
import { symbolTex, toTex } from "@/core/expression/tex";
import { pureNumber, unitOf, unitOfText, type WorkedOutUnit } from "@/core/expression/unitOf";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { laneAt } from "@/core/expression/lane";
import { readUnit } from "@/core/unit/unitText";
import { typedField } from "@/investigation/model/uncertainty";
import { measuredColumn } from "../readings/measured";
import type {
  Binding,
  BoundConstant,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
} from "../readings/evaluated";
import { type GivenInput, typedDigits } from "../working/inputs";
import type { Slot } from "../working/spelledOut";
import { partsBy } from "./derivedQuantities";
import { derivedCell, isFinding } from "./derivedCell";
import { wholeSize } from "./readingParts";
import { coherentUnit, shownUnit } from "./shownUnit";

/** What a worked example looks its numbers up in. */
export interface ExampleOf {
  readonly column: DerivedColumn;
  readonly row: number;
  readonly rows: readonly EvaluatedRow[];
  readonly quantities: readonly EvaluatedQuantity[];
  readonly symbols: ReadonlyMap<string, Binding>;
  readonly rule: PropagationRule;
  readonly mark: "point" | "comma";
  /** The constants as they were typed. */
  readonly constants: Readonly<
    Record<string, { readonly value: string; readonly uncertainty: string }>
  >;
}

/** A slot of a formula with what is put in there. */
export interface DirectInput {
  readonly slot: Slot;
  /** The symbol in TeX, with the number of its row where several rows are put in. */
  readonly tex: string;
  readonly given: GivenInput;
}

/** t_2, t_{10,2}: a symbol in one row. */
function inRow(name: string, row: number): string {
  const tex = symbolTex(name);
  const lowered = /^(.*)_\{\\mathrm\{(.*)\}\}$/.exec(tex);
  return lowered ? `${lowered[1]}_{\\mathrm{${lowered[2]}},${row}}` : `${tex}_{${row}}`;
}

function ofReading(
  found: Measured,
  { quantity }: EvaluatedQuantity,
  { factor, offset }: { readonly factor: number; readonly offset: number },
  mark: "point" | "comma",
): GivenInput {
  const once = found.spread.count === 1;
  const size = meanBar(found.bars);
  const typed =
    once && quantity.uncertainty.kind === "fixed"
      ? typedDigits(typedField(quantity.uncertainty, "amount"), "", mark)?.digits
      : undefined;
  return {
    value: found.value,
    size,
    unit: quantity.unit,
    factor,
    offset,
    ...(once && { digits: { value: found.value, decimals: found.decimals } }),
    ...(typed && typed.value === size && { sizeDigits: typed }),
  };
}

function ofConstant(
  { id, value, uncertainty, unit, factor, offset }: BoundConstant,
  of: ExampleOf,
) {
  const typed = of.constants[id];
  return {
    value: (value - offset) / factor,
    size: uncertainty / factor,
    unit,
    factor,
    offset,
    ...(typed && typedDigits(typed.value, typed.uncertainty, of.mark)),
  };
}

/** What a derived quantity is in a row: worked out, so with as many digits as the working needs. */
function ofDerived(evaluated: EvaluatedQuantity, row: number, rule: PropagationRule) {
  const column = evaluated.derived?.column;
  const cell = column && derivedCell(column, row);
  if (!column || !cell || isFinding(cell)) return undefined;
  const { factor, offset } = column.formula.shown;
  const parts = partsBy(rule, cell, column);
  const size = combinedUncertainty(rule, [parts.row, parts.common]) / Math.abs(factor);
  const value = (cell.value - offset) / factor;
  return { value, size, unit: evaluated.quantity.unit, factor, offset };
}

/** The units of a formula's symbols. */
export function unitsOf(symbols: ExampleOf["symbols"], quantities: ExampleOf["quantities"]) {
  const found = new Map<string, WorkedOutUnit>();
  for (const [name, binding] of symbols) {
    if (binding.kind === "quantity") found.set(name, binding.unit);
    if (binding.kind === "derived") {
      const inner = quantities.find(({ id }) => id === binding.id)?.derived?.column;
      if (inner) found.set(name, coherentUnit(inner.formula.shown));
    }
    if (binding.kind === "constant") {
      const { unit } = binding.constant;
      found.set(name, unitOfText(unit, readUnit(unit) ?? []) ?? pureNumber);
    }
  }
  return found;
}

/** A whole-column function, in the unit of what it is of. */
function ofColumn(slot: Slot, of: ExampleOf): GivenInput | undefined {
  const { column, row, rule, symbols, quantities } = of;
  const { column: expression } = slot;
  const text = expression ? printFormula(expression) : "";
  const found = [...column.wholes].find(([, whole]) => whole.text === text);
  const outcome = expression && unitOf(expression, unitsOf(symbols, quantities));
  if (!found || outcome?.kind !== "unit") return undefined;
  const [at, whole] = found;
  const shown = shownUnit(outcome.unit, "");
  if (shown.kind === "unlike") return undefined;
  const { text: unit, factor, offset } = shown.unit;
  const size = wholeSize(rule, column, at, row) / Math.abs(factor);
  return { value: (laneAt(whole.values, row) - offset) / factor, size, unit, factor, offset };
}

function givenAt(slot: Slot, of: ExampleOf): GivenInput | undefined {
  if (slot.column) return ofColumn(slot, of);
  const binding = of.symbols.get(slot.name);
  if (!binding) return undefined;
  if (binding.kind === "constant") return ofConstant(binding.constant, of);
  const row = of.column.steps.at(slot.shift)[of.row] ?? -1;
  const evaluated = of.quantities.find(({ id }) => id === binding.id);
  if (!evaluated || row < 0) return undefined;
  if (binding.kind === "derived") return ofDerived(evaluated, row, of.rule);
  const found = measuredColumn(of.rows, evaluated)[row];
  if (!found) return undefined;
  const { factor = 1, offset } = binding.unit;
  return ofReading(found, evaluated, { factor, offset }, of.mark);
}

function texOf(slot: Slot, several: boolean, of: ExampleOf): string {
  if (slot.column) return toTex(slot.column);
  const constant = of.symbols.get(slot.name)?.kind === "constant";
  if (!several || constant) return symbolTex(slot.name);
  return inRow(slot.name, (of.column.steps.at(slot.shift)[of.row] as number) + 1);
}

/** Every slot of a spelled-out formula with its number and ±; undefined where one of them has none. */
export function directInputs(
  slots: readonly Slot[],
  of: ExampleOf,
): readonly DirectInput[] | undefined {
  const several = slots.some(({ shift }) => shift > 0);
  const inputs = slots.flatMap((slot): DirectInput[] => {
    const given = givenAt(slot, of);
    return given ? [{ slot, given, tex: texOf(slot, several, of) }] : [];
  });
  return inputs.length === slots.length ? inputs : undefined;
}
