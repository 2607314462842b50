import type { InvestigationStore } from "../store/investigationStore";
import type { CellPlace, GridState, GridStore } from "./gridState";
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

/** Keeps the hands at their reading when others put in, move or take out rows and columns; returns how to stop. */
export function followHands(store: InvestigationStore, grid: GridStore): () => void {
  return store.subscribe((state, earlier) => {
    if (state.heard === earlier.heard || state.document === earlier.document) return;
    const hands = grid.getState();
    const [before, after] = [gridView(earlier.document, hands), gridView(state.document, hands)];
    const active = followed(hands.active, before, after);
    const corner = followed(hands.corner, before, after);
    if (same(active, hands.active) && same(corner, hands.corner)) return;
    grid.setState({ active, corner, ...keyboardIn(hands) });
  });
} // prettier-ignore
