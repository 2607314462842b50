import { act } from "./act";

/** Gives a table another name. */
export const nameTable = act<{ table: string; name: string }>("name-table", (draft, args) => {
  const table = draft.tables[args.table];
  if (table) table.name = args.name;
});
