import { standardPart } from "@/core/uncertainty/readingUncertainty";
import { remembered } from "@/remembered/remembered";
import { parseFormula } from "@/core/expression/parseFormula";
import { printFormula } from "@/core/expression/print";
import { powerProduct } from "@/core/expression/shape";
import { symbolName } from "@/core/expression/spelling";
import { type Expression, symbolsOf } from "@/core/expression/tree";
import { type Board, type BoardCell, boardOf } from "@/core/straighten/board";
import { type FromPoints, fromPoints } from "@/core/straighten/fromPoints";
import { type Suggestion, suggestionsFor } from "@/core/straighten/remainingCurve";
import {
  type Barred,
  ownColumn,
  ownTransform,
  type Transformed,
  type TransformId,
  transformedColumns,
  transforms,
} from "@/core/straighten/transforms";
import { writeSymbol } from "@/core/unit/symbolText";
import type { FigureSpecification } from "@/figure/specification";
import { type Figure, plainLook } from "@/investigation/model/figure";
import { lookOf } from "../figure/axisOf";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { StraightenBoard } from "@/investigation/model/investigation";
import { standsAlone } from "../readings/evaluated";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";
import { measuredColumn } from "../readings/measured";

/** The two quantities whose transforms the board pairs, with their table. */
export interface Boarded {
  readonly table: EvaluatedTable;
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
}

function formulaOf({ quantity }: EvaluatedQuantity): Expression | undefined {
  const read = quantity.formula === undefined ? undefined : parseFormula(quantity.formula);
  return read?.kind === "formula" ? read.expression : undefined;
}

/** The symbol of which a formula is a power, a root, a reciprocal or a logarithm; undefined for anything else. */
function bareSymbol(expression: Expression): string | undefined {
  if (expression.kind === "call" && (expression.name === "ln" || expression.name === "log")) {
    return expression.of.kind === "symbol" ? expression.of.name : undefined;
  }
  const powers = [...(powerProduct(expression)?.powers ?? [])];
  const [[name, power] = ["", 1]] = powers;
  return powers.length === 1 && power !== 1 ? name : undefined;
}

/** The quantity that a derived one is only a transform of: L of L³. */
export function baseOf(quantity: EvaluatedQuantity, table: EvaluatedTable): EvaluatedQuantity {
  const expression = formulaOf(quantity);
  const symbol = expression && bareSymbol(expression);
  const base =
    symbol === undefined
      ? undefined
      : table.quantities.find((one) => symbolName(one.quantity.symbol) === symbol);
  return base && base !== quantity ? baseOf(base, table) : quantity;
}

/** The quantities chosen for the board, or those that the figure in hand rests on. */
export function boarded(
  tables: readonly EvaluatedTable[],
  figure: Pick<Figure, "x" | "y"> | undefined,
  board: StraightenBoard,
): Boarded | undefined {
  const wanted = board.y ?? board.x ?? figure?.y ?? figure?.x;
  const holds = (table: EvaluatedTable) => table.quantities.some(({ id }) => id === wanted);
  const table = tables.find(holds) ?? tables[0];
  if (!table) return undefined;
  const find = (id: string | null | undefined) => table.quantities.find((one) => one.id === id);
  const based = (one: EvaluatedQuantity | undefined) => one && baseOf(one, table);
  const own = table.quantities.filter(standsAlone);
  const x = find(board.x) ?? based(find(figure?.x)) ?? own[0];
  const y = find(board.y) ?? based(find(figure?.y)) ?? own.find((one) => one !== x);
  return x && y && x !== y ? { table, x, y } : undefined;
}

/** Everything that the stage says of two quantities. */
export interface Straightening extends Boarded {
  readonly board: Board;
  readonly points: FromPoints;
  readonly suggestions: readonly Suggestion[];
  /** How many rows have a reading of both. */
  readonly count: number;
}

/** Rows with a reading of both that is not set aside. */
function columns({ table, x, y }: Boarded): readonly [Barred, Barred] {
  const [across, up] = [measuredColumn(table.rows, x), measuredColumn(table.rows, y)];
  const taken = [...across.keys()].filter((i) => {
    const [a, b] = [across[i], up[i]];
    return a && b && !a.aside && !b.aside;
  });
  const of = (all: typeof across): Barred => ({
    values: Float64Array.from(taken, (i) => all[i]?.value ?? NaN),
    up: Float64Array.from(taken, (i) => all[i]?.bars.up ?? 0),
    down: Float64Array.from(taken, (i) => all[i]?.bars.down ?? 0),
  });
  return [of(across), of(up)];
}

function withOwn(column: Barred, own: string, symbol: string): readonly Transformed[] {
  const expression = ownTransform(own, symbol);
  const plain = transformedColumns(column);
  return expression ? [...plain, ownColumn(expression, column)] : plain;
}

/** The board of two quantities, the laws that their points follow, and what a remaining curve suggests. */
export const straightening = remembered(
  (
    table: EvaluatedTable,
    x: EvaluatedQuantity,
    y: EvaluatedQuantity,
    ownX: string,
    ownY: string,
    rules: HouseRules,
  ): Straightening => {
    const [across, up] = columns({ table, x, y });
    const part = standardPart(rules.uncertaintyMeans);
    const transformedX = withOwn(across, ownX, x.quantity.symbol);
    const transformedY = withOwn(up, ownY, y.quantity.symbol);
    return {
      table,
      x,
      y,
      count: across.values.length,
      board: boardOf(transformedX, transformedY, part),
      points: fromPoints(transformedX, transformedY, part),
      suggestions: suggestionsFor(across.values, up.values),
    };
  },
);

/** The formula of a transform in a symbol: "L^3", "1/sqrt(L)", or one's own. */
export function transformFormula(id: TransformId, symbol: string, own: string): string {
  return transforms.find((one) => one.id === id)?.formula(symbol) ?? own;
}

const transformSymbols: Partial<Record<TransformId, (symbol: string) => string>> = {
  ln: (q) => `ln ${q}`,
  log: (q) => `lg ${q}`,
};

/** The symbol of a transformed quantity: "L^3", "L^-1", "ln L". */
export function transformSymbol(id: TransformId, symbol: string, own: string): string {
  if (id === "own") return formulaSymbol(own);
  if (id === "1") return symbol;
  const bare =
    /[\^_/( ]/.test(symbol) && !/^[\p{L}]+(_\w+)?$/u.test(symbol) ? `(${symbol})` : symbol;
  return transformSymbols[id]?.(symbol) ?? `${bare}^${id}`;
}

/** A formula as a symbol: its products without a sign, roots with theirs. */
export function formulaSymbol(formula: string): string {
  return formula
    .replaceAll("*", " ")
    .replaceAll("sqrt(", "√(")
    .replaceAll("log(", "lg(")
    .replace(/^(ln|lg)\((\p{L}+(?:_\w+)?)\)$/u, "$1 $2");
}

function normal(formula: string): string | undefined {
  const read = parseFormula(formula);
  return read.kind === "formula" ? printFormula(read.expression) : undefined;
}

/** A quantity of a table that is worked out by a formula already, or is its one symbol. */
export function quantityWith(
  table: EvaluatedTable,
  formula: string,
): EvaluatedQuantity | undefined {
  const read = parseFormula(formula);
  if (read.kind !== "formula") return undefined;
  const { expression } = read;
  if (expression.kind === "symbol") {
    return table.quantities.find(
      ({ quantity }) => symbolName(quantity.symbol) === symbolsOf(expression)[0],
    );
  }
  const wanted = printFormula(expression);
  return table.quantities.find(
    ({ quantity }) => quantity.formula !== undefined && normal(quantity.formula) === wanted,
  );
}

/** The small figure of one pair in the margin, with its bars and its line. */
export function smallPairSpecification(
  { across, up, straightness }: BoardCell,
  symbols: { readonly across: string; readonly up: string },
  style: Pick<HouseRules, "headings" | "decimalMark">,
): FigureSpecification {
  const kept = [...across.values.keys()].filter(
    (i) => Number.isFinite(across.values[i]) && Number.isFinite(up.values[i]),
  );
  const of = (values: Float64Array) => Float64Array.from(kept, (i) => values[i] as number);
  const plain = (symbol: string): FigureSpecification["x"] => ({
    name: "",
    symbol: writeSymbol(symbol),
    unit: [],
    range: { kind: "fill" },
    scale: "linear",
    reversed: false,
  });
  const line = straightness && {
    role: "best" as const,
    slope: straightness.slope,
    intercept: straightness.intercept,
  };
  return {
    width: 243,
    height: 165,
    textSize: 8,
    labels: [],
    x: plain(symbols.across),
    y: plain(symbols.up),
    series: [
      {
        name: "",
        seriesNumber: 0,
        bands: [],
        lines: line ? [line] : [],
        points: {
          x: of(across.values),
          y: of(up.values),
          aside: { x: [], y: [] },
          xBars: { up: of(across.up), down: of(across.down) },
          yBars: { up: of(up.up), down: of(up.down) },
        },
      },
    ],
    style: { headings: style.headings, decimalMark: style.decimalMark },
    look: lookOf({ ...plainLook, grid: "major" }),
  };
}
