import { reasonText } from "@/wording/settingAside";
import { sureDecimals, writeGiven } from "@/core/number/givenNumber";
import { movedPoint, toDecimals } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { cellKey, reasonSetAside } from "@/investigation/model/row";
import type { Measured } from "@/pipeline/readings/evaluated";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { marked, numberRuns } from "@/pipeline/lines/lineEquation";
import { measuredColumn, repeatsOf } from "@/pipeline/readings/measured";
import type { EvaluatedQuantity, EvaluatedRow, EvaluatedTable } from "@/pipeline/table/table";
import { decimalsOf } from "@/pipeline/readings/writtenReading";
import { figureTexts } from "@/wording/figureTexts";
import { inList } from "@/wording/language/listing";
import { reportTexts } from "@/wording/reportTexts";
import { letterName } from "../letters";
import { columnHeading, type PrintedColumn, printedColumn } from "./quantityColumns";
import type { ReportContext } from "./reportContext";
import type { ReportCell, ReportGroup, ReportHead, ReportNote, ReportTable } from "./report";

const nothing: ReportCell = { runs: [] };

/** Reasons why readings were set aside, each with its letter. */
class Notes {
  private readonly letters = new Map<string, string>();

  letter(reason: string): string {
    const known = this.letters.get(reason);
    if (known) return known;
    const made = letterName(this.letters.size);
    this.letters.set(reason, made);
    return made;
  }

  all(): readonly ReportNote[] {
    return [...this.letters].map(([reason, letter]) => ({
      letter,
      text: reportTexts.setAside({ reason: reason || reportTexts.noReason }),
    }));
  }
}

/** A column as its heading and its cells, row by row. */
interface Column {
  readonly head: ReportHead;
  /** The heading above it and its neighbours, where it is one of several repeats. */
  readonly over?: ReportHead;
  readonly cells: readonly ReportCell[];
}

function repeatCount(evaluated: EvaluatedQuantity, rows: readonly EvaluatedRow[]): number {
  return rows.reduce(
    (most, { lastRepeat }) => Math.max(most, lastRepeat?.[evaluated.id] ?? 1),
    evaluated.quantity.repeats,
  );
}

/** A reading with the digits that were typed, its point moved by the power in the heading; other texts as they were typed. */
function typedRuns(
  row: EvaluatedRow,
  key: string,
  typed: string,
  { power, decimals, remarks }: TypedWriting,
  { rules }: ReportContext,
): RunText {
  const reading = row.readings[key];
  if (remarks || reading?.kind !== "number") return [{ text: typed }];
  const { number } = reading;
  if (power === 0) return marked(numberRuns(writeGiven(number)), rules);
  const moved = Math.max(number.decimals + power, decimals);
  const sure = Math.max(decimals, sureDecimals(number) + power, 0);
  const kept = number.decimals > 0 ? moved : Math.min(moved, sure);
  return marked([{ text: toDecimals(movedPoint(number.value, -power), kept) }], rules);
}

/** How the readings of a column are written: with the power of ten of its heading, and to the decimals that whole numbers need in it. */
interface TypedWriting {
  /** Words about the row, written as they are. */
  readonly remarks: boolean;
  readonly power: number;
  readonly decimals: number;
}

/** A whole number's zeros at its end only hold places: in a power of ten it has the decimals that the column needs. */
function typedWriting(
  evaluated: EvaluatedQuantity,
  rows: readonly EvaluatedRow[],
  { power, cells, uncertainty }: PrintedColumn,
): TypedWriting {
  const remarks = isRemarks(evaluated);
  if (power <= 0) return { power, decimals: 0, remarks };
  const sure = rows.flatMap((row) =>
    repeatsOf(row, evaluated).flatMap(({ reading }) =>
      reading.kind === "number" ? [sureDecimals(reading.number) + power] : [],
    ),
  );
  const sizes = [uncertainty, ...cells.map((cell) => cell?.uncertainty)];
  const ofSizes = sizes.map((text) => decimalsOf((text ?? "").replace(",", ".")));
  const barred = sizes.some((text) => text !== undefined);
  const most = (all: readonly number[]) => all.reduce((a, b) => Math.max(a, b), 0);
  return { power, remarks, decimals: barred ? most(ofSizes) : most(sure) };
}

/** A reading as it was taken, with a stroke through it and a letter where it is set aside. */
function typedCell(
  row: EvaluatedRow,
  key: string,
  notes: Notes,
  writing: TypedWriting,
  context: ReportContext,
): ReportCell {
  const typed = row.row.readings[key]?.trim() ?? "";
  if (typed === "") return nothing;
  const reason = reasonSetAside(row.row, key);
  const runs = typedRuns(row, key, typed, writing, context);
  return reason === undefined ? { runs } : { runs, aside: notes.letter(reasonText(reason)) };
}

/** The heading of one column, with the ± that all its values share. */
const headOf = (runs: RunText, { uncertainty }: PrintedColumn): ReportHead => ({
  runs,
  span: 1,
  ...(uncertainty && { uncertainty }),
});

/** The readings of a quantity, repeat by repeat, with their mean behind them. */
function readingColumns(
  evaluated: EvaluatedQuantity,
  { rows }: EvaluatedTable,
  notes: Notes,
  context: ReportContext,
): Column[] {
  const { rules, document } = context;
  const count = repeatCount(evaluated, rows);
  const measured = measuredColumn(rows, evaluated);
  const printed = printedColumn(evaluated, measured, rules, document.writeUp);
  const heading = columnHeading(evaluated.quantity, rules, printed.power);
  const writing = typedWriting(evaluated, rows, printed);
  const typed = Array.from({ length: count }, (_, i) =>
    rows.map((row) => typedCell(row, cellKey(evaluated.id, i + 1), notes, writing, context)),
  );
  if (count === 1) {
    const [only = []] = typed;
    const beside = printed.uncertainty === undefined;
    const cells = only.map((cell, i): ReportCell => {
      const uncertainty = beside ? printed.cells[i]?.uncertainty : undefined;
      return uncertainty === undefined || cell === nothing ? cell : { ...cell, uncertainty };
    });
    return [{ head: headOf(heading, printed), cells }];
  }
  const over: ReportHead = { runs: heading, span: count + 1 };
  const mean: Column = {
    over,
    head: headOf([{ text: reportTexts.mean }], printed),
    cells: valueCells(rows, measured, printed, notes),
  };
  return [
    ...typed.map((cells, i): Column => ({
      over,
      head: { runs: [{ text: String(i + 1) }], span: 1 },
      cells,
    })),
    mean,
  ];
}

function letterOf({ row }: EvaluatedRow, one: Measured | undefined, notes: Notes) {
  if (!one?.aside) return undefined;
  const [reason = ""] = Object.values(row.setAside ?? {});
  return notes.letter(reasonText(reason));
}

/** The values of a column; what takes no part has the letter of its reason. */
function valueCells(
  rows: readonly EvaluatedRow[],
  measured: readonly (Measured | undefined)[],
  printed: PrintedColumn,
  notes: Notes,
): ReportCell[] {
  return rows.map((row, i) => {
    const cell = printed.cells[i];
    if (!cell) return nothing;
    const aside = letterOf(row, measured[i], notes);
    return aside === undefined ? cell : { ...cell, aside };
  });
}

/** What rows say of a quantity: the mean of its repeats, or what its formula gives. */
function valueColumn(
  evaluated: EvaluatedQuantity,
  { rows }: EvaluatedTable,
  notes: Notes,
  { rules, document }: ReportContext,
): Column {
  const measured = measuredColumn(rows, evaluated);
  const printed = printedColumn(evaluated, measured, rules, document.writeUp);
  return {
    head: headOf(columnHeading(evaluated.quantity, rules, printed.power), printed),
    cells: valueCells(rows, measured, printed, notes),
  };
}

/** Headings in one line, or in two where repeats have one heading over them. */
function headsOf(columns: readonly Column[]): ReportHead[][] {
  if (columns.every(({ over }) => over === undefined)) return [columns.map(({ head }) => head)];
  const upper: ReportHead[] = [];
  let last: ReportHead | undefined;
  for (const { over } of columns) {
    if (over === undefined) upper.push({ runs: [], span: 1 });
    else if (over !== last) upper.push(over);
    last = over;
  }
  return [upper, columns.map(({ head }) => head)];
}

/** The rows of each series under its name; a table without series is one group. */
function groupsOf({ rows, series }: EvaluatedTable, columns: readonly Column[]): ReportGroup[] {
  const cellsAt = (i: number) => columns.map(({ cells }) => cells[i] ?? nothing);
  const filled = (i: number) => cellsAt(i).some(({ runs }) => runs.length > 0);
  const places = rows.map((_, i) => i).filter(filled);
  if (series.length === 0) return [{ rows: places.map(cellsAt) }];
  const known = new Set(series.map(({ id }) => id));
  const groups = [
    ...series.map(({ id, series: { name } }) => ({
      name: name.trim() || figureTexts.unnamedSeries,
      rows: places.filter((i) => rows[i]?.row.series === id).map(cellsAt),
    })),
    {
      name: figureTexts.noSeries,
      rows: places.filter((i) => !known.has(rows[i]?.row.series ?? "")).map(cellsAt),
    },
  ];
  return groups.filter(({ rows: own }) => own.length > 0);
}

function tableOf(table: EvaluatedTable, columns: readonly Column[], notes: Notes): ReportTable {
  const { series: grouped } = reportTexts;
  return { heads: headsOf(columns), grouped, groups: groupsOf(table, columns), notes: notes.all() };
}

const shown = ({ quantity: { hidden, remarks } }: EvaluatedQuantity) =>
  !hidden && remarks !== "kept";

/** Whether a column holds nothing but the ± that stands with its quantity already. */
const isStated = ({ id }: EvaluatedQuantity, { quantities }: EvaluatedTable) =>
  quantities.some((owner) => owner.column?.id === id && shown(owner));

const isRead = ({ quantity }: EvaluatedQuantity) => quantity.formula === undefined;

/** The readings as they were taken; undefined where nothing is read. */
export function readingsTable(
  table: EvaluatedTable,
  context: ReportContext,
): ReportTable | undefined {
  const notes = new Notes();
  const read = table.quantities.filter((one) => shown(one) && isRead(one) && !isStated(one, table));
  const columns = read.flatMap((one) => readingColumns(one, table, notes, context));
  return columns.length > 0 ? tableOf(table, columns, notes) : undefined;
}

/** Means and derived quantities with their ±; undefined where nothing is derived. */
export function processedTable(
  table: EvaluatedTable,
  context: ReportContext,
): ReportTable | undefined {
  const notes = new Notes();
  const all = table.quantities.filter(
    (one) => shown(one) && !isRemarks(one) && !isStated(one, table),
  );
  if (all.every(isRead)) return undefined;
  const columns = all.map((one) => valueColumn(one, table, notes, context));
  return tableOf(table, columns, notes);
}

/** "overhang and time for ten swings", in the words of a table's quantities. */
export function quantityNames(table: EvaluatedTable, which: "read" | "all"): string {
  const names = table.quantities
    .filter((one) => shown(one) && !isStated(one, table) && (which === "all" || isRead(one)))
    .map(({ quantity }) => quantity.name.trim() || quantity.symbol.trim())
    .filter((name, i, all) => name !== "" && all.indexOf(name) === i);
  return inList(names);
}
