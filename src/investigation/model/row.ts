import type { Reason } from "./reason";

/** One line of a table: the typed text of each reading, by cell key. */
export interface Row {
  order: string;
  table: string;
  series?: string;
  readings: Record<string, string>;
  /** How many repeats this row alone has of a quantity, by quantity id. */
  further?: Record<string, number>;
  /** Why a reading (by cell key) or the whole row (`wholeRow`) is set aside. */
  setAside?: Record<string, Reason>;
}

/** The key under which a whole row is set aside. */
export const wholeRow = "_row";

const divider = "~";

/** The key of a reading in its row: the quantity's id for the first repeat, with "~2" behind it for the second. */
export function cellKey(quantity: string, repeat = 1): string {
  return repeat === 1 ? quantity : `${quantity}${divider}${repeat}`;
}

/** Which quantity and which repeat of it a cell key names. */
export function cellPlace(key: string): { quantity: string; repeat: number } {
  const at = key.indexOf(divider);
  if (at < 0) return { quantity: key, repeat: 1 };
  return { quantity: key.slice(0, at), repeat: Number(key.slice(at + 1)) };
}

/** Whether a cell key names a second or further repeat. */
export function isFurtherRepeat(key: string): boolean {
  return key.includes(divider);
}

/** Why a reading takes no part: its own reason, else its row's; undefined when it does. */
export function reasonSetAside(row: Row, cell: string): Reason | undefined {
  return row.setAside?.[cell] ?? row.setAside?.[wholeRow];
}

/** The keys of the cells of a quantity in which something stands. */
export function cellsOfQuantity({ readings }: Pick<Row, "readings">, quantity: string): string[] {
  return Object.keys(readings).filter((cell) => cellPlace(cell).quantity === quantity);
}
