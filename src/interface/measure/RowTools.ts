import { nanoid } from "nanoid";
import { addFurtherRepeat } from "@/investigation/acts/addFurtherRepeat";
import { addSeries } from "@/investigation/acts/addSeries";
import { arrangeRows } from "@/investigation/acts/arrangeRows";
import { insertRows } from "@/investigation/acts/insertRows";
import { moveRows } from "@/investigation/acts/moveRows";
import { putIntoSeries } from "@/investigation/acts/putIntoSeries";
import { removeRows } from "@/investigation/acts/removeRows";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { limits } from "@/investigation/model/limits";
import { isDerived } from "@/pipeline/table/gridColumns";
import { doAct, type InvestigationStore } from "../store/investigationStore";
import { type GridState, type GridStore, rangeOf } from "./gridState";
import { gridView } from "./gridView";
import { rowsSortedBy } from "./rowOrder";

/** What can be done with the rows of the selected range. */
export class RowTools {
  constructor(
    private readonly store: InvestigationStore,
    private readonly grid: GridStore,
  ) {}

  /** Puts as many empty rows in front of the range as it has rows. */
  insert(): void {
    const { top, bottom } = rangeOf(this.grid.getState());
    const { document } = this.store.getState();
    const { table, series } = this.view();
    const count = Math.min(bottom - top + 1, limits.rows - Object.keys(document.rows).length);
    if (count < 1) return;
    const rows = Array.from({ length: count }, () => nanoid(10));
    const before = this.rows()[top] ?? null;
    doAct(this.store, insertRows, { rows, before, table: table.id, series });
    this.settle();
  }

  /** Moves the rows of the range up (−1) or down (1) by one. */
  move(step: 1 | -1): void {
    const { top, bottom } = rangeOf(this.grid.getState());
    const all = this.rows();
    const last = Math.min(bottom, all.length - 1);
    if (top > last || (step < 0 ? top === 0 : last === all.length - 1)) return;
    const before = step < 0 ? all[top - 1] : all[last + 2];
    doAct(this.store, moveRows, { rows: all.slice(top, last + 1), before: before ?? null });
    this.grid.setState(({ active, corner }) => ({
      active: { ...active, row: active.row + step },
      corner: { ...corner, row: corner.row + step },
    }));
  }

  /** Writes the topmost readings of the range into all its rows. */
  fillDown(): void {
    const { top, bottom, left, right } = rangeOf(this.grid.getState());
    const { rows, columns } = this.view();
    const chosen = rows.slice(top, bottom + 1);
    const across = columns.slice(left, right + 1).filter((column) => !isDerived(column));
    const first = chosen[0]?.row.readings ?? {};
    const readings = chosen
      .slice(1)
      .flatMap(({ id }) => across.map(({ cell }) => ({ row: id, cell, text: first[cell] ?? "" })));
    doAct(this.store, typeReadings, { readings });
  }

  /** Sorts all rows of the table by the quantity in hand, smallest first. */
  sort(): void {
    const { table, columns } = this.view();
    const quantity = columns[this.grid.getState().active.column]?.evaluated;
    if (!quantity) return;
    doAct(this.store, arrangeRows, { rows: rowsSortedBy(table, quantity) });
    this.settle();
  }

  /** Removes the rows of the range. */
  remove(): void {
    const rows = this.selected();
    if (rows.length === 0) return;
    doAct(this.store, removeRows, { rows });
    this.settle();
  }

  /** Gives the active row alone one repeat more of the quantity in hand, and goes there. */
  repeatFurther(): void {
    const { active } = this.grid.getState();
    const { rows, columns } = this.view();
    const row = rows[active.row];
    const column = columns[active.column];
    if (!row || !column || isDerived(column)) return;
    const { id, quantity } = column.evaluated;
    const repeats = Math.max(quantity.repeats, row.lastRepeat?.[id] ?? 1) + 1;
    if (repeats > limits.repeats) return;
    doAct(this.store, addFurtherRepeat, { row: row.id, quantity: id, repeats });
    const place = this.view().columns.findIndex(
      ({ evaluated, repeat }) => evaluated.id === id && repeat === repeats,
    );
    const there = { row: active.row, column: place };
    this.grid.setState({ active: there, corner: there, mode: "moving", session: "" });
  }

  /** Makes a series of the rows of the range. */
  makeSeries(name: string): void {
    const { table } = this.view();
    doAct(this.store, addSeries, { id: nanoid(10), table: table.id, name, rows: this.selected() });
  }

  /** Puts the rows of the range into a series, or out of any (null). */
  putInto(series: string | null): void {
    doAct(this.store, putIntoSeries, { rows: this.selected(), series });
  }

  private view() {
    return gridView(this.store.getState().document, this.grid.getState());
  }

  private rows(): string[] {
    return this.view().rows.map(({ id }) => id);
  }

  private selected(): string[] {
    const { top, bottom } = rangeOf(this.grid.getState());
    return this.rows().slice(top, bottom + 1);
  }

  /** Leaves the topmost cell of the range active. */
  private settle(): void {
    const { top } = rangeOf(this.grid.getState());
    this.grid.setState(({ active }): Partial<GridState> => {
      const place = { row: top, column: active.column };
      return { active: place, corner: place, mode: "moving", session: "" };
    });
  }
}
