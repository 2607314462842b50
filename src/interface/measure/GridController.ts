import { nanoid } from "nanoid";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import { readBlock } from "@/intake/block";
import type { Cells } from "@/intake/cells";
import { planPaste } from "@/intake/pastePlan";
import { pasteSentence } from "@/wording/pasting";
import { abandon, doAct, type InvestigationStore } from "../store/investigationStore";
import {
  type CellPlace,
  type GridSize,
  type GridStore,
  inside,
  nextCell,
  rangeOf,
} from "./gridState";
import { RowTools } from "./RowTools";

/** What hands do in the readings grid; the same object for as long as the grid stands. */
export class GridController {
  readonly rowTools: RowTools;

  constructor(
    readonly store: InvestigationStore,
    readonly grid: GridStore,
  ) {
    this.rowTools = new RowTools(store, grid);
  }

  private get document() {
    return this.store.getState().document;
  }

  size(): GridSize {
    const rows = Math.min(Object.keys(this.document.rows).length, limits.rows - 1);
    return { rows, columns: Object.keys(this.document.quantities).length };
  }

  /** Moves to a cell, or stretches the range to it. */
  goTo(place: CellPlace, stretch = false): void {
    const kept = inside(place, this.size());
    this.grid.setState((state) => ({
      active: stretch ? state.active : kept,
      corner: kept,
      mode: "moving",
      session: "",
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
    this.grid.setState({ mode: "editing", session: nanoid(8) });
  }

  /** Esc: the text is again what it was before. */
  cancel(): void {
    const { session } = this.grid.getState();
    if (session) abandon(this.store, session);
    this.grid.setState({ mode: "moving", session: "" });
  }

  /** Each key is kept as it is pressed. */
  type(text: string): void {
    const { active, mode, session } = this.grid.getState();
    const row = this.rowAt(active.row) ?? nanoid(10);
    const quantity = this.quantityAt(active.column);
    if (!quantity) return;
    const key = session || nanoid(8);
    this.grid.setState({
      mode: mode === "editing" ? mode : "typing",
      session: key,
      corner: active,
    });
    doAct(this.store, typeReadings, { readings: [{ row, quantity, text }] }, key);
  }

  /** Empties every cell of the range. */
  clear(): void {
    const readings = this.selectedCells()
      .flat()
      .filter(({ text }) => text !== "")
      .map(({ row, quantity }) => ({ row, quantity, text: "" }));
    doAct(this.store, typeReadings, { readings });
    this.grid.setState({ mode: "moving", session: "" });
  }

  /** The range as text for a spreadsheet: tabs between cells, a line a row. */
  copied(): string {
    return this.selectedCells()
      .map((row) => row.map(({ text }) => text).join("\t"))
      .join("\n");
  }

  /** Writes a block from the upper left corner of the range on; returns the sentence to show. */
  paste(cells: Cells): string {
    const { top, left } = rangeOf(this.grid.getState());
    const block = readBlock(cells);
    const outcome = planPaste(this.document, block, { row: top, column: left }, () => nanoid(10));
    if (outcome.kind === "plan") {
      const { rows, columns } = outcome.plan;
      doAct(this.store, pasteBlock, outcome.plan);
      this.grid.setState({
        active: { row: top, column: left },
        corner: { row: top + rows - 1, column: left + columns - 1 },
        mode: "moving",
        session: "",
      });
    }
    return pasteSentence(outcome, block);
  }

  /** The last place that Ctrl+End leads to. */
  lastCell(): CellPlace {
    const { rows, columns } = this.size();
    return { row: Math.max(0, rows - 1), column: columns - 1 };
  }

  private rowAt(index: number): string | undefined {
    return inOrder(this.document.rows)[index]?.[0];
  }

  private quantityAt(index: number): string | undefined {
    return inOrder(this.document.quantities)[index]?.[0];
  }

  private selectedCells() {
    const { top, bottom, left, right } = rangeOf(this.grid.getState());
    const quantities = inOrder(this.document.quantities).slice(left, right + 1);
    return inOrder(this.document.rows)
      .slice(top, bottom + 1)
      .map(([row, { readings }]) =>
        quantities.map(([quantity]) => ({ row, quantity, text: readings[quantity] ?? "" })),
      );
  }
}
