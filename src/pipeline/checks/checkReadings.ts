import { LatestByName } from "@/remembered/latest";
import { isRemarks } from "../readings/evaluated";
import type { HouseRules } from "@/investigation/model/houseRules";
import { cellPlace } from "@/investigation/model/row";
import { measuringColumn } from "../readings/measured";
import { atOnce, type Steps } from "../readings/steps";
import type { EvaluatedQuantity, EvaluatedRow, EvaluatedTable } from "../table/table";
import type { Check, PlacedFinding } from "./check";
import { blankUncertainty } from "./blankUncertainty";
import { checkDerived } from "./derived/checkDerived";
import { disagreesWithInstrument } from "./disagreesWithInstrument";
import { duplicateRows } from "./duplicateRows";
import { farRepeat } from "./farRepeat";
import { fewReadings } from "./fewReadings";
import { fineUncertainty } from "./fineUncertainty";
import { identicalRepeats } from "./identicalRepeats";
import { largerThanReading } from "./largerThanReading";
import { missingUnit } from "./missingUnit";
import { narrowRange } from "./narrowRange";
import { noUncertainty } from "./noUncertainty";
import { offTrend } from "./offTrend";
import { outOfOrder } from "./outOfOrder";
import { unevenGaps } from "./unevenGaps";
import { unlikeDecimals } from "./unlikeDecimals";
import { unreadable } from "./unreadable";
import { zeroUncertainty } from "./zeroUncertainty";

const checks: readonly Check[] = [
  unreadable,
  missingUnit,
  zeroUncertainty,
  blankUncertainty,
  largerThanReading,
  identicalRepeats,
  fineUncertainty,
  disagreesWithInstrument,
  unlikeDecimals,
  farRepeat,
  offTrend,
  outOfOrder,
  unevenGaps,
  fewReadings,
  narrowRange,
];

/** A column that holds the ± of another need not be wide, long or sure itself. */
const checksOfUncertainty: readonly Check[] = [unreadable, missingUnit];

const isUncertaintyColumn = ({ sizeOf }: EvaluatedQuantity) => sizeOf !== undefined;

interface Known {
  readonly table: EvaluatedTable;
  readonly rules: HouseRules;
  readonly marks: ReadonlyMap<EvaluatedQuantity, readonly PlacedFinding[]>;
  readonly all: readonly PlacedFinding[];
}

const newest = new LatestByName<Known>(50);
const mostChanged = 40;

/** The places of the rows that changed; undefined where that is nearly all of them. */
function changedRows(before: EvaluatedTable, now: EvaluatedTable): readonly number[] | undefined {
  if (before.rows.length !== now.rows.length) return undefined;
  const changed: number[] = [];
  for (let i = 0; i < now.rows.length; i++) {
    if (before.rows[i] !== now.rows[i]) changed.push(i);
    if (changed.length > mostChanged) return undefined;
  }
  return changed;
}

function sameCells(
  before: EvaluatedRow,
  now: EvaluatedRow,
  { id, column }: EvaluatedQuantity,
): boolean {
  if (column?.worked) return false;
  if (before.row.setAside !== now.row.setAside || before.lastRepeat !== now.lastRepeat)
    return false;
  const cells = new Set([...Object.keys(before.readings), ...Object.keys(now.readings)]);
  for (const cell of cells) {
    const { quantity } = cellPlace(cell);
    const own = quantity === id || quantity === column?.id;
    if (own && before.readings[cell] !== now.readings[cell]) return false;
  }
  return true;
}

function stillHolds(known: Known, table: EvaluatedTable, changed: readonly number[] | undefined) {
  return (quantity: EvaluatedQuantity): readonly PlacedFinding[] | undefined => {
    const marks = known.marks.get(quantity);
    if (!marks || !changed) return undefined;
    const same = changed.every((index) =>
      sameCells(
        known.table.rows[index] as EvaluatedRow,
        table.rows[index] as EvaluatedRow,
        quantity,
      ),
    );
    return same ? marks : undefined;
  };
}

function* checkRead(
  quantity: EvaluatedQuantity,
  table: EvaluatedTable,
  rules: HouseRules,
): Generator<readonly PlacedFinding[]> {
  if (isRemarks(quantity)) return;
  const wanted = isUncertaintyColumn(quantity) ? checksOfUncertainty : checks;
  for (const check of wanted) yield check(quantity, table, rules);
}

function* marksOfDerived(
  quantity: EvaluatedQuantity,
  { quantities, rows }: EvaluatedTable,
  rules: HouseRules,
): Generator<readonly PlacedFinding[]> {
  for (const findings of checkDerived(quantity, quantities, rows, rules)) {
    yield findings.map((finding) => ({ finding, quantity: quantity.id }));
  }
}

/** Looks at the quantities one after the other; a caller may pause between two looks. What did not change is not looked at again. */
export function* checkedTable(
  table: EvaluatedTable,
  rules: HouseRules,
): Steps<readonly PlacedFinding[]> {
  const known = newest.of(table.id);
  if (known?.table === table && known.rules === rules) return known.all;
  const holds =
    known?.rules === rules ? stillHolds(known, table, changedRows(known.table, table)) : undefined;
  const marks = new Map<EvaluatedQuantity, readonly PlacedFinding[]>();
  for (const quantity of table.quantities) {
    const held = holds?.(quantity);
    if (held) marks.set(quantity, held);
    else {
      const found: PlacedFinding[] = [];
      yield* measuringColumn(table.rows, quantity);
      for (const marks of quantity.quantity.formula === undefined
        ? checkRead(quantity, table, rules)
        : marksOfDerived(quantity, table, rules)) {
        found.push(...marks);
        yield;
      }
      marks.set(quantity, found);
    }
  }
  const all = [
    ...[...marks.values()].flat(),
    ...(yield* noUncertainty(table)),
    ...(yield* duplicateRows(table)),
  ];
  newest.keep(table.id, { table, rules, marks, all });
  return all;
}

/** Every mark on the readings of a table. */
export function checkTables(table: EvaluatedTable, rules: HouseRules): readonly PlacedFinding[] {
  return atOnce(checkedTable(table, rules));
}
