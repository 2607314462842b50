import { nanoid } from "nanoid";
import { moveQuantity } from "@/investigation/acts/moveQuantity";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { limits } from "@/investigation/model/limits";
import type { Block } from "@/intake/block";
import type { DecimalMark } from "@/core/number/readNumber";
import { type PasteTarget, planPaste } from "@/intake/pastePlan";
import { type GridColumn, isDerived } from "@/pipeline/table/gridColumns";
import type { EvaluatedRow } from "@/pipeline/readings/evaluated";
import { measured } from "@/pipeline/readings/measured";
import { pasteSentence } from "@/wording/pasting";
import { handFirst } from "../store/handFirst";
import {
  abandon,
  doAct,
  type InvestigationStore,
  refusedReading,
} from "../store/investigationStore";
import {
  type CellPlace,
  firstCell,
  type GridSize,
  type GridStore,
  inside,
  nextCell,
  rangeOf,
} from "./gridState";
import { manyIds, pasteInParts } from "./pasteInParts";
import { type GridView, gridView } from "./gridView";
import { ColumnTools } from "./ColumnTools";
import { RowTools } from "./RowTools";

/** The plain text of a derived cell, as it is copied. */
function workedOut(row: EvaluatedRow, { evaluated }: GridColumn): string {
  const found = measured(row, evaluated);
  return found ? String(Number(found.value.toPrecision(12))) : "";
}

/** Where a paste was begun, whatever is taken in hand before all that it needs is here. */
export interface PlaceOfPaste {
  readonly target: PasteTarget;
  readonly series: string | undefined;
  readonly active: CellPlace;
}

/** What hands do in the readings grid; the same object for as long as the grid stands. */
export class GridController {
  private value: (() => void) | undefined;
  /** The last summons that a cell answered. */
  private answered = -1;
  readonly rowTools: RowTools;
  readonly columnTools: ColumnTools;

  constructor(
    readonly store: InvestigationStore,
    readonly grid: GridStore,
  ) {
    this.rowTools = new RowTools(store, grid);
    this.columnTools = new ColumnTools(store, grid);
  }

  private get document() {
    return this.store.getState().document;
  }

  /** What the grid shows. */
  view(): GridView {
    return gridView(this.document, this.grid.getState());
  }

  size(): GridSize {
    const { rows, columns } = this.view();
    return { rows: Math.min(rows.length, limits.rows - 1), columns: columns.length };
  }

  /** Takes another table in hand, or shows the rows of one series alone. */
  show(wanted: { table?: string; series?: string | undefined }): void {
    this.grid.setState((state) => ({
      table: wanted.table ?? state.table,
      series: wanted.series,
      active: firstCell,
      corner: firstCell,
      mode: "moving",
      session: "",
    }));
  }

  /** Moves to a cell, or stretches the range to it. */
  goTo(place: CellPlace, stretch = false): void {
    const kept = inside(place, this.size());
    this.grid.setState((state) => ({
      active: stretch ? state.active : kept,
      corner: kept,
      mode: "moving",
      session: "",
      summons: state.summons + 1,
    }));
  }

  /** Offers what puts an instrument's present value into the cell in hand; gives back what ends the offer. */
  offerValue(take: () => void): () => void {
    this.value = take;
    return () => (this.value = undefined);
  }

  /** Takes that value; false while none is offered. */
  takeValue(): boolean {
    this.value?.();
    return this.value !== undefined;
  }

  /** Gives the keyboard back to the active cell. */
  summon(): void {
    this.grid.setState(({ summons }) => ({ summons: summons + 1 }));
  }

  /** Answers for the active cell whether it was asked to take the keyboard; once for each time it was, and at first. */
  answersSummons(): boolean {
    const { summons } = this.grid.getState();
    const asked = summons !== this.answered;
    this.answered = summons;
    return asked;
  }

  /** Opens big entry at the cell in hand, or puts it away and gives the keyboard back to that cell. */
  showBig(big: boolean): void {
    this.grid.setState(({ active, summons }) => ({
      big,
      corner: active,
      mode: "moving",
      session: "",
      summons: summons + 1,
    }));
  }

  /** Moves by so many cells from the active cell, or stretches the range from its far corner. */
  move(rows: number, columns: number, stretch = false): void {
    const { active, corner } = this.grid.getState();
    const from = stretch ? corner : active;
    this.goTo({ row: from.row + rows, column: from.column + columns }, stretch);
  }

  /** Tab: across and on to the next row; false where the grid ends and the focus may go on. */
  step(direction: 1 | -1): boolean {
    const next = nextCell(this.grid.getState().active, this.size(), direction);
    if (next) this.goTo(next);
    return next !== undefined;
  }

  /** F2 or double click: the caret goes into the text. */
  edit(): void {
    if (refusedReading(this.store)) return;
    this.grid.setState({ mode: "editing", session: nanoid(8) });
  }

  /** Esc: the text is again what it was before. */
  cancel(): void {
    const { session } = this.grid.getState();
    if (session) handFirst(this.store, () => abandon(this.store, session));
    this.grid.setState({ mode: "moving", session: "" });
  }

  /** Each key is kept as it is pressed. */
  type(text: string): void {
    if (refusedReading(this.store)) return;
    const { active, mode, session } = this.grid.getState();
    const view = this.view();
    const row = view.rows[active.row]?.id ?? nanoid(10);
    const column = view.columns[active.column];
    if (!column || isDerived(column)) return;
    const { cell } = column;
    const key = session || nanoid(8);
    this.grid.setState({
      mode: mode === "editing" ? mode : "typing",
      session: key,
      corner: active,
    });
    const readings = [{ row, cell, text }];
    handFirst(this.store, () =>
      doAct(this.store, typeReadings, { readings, series: view.series }, key),
    );
  }

  /** Empties every cell of the range. */
  clear(): void {
    const readings = this.selectedCells()
      .flat()
      .filter(({ text, closed }) => text !== "" && !closed)
      .map(({ row, cell }) => ({ row, cell, text: "" }));
    doAct(this.store, typeReadings, { readings });
    this.grid.setState({ mode: "moving", session: "" });
  }

  /** The range as text for a spreadsheet: tabs between cells, a line a row. */
  copied(): string {
    return this.selectedCells()
      .map((row) => row.map(({ text }) => text).join("\t"))
      .join("\n");
  }

  /** How decimals are written in this investigation. */
  decimalMark(): DecimalMark {
    return this.document.houseRules.decimalMark;
  }

  /** Where a paste lands that is begun now: from the upper left corner of the range on. */
  placeOfPaste(): PlaceOfPaste {
    const { active } = this.grid.getState();
    const { top, left } = rangeOf(this.grid.getState());
    const { table, rows: shown, columns: across, series } = this.view();
    const target = {
      table: table.id,
      row: top,
      column: left,
      rows: shown.map(({ id }) => id),
      cells: across.map(({ cell }) => cell),
      closed: new Set(across.filter(isDerived).map(({ cell }) => cell)),
    };
    return { target, series, active };
  }

  /**
   * Writes a block where the paste was begun, and takes it in hand unless something else was taken in hand meanwhile;
   * returns the sentence to show once all of it stands.
   */
  async paste(block: Block, place = this.placeOfPaste()): Promise<string> {
    const { target, series, active } = place;
    const { row: top, column: left } = target;
    const outcome = planPaste(this.document, block, target, manyIds());
    if (outcome.kind === "plan") {
      const { rows, columns } = outcome.plan;
      await pasteInParts(this.store, outcome.plan, series);
      if (this.grid.getState().active === active) {
        this.grid.setState({
          active: { row: top, column: left },
          corner: { row: top + rows - 1, column: left + columns - 1 },
          mode: "moving",
          session: "",
        });
      }
      this.columnTools.gatherPasted(block, outcome.plan);
      this.columnTools.seriesOfPasted(outcome.plan);
      this.grid.setState(({ corner }) => ({ corner: inside(corner, this.size()) }));
    }
    return pasteSentence(outcome, block);
  }

  /** Takes a quantity in hand, in the active row. */
  goToQuantity(id: string): void {
    const column = this.view().columns.findIndex(({ evaluated }) => evaluated.id === id);
    if (column >= 0) this.goTo({ row: this.grid.getState().active.row, column });
  }

  /** Takes one reading in hand, in whichever table it stands. */
  goToReading(table: string, row: string, quantity: string): void {
    this.show({ table });
    const view = this.view();
    const place = view.rows.findIndex(({ id }) => id === row);
    const column = view.columns.findIndex(({ evaluated }) => evaluated.id === quantity);
    if (place >= 0 && column >= 0) this.goTo({ row: place, column });
  }

  /** Moves the quantity in hand by one place to the left (−1) or right (1). */
  moveQuantity(step: 1 | -1): void {
    const { table, columns } = this.view();
    const id = columns[this.grid.getState().active.column]?.evaluated.id;
    const shown = table.quantities.filter(({ quantity }) => !quantity.hidden);
    const place = shown.findIndex((other) => other.id === id);
    if (id === undefined || place + step < 0 || place + step >= shown.length) return;
    const before = shown[step < 0 ? place - 1 : place + 2]?.id ?? null;
    doAct(this.store, moveQuantity, { quantity: id, before });
    this.goToQuantity(id);
  }

  /** The last place that Ctrl+End leads to. */
  lastCell(): CellPlace {
    const { rows, columns } = this.size();
    return { row: Math.max(0, rows - 1), column: columns - 1 };
  }

  private selectedCells() {
    const { top, bottom, left, right } = rangeOf(this.grid.getState());
    const { rows, columns } = this.view();
    const across = columns.slice(left, right + 1);
    return rows
      .slice(top, bottom + 1)
      .map((row) => [row.id, row] as const)
      .map(([id, row]) =>
        across.map((column) => ({
          row: id,
          cell: column.cell,
          closed: isDerived(column),
          text: isDerived(column) ? workedOut(row, column) : (row.row.readings[column.cell] ?? ""),
        })),
      );
  }
}
