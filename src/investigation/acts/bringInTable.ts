import type { Series } from "../model/investigation";
import { ordersAtEnd } from "../model/order";
import type { Quantity } from "../model/quantity";
import type { Row } from "../model/row";
import { ownersOfUncertainty } from "../model/uncertaintyColumns";
import { act } from "./act";

/** A table from a file, under fresh ids; its things are in their order. */
export interface IncomingTable {
  readonly id: string;
  readonly name: string;
  readonly quantities: readonly { id: string; quantity: Omit<Quantity, "order" | "table"> }[];
  readonly series: readonly { id: string; series: Omit<Series, "order" | "table"> }[];
  readonly rows: readonly { id: string; row: Omit<Row, "order" | "table"> }[];
}

/** Adds a table that came from a file, or puts it in the place of one that holds no readings (`instead`). */
export const bringInTable = act<{ table: IncomingTable; instead?: string }>(
  "bring-in-table",
  (draft, { table, instead }) => {
    const replaced = instead === undefined ? undefined : draft.tables[instead];
    const place = replaced && instead !== undefined ? instead : table.id;
    draft.tables[place] = {
      order: replaced?.order ?? (ordersAtEnd(draft.tables, 1)[0] as string),
      name: table.name,
    };
    for (const [id, quantity] of Object.entries(draft.quantities)) {
      if (replaced && quantity.table === place) delete draft.quantities[id];
    }
    const add = <Item>(
      record: Record<string, Item & { order: string; table: string }>,
      items: readonly { id: string; item: Item }[],
    ) => {
      const orders = ordersAtEnd(record, items.length);
      items.forEach(({ id, item }, index) => {
        record[id] = { ...item, order: orders[index] as string, table: place };
      });
    };
    add(
      draft.quantities,
      table.quantities.map(({ id, quantity }) => ({ id, item: quantity })),
    );
    add(
      draft.series,
      table.series.map(({ id, series }) => ({ id, item: series })),
    );
    add(
      draft.rows,
      table.rows.map(({ id, row }) => ({ id, item: row })),
    );
    const owners = ownersOfUncertainty(draft.quantities);
    const [x, y] = table.quantities.filter(
      ({ id, quantity }) => !owners.has(id) && !quantity.remarks,
    );
    for (const figure of Object.values(draft.figures)) {
      if (figure.x !== null && !draft.quantities[figure.x]) figure.x = x?.id ?? null;
      if (figure.y !== null && !draft.quantities[figure.y]) figure.y = y?.id ?? null;
    }
  },
);
