import { numberTex, symbolTex, unitTex } from "@/core/expression/tex";
import { guardedFigures, writeNumber } from "@/core/number/writtenNumber";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { writeUnitText } from "@/core/unit/unitText";
import type { Binding, DerivedColumn, EvaluatedQuantity } from "../evaluated";
import { partsBy } from "./derivedQuantities";
import { derivedCell, isFinding } from "./derivedCell";

/** What a symbol of a formula is in one row, in its own unit. */
export interface DirectInput {
  readonly name: string;
  readonly tex: string;
  readonly numberTex: string;
  readonly value: number;
  readonly size: number;
  readonly unit: string;
  /** From its unit into that of the result, where both are of one kind. */
  readonly toShown: number;
  /** ∂result/∂input, in their own units; 0 where other symbols hide it. */
  readonly slope: number;
}

interface Plain {
  readonly value: number;
  readonly size: number;
  readonly unit: string;
  readonly factor: number;
  readonly figures: number;
}

function figuresOfReading(value: number, decimals: number): number {
  if (value === 0) return 1;
  return Math.max(1, Math.floor(Math.log10(Math.abs(value))) + 1 + decimals);
}

function ofQuantity(
  evaluated: EvaluatedQuantity,
  row: number,
  rule: PropagationRule,
): Plain | undefined {
  const { derived, quantity } = evaluated;
  if (derived?.column) {
    const cell = derivedCell(derived.column, row);
    if (!cell || isFinding(cell)) return undefined;
    const { shown } = derived.column.formula;
    const parts = partsBy(rule, cell, derived.column);
    const size = combinedUncertainty(rule, [parts.row, parts.common]) / Math.abs(shown.factor);
    const value = (cell.value - shown.offset) / shown.factor;
    const figures = guardedFigures(value, size);
    return { value, size, unit: quantity.unit, factor: shown.factor, figures };
  }
  return undefined;
}

/** What a row says of a quantity that the formula, or one that it uses, names. */
function readingIn(
  id: string,
  row: number,
  column: DerivedColumn,
  quantities: readonly EvaluatedQuantity[],
) {
  const own = column.readings.get(id);
  if (own) return own[row];
  for (const { derived } of quantities) {
    const values = derived?.column?.readings.get(id);
    if (values) return values[row];
  }
  return undefined;
}

function plainInput(
  binding: Binding,
  row: number,
  quantities: readonly EvaluatedQuantity[],
  rule: PropagationRule,
  column: DerivedColumn,
): Plain | undefined {
  if (binding.kind === "constant") {
    const { value, uncertainty, unit, factor, offset } = binding.constant;
    const own = { value: (value - offset) / factor, size: uncertainty / factor };
    const figures = own.size > 0 ? Math.max(1, guardedFigures(own.value, own.size) - 1) : 6;
    return { ...own, unit, factor, figures };
  }
  const evaluated = quantities.find(({ id }) => id === binding.id);
  if (!evaluated) return undefined;
  if (binding.kind === "derived") return ofQuantity(evaluated, row, rule);
  const found = readingIn(binding.id, row, column, quantities);
  if (!found) return undefined;
  const { factor = 1 } = binding.unit;
  const size = meanBar(found.bars);
  const figures =
    found.spread.count === 1
      ? figuresOfReading(found.value, found.decimals)
      : guardedFigures(found.value, size);
  return { value: found.value, size, unit: evaluated.quantity.unit, factor, figures };
}

/** The slope of the result along one symbol: that of its own readings where it is read, else by its first variable. */
function slopeAlong(
  binding: Binding,
  column: DerivedColumn,
  row: number,
  quantities: readonly EvaluatedQuantity[],
): number {
  const cell = derivedCell(column, row);
  if (!cell || isFinding(cell)) return 0;
  const at = (key: string) => column.variables.findIndex((variable) => variable.key === key);
  if (binding.kind === "constant") return cell.slopes[at(binding.constant.id)] ?? 0;
  if (binding.kind === "quantity") return cell.slopes[at(`${binding.id}+0`)] ?? 0;
  const inner = quantities.find(({ id }) => id === binding.id)?.derived?.column;
  const innerCell = inner && derivedCell(inner, row);
  if (!inner || !innerCell || isFinding(innerCell)) return 0;
  const place = inner.variables.findIndex((_, index) => innerCell.slopes[index] !== 0);
  const key = inner.variables[place]?.key ?? "";
  return (cell.slopes[at(key)] ?? 0) / (innerCell.slopes[place] as number);
}

/** The symbols of a formula in one row, each with its number, unit and ±. */
export function directInputs(
  column: DerivedColumn,
  symbols: ReadonlyMap<string, Binding>,
  row: number,
  quantities: readonly EvaluatedQuantity[],
  rule: PropagationRule,
  names: readonly string[],
): readonly DirectInput[] {
  const { shown } = column.formula;
  return names.flatMap((name): DirectInput[] => {
    const binding = symbols.get(name);
    const plain = binding && plainInput(binding, row, quantities, rule, column);
    if (!binding || !plain) return [];
    const { value, size, unit, factor } = plain;
    const written = numberTex(writeNumber(Number(value.toPrecision(15)), plain.figures));
    return [
      {
        ...{ name, value, size, unit, tex: symbolTex(name) },
        numberTex: `${written}${unitTex(writeUnitText(unit))}`,
        toShown: factor / shown.factor,
        slope: (slopeAlong(binding, column, row, quantities) * factor) / shown.factor,
      },
    ];
  });
}
