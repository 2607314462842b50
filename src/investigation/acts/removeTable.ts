import { act } from "./act";
import { withoutBlocksOf } from "./removeBlock";
import { forgetQuantity } from "./removeQuantity";

/** Removes a table with its quantities, rows and series; axes that showed them become empty. The last table stays. */
export const removeTable = act<{ table: string }>("remove-table", (draft, { table }) => {
  if (Object.keys(draft.tables).length < 2) return;
  delete draft.tables[table];
  withoutBlocksOf(draft, table);
  for (const [id, row] of Object.entries(draft.rows))
    if (row.table === table) delete draft.rows[id];
  for (const [id, series] of Object.entries(draft.series)) {
    if (series.table === table) delete draft.series[id];
  }
  for (const [id, quantity] of Object.entries(draft.quantities)) {
    if (quantity.table === table) forgetQuantity(draft, id);
  }
});
