import type { InvestigationStore } from "../store/investigationStore";
import { limits } from "@/investigation/model/limits";
import type { Investigation } from "@/investigation/model/investigation";
import { type CellPlace, type GridState, type GridStore, inside } from "./gridState";
import { type GridView, gridView } from "./gridView";

/** Where a place is after others have changed rows and columns; the row that waits stays the one that waits. */
export function followed({ row, column }: CellPlace, before: GridView, after: GridView): CellPlace {
  const id = before.rows[row]?.id;
  const cell = before.columns[column]?.cell;
  const rowNow =
    id === undefined
      ? row + after.rows.length - before.rows.length
      : after.rows.findIndex((one) => one.id === id);
  const columnNow = after.columns.findIndex((one) => one.cell === cell);
  return {
    row: rowNow >= 0 ? rowNow : Math.min(row, after.rows.length),
    column: columnNow >= 0 ? columnNow : Math.min(column, Math.max(0, after.columns.length - 1)),
  };
}

const same = (a: CellPlace, b: CellPlace) => a.row === b.row && a.column === b.column;

/** A cell that stands in another row is drawn anew: it asks for the keyboard again, the caret where it was. */
function keyboardIn({ summons, mode }: GridState): Partial<GridState> {
  const field = document.activeElement;
  if (!(field instanceof HTMLInputElement) || !field.closest('[role="gridcell"]')) return {};
  const caret = mode === "moving" ? undefined : (field.selectionStart ?? undefined);
  return { summons: summons + 1, caret };
}

/** Where the hands are after one's own act or its undo took away where they were: the grid is never without a cell in hand. */
function stillThere(document: Investigation, hands: GridState): Partial<GridState> | undefined {
  const { rows, columns } = gridView(document, hands);
  const size = { rows: Math.min(rows.length, limits.rows - 1), columns: columns.length };
  const [active, corner] = [inside(hands.active, size), inside(hands.corner, size)];
  if (same(active, hands.active) && same(corner, hands.corner)) return undefined;
  return { active, corner, mode: "moving", session: "", ...keyboardIn(hands) };
}

/** Keeps the hands at their reading when others put in, move or take out rows and columns, and in the table when one's own act does; returns how to stop. */
export function followHands(store: InvestigationStore, grid: GridStore): () => void {
  return store.subscribe((state, earlier) => {
    if (state.document === earlier.document) return;
    const hands = grid.getState();
    if (state.heard === earlier.heard) {
      const left = stillThere(state.document, hands);
      if (left) grid.setState(left);
      return;
    }
    const [before, after] = [gridView(earlier.document, hands), gridView(state.document, hands)];
    const active = followed(hands.active, before, after);
    const corner = followed(hands.corner, before, after);
    if (same(active, hands.active) && same(corner, hands.corner)) return;
    grid.setState({ active, corner, ...keyboardIn(hands) });
  });
} // prettier-ignore
