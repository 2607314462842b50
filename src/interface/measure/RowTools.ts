import { nanoid } from "nanoid";
import { arrangeRows } from "@/investigation/acts/arrangeRows";
import { insertRows } from "@/investigation/acts/insertRows";
import { moveRows } from "@/investigation/acts/moveRows";
import { removeRows } from "@/investigation/acts/removeRows";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import { evaluateTable } from "@/pipeline/table";
import { doAct, type InvestigationStore } from "../store/investigationStore";
import { type GridState, type GridStore, rangeOf } from "./gridState";
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
    const all = this.rows();
    const count = Math.min(bottom - top + 1, limits.rows - all.length);
    if (count < 1) return;
    const rows = Array.from({ length: count }, () => nanoid(10));
    doAct(this.store, insertRows, { rows, before: all[top] ?? null });
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
    const { document } = this.store.getState();
    const rows = this.rows().slice(top, bottom + 1);
    const quantities = inOrder(document.quantities).slice(left, right + 1);
    const first = document.rows[rows[0] ?? ""]?.readings ?? {};
    const readings = rows
      .slice(1)
      .flatMap((row) =>
        quantities.map(([quantity]) => ({ row, quantity, text: first[quantity] ?? "" })),
      );
    doAct(this.store, typeReadings, { readings });
  }

  /** Sorts all rows by the quantity in hand, smallest first. */
  sort(): void {
    const { document } = this.store.getState();
    const quantity = inOrder(document.quantities)[this.grid.getState().active.column]?.[0];
    if (!quantity) return;
    doAct(this.store, arrangeRows, { rows: rowsSortedBy(evaluateTable(document), quantity) });
    this.settle();
  }

  /** Removes the rows of the range. */
  remove(): void {
    const { top, bottom } = rangeOf(this.grid.getState());
    const rows = this.rows().slice(top, bottom + 1);
    if (rows.length === 0) return;
    doAct(this.store, removeRows, { rows });
    this.settle();
  }

  private rows(): string[] {
    return inOrder(this.store.getState().document.rows).map(([id]) => id);
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
