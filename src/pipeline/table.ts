import type { Finding } from "@/core/finding/finding";
import { type DecimalMark, type NumberReading, readNumber } from "@/core/number/readNumber";
import { type InstrumentPart, instrumentUncertainty } from "@/core/uncertainty/instrumentPart";
import {
  type Investigation,
  type Quantity,
  reasonSetAside,
  type Row,
} from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { memoised } from "./memoised";
import { readUncertainty } from "./quantityUncertainty";

/** A quantity with its ± as a number. */
export interface EvaluatedQuantity {
  readonly id: string;
  readonly quantity: Quantity;
  /** What the instrument leaves open, in the quantity's unit; absent while a number of it is missing or unreadable. */
  readonly instrument?: InstrumentPart;
  /** Why the typed ± can't be used. */
  readonly finding?: Finding;
}

export interface EvaluatedRow {
  readonly id: string;
  readonly row: Row;
  /** What each typed text means, by quantity id; an absent entry is an empty cell. */
  readonly readings: Readonly<Record<string, NumberReading>>;
}

/** The readings as numbers, in their kept order; nothing of it is stored. */
export interface EvaluatedTable {
  readonly quantities: readonly EvaluatedQuantity[];
  readonly rows: readonly EvaluatedRow[];
}

/** One reading with its ±; a ± typed beside the reading goes before the quantity's own. */
export interface Measured {
  readonly value: number;
  readonly uncertainty: number;
  /** Set aside: shown hollow, but part of no fit, spread, range or statistic. */
  readonly aside: boolean;
}

const readRows: Record<DecimalMark, WeakMap<Row, EvaluatedRow>> = {
  point: new WeakMap(),
  comma: new WeakMap(),
};

function evaluateRow(id: string, row: Row, mark: DecimalMark): EvaluatedRow {
  const known = readRows[mark].get(row);
  if (known) return known;
  const readings: Record<string, NumberReading> = {};
  for (const quantity in row.readings) {
    readings[quantity] = readNumber(row.readings[quantity] as string, mark);
  }
  const evaluated = { id, row, readings };
  if (Object.isFrozen(row)) readRows[mark].set(row, evaluated);
  return evaluated;
}

function evaluateQuantity(id: string, quantity: Quantity, mark: DecimalMark): EvaluatedQuantity {
  const read = readUncertainty(quantity.uncertainty, mark);
  switch (read.kind) {
    case "part":
      return { id, quantity, instrument: read.part };
    case "unset":
      return { id, quantity };
    case "unreadable":
      return { id, quantity, finding: read.finding };
  }
}

const evaluateQuantities = memoised(
  (quantities: Investigation["quantities"], mark: DecimalMark): readonly EvaluatedQuantity[] =>
    inOrder(quantities).map(([id, quantity]) => evaluateQuantity(id, quantity, mark)),
);

const evaluateRows = memoised(
  (rows: Investigation["rows"], mark: DecimalMark): readonly EvaluatedRow[] =>
    inOrder(rows).map(([id, row]) => evaluateRow(id, row, mark)),
);

const combine = memoised(
  (quantities: readonly EvaluatedQuantity[], rows: readonly EvaluatedRow[]): EvaluatedTable => ({
    quantities,
    rows,
  }),
);

/** Reads every typed text of the document. Rows that did not change are not read again. */
export function evaluateTable(document: Investigation): EvaluatedTable {
  const mark = document.houseRules.decimalMark;
  return combine(evaluateQuantities(document.quantities, mark), evaluateRows(document.rows, mark));
}

/** The reading of one cell as a number with its ±, or undefined where there is none. */
export function measured(row: EvaluatedRow, quantity: EvaluatedQuantity): Measured | undefined {
  const reading = row.readings[quantity.id];
  if (reading?.kind !== "number") return undefined;
  const { value, uncertainty } = reading.number;
  const aside = reasonSetAside(row.row, quantity.id) !== undefined;
  if (uncertainty !== undefined) return { value, uncertainty, aside };
  const { instrument } = quantity;
  const size = instrument ? instrumentUncertainty(instrument, reading.number) : 0;
  return { value, uncertainty: size, aside };
}
