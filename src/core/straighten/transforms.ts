import { eulerName, withEuler } from "../expression/euler";
import { symbolName } from "../expression/spelling";
import { evaluateColumn } from "../expression/evaluate";
import { parseFormula } from "../expression/parseFormula";
import { type Expression, symbolsOf } from "../expression/tree";
import { laneAt } from "../expression/lane";

/** What is done to a quantity before it goes along an axis. */
export type TransformId =
  | "-2" | "-1" | "-0.5" | "0.5" | "1" | "1.5" | "2" | "3" | "ln" | "log" | "own"; // prettier-ignore

export interface Transform {
  readonly id: TransformId;
  /** In the symbol of the quantity that stands for `q`. */
  readonly formula: (symbol: string) => string;
}

/** The ten of the board, from the steepest bend one way to the steepest the other. */
export const transforms: readonly Transform[] = [
  { id: "-2", formula: (q) => `1/${q}^2` },
  { id: "-1", formula: (q) => `1/${q}` },
  { id: "-0.5", formula: (q) => `1/sqrt(${q})` },
  { id: "0.5", formula: (q) => `sqrt(${q})` },
  { id: "1", formula: (q) => q },
  { id: "1.5", formula: (q) => `${q}^1.5` },
  { id: "2", formula: (q) => `${q}^2` },
  { id: "3", formula: (q) => `${q}^3` },
  { id: "ln", formula: (q) => `ln(${q})` },
  { id: "log", formula: (q) => `log(${q})` },
];

/** Numbers with the lengths of their bars. */
export interface Barred {
  readonly values: Float64Array;
  readonly up: Float64Array;
  readonly down: Float64Array;
}

/** A quantity after a transform; NaN where it has no value there. */
export interface Transformed extends Barred {
  readonly id: TransformId;
  /** How many of its values the transform can't take. */
  readonly beyond: number;
}

/** Value and derivative, written out where it is quick. */
const quick: Partial<Record<TransformId, readonly [(v: number) => number, (v: number) => number]>> =
  {
    "-2": [(v) => v ** -2, (v) => -2 * v ** -3],
    "-1": [(v) => 1 / v, (v) => -1 / (v * v)],
    "-0.5": [(v) => 1 / Math.sqrt(v), (v) => -0.5 * v ** -1.5],
    "0.5": [Math.sqrt, (v) => 0.5 / Math.sqrt(v)],
    "1": [(v) => v, () => 1],
    "1.5": [(v) => v * Math.sqrt(v), (v) => 1.5 * Math.sqrt(v)],
    "2": [(v) => v * v, (v) => 2 * v],
    "3": [(v) => v * v * v, (v) => 3 * v * v],
    ln: [Math.log, (v) => 1 / v],
    log: [Math.log10, (v) => 1 / (v * Math.LN10)],
  };

function collected(
  id: TransformId,
  { values, up, down }: Barred,
  value: (i: number) => number,
  slope: (i: number) => number,
): Transformed {
  const found = {
    values: new Float64Array(values.length).fill(NaN),
    up: new Float64Array(values.length),
    down: new Float64Array(values.length),
  };
  let beyond = 0;
  for (let i = 0; i < values.length; i++) {
    const [to, by] = [value(i), slope(i)];
    if (!Number.isFinite(to) || !Number.isFinite(by)) {
      beyond += Number.isFinite(values[i] as number) ? 1 : 0;
      continue;
    }
    const size = Math.abs(by);
    found.values[i] = to;
    found.up[i] = size * ((by < 0 ? down[i] : up[i]) as number);
    found.down[i] = size * ((by < 0 ? up[i] : down[i]) as number);
  }
  return { id, ...found, beyond };
}

/** Every transform of the board on a column, bars by the exact derivative: Δf = |f′(v)| Δv. */
export function transformedColumns(column: Barred): readonly Transformed[] {
  return transforms.flatMap(({ id }) => {
    const work = quick[id];
    if (!work) return [];
    const [value, slope] = work;
    const at = (of: (v: number) => number) => (i: number) => of(column.values[i] as number);
    return [collected(id, column, at(value), at(slope))];
  });
}

/** A transform of one's own in the symbol of its quantity; undefined where it is none. */
export function ownTransform(typed: string, symbol: string): Expression | undefined {
  const read = parseFormula(typed);
  if (read.kind !== "formula") return undefined;
  const plain = symbolName(symbol);
  const expression = plain === eulerName ? read.expression : withEuler(read.expression);
  const symbols = symbolsOf(expression);
  return symbols.length === 1 && symbols[0] === plain ? expression : undefined;
}

/** A column under a transform of one's own, its derivative exact. */
export function ownColumn(expression: Expression, column: Barred): Transformed {
  const { values, slopes } = evaluateColumn(expression, column.values.length, {
    symbol: () => ({ values: column.values, slopes: new Map([[0, 1]]) }),
    scaleOfLog: () => 1,
  });
  const slope = slopes.get(0) ?? 0;
  return collected(
    "own",
    column,
    (i) => laneAt(values, i),
    (i) => laneAt(slope, i),
  );
}
