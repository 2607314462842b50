import { createStore, type StoreApi } from "zustand/vanilla";

/** A cell by its place in the table, counted from 0; the row behind the last is the one that waits. */
export interface CellPlace {
  readonly row: number;
  readonly column: number;
}

/**
 * Where the hands are. `moving`: keys move and typing replaces; `typing`: a text is being entered, arrows
 * still move on; `editing`: arrows move inside the text.
 */
export interface GridState {
  /** The table in hand; the first where it is not there (any more). */
  readonly table: string | undefined;
  /** Only the rows of this series are shown; all where there is none. */
  readonly series: string | undefined;
  readonly active: CellPlace;
  /** The other corner of the range; the active cell itself when one cell is selected. */
  readonly corner: CellPlace;
  readonly mode: "moving" | "typing" | "editing";
  /** Joins the keys pressed in one cell to one step of undo. */
  readonly session: string;
  /** Counts up each time the active cell is to take the keyboard. */
  readonly summons: number;
  /** Where the caret is to stand in a text that is being entered, once the cell has the keyboard again. */
  readonly caret: number | undefined;
  /** The find line is open and has the keyboard. */
  readonly finding: boolean;
  /** The row in hand stands alone in large type. */
  readonly big: boolean;
  /** Quantities whose columns were just taken as repeats because of their headings. */
  readonly gathered: readonly string[];
  /** How many series were just made of pasted words; 0 for none. */
  readonly worded: number;
  /** Columns of words that were just taken as remarks. */
  readonly remarked: readonly string[];
}

export type GridStore = StoreApi<GridState>;

export const firstCell: CellPlace = { row: 0, column: 0 };

export function createGridStore(table?: string): GridStore {
  return createStore<GridState>()(() => ({
    table,
    series: undefined,
    active: firstCell,
    corner: firstCell,
    mode: "moving",
    session: "",
    summons: 0,
    caret: undefined,
    finding: false,
    big: false,
    gathered: [],
    worded: 0,
    remarked: [],
  }));
}

/** The size of the table without the waiting row. */
export interface GridSize {
  readonly rows: number;
  readonly columns: number;
}

/** Keeps a place inside the table and its waiting row. */
export function inside({ row, column }: CellPlace, { rows, columns }: GridSize): CellPlace {
  return {
    row: Math.min(rows, Math.max(0, row)),
    column: Math.min(Math.max(0, columns - 1), Math.max(0, column)),
  };
}

/** The cell that Tab leads to: across, and at the row's end on to the next row. Undefined behind the last cell. */
export function nextCell(place: CellPlace, size: GridSize, step: 1 | -1): CellPlace | undefined {
  const at = place.row * size.columns + place.column + step;
  if (at < 0 || at >= (size.rows + 1) * size.columns) return undefined;
  return { row: Math.floor(at / size.columns), column: at % size.columns };
}

/** The corners of the selected range, in order. */
export function rangeOf({ active, corner }: Pick<GridState, "active" | "corner">) {
  return {
    top: Math.min(active.row, corner.row),
    bottom: Math.max(active.row, corner.row),
    left: Math.min(active.column, corner.column),
    right: Math.max(active.column, corner.column),
  };
}
