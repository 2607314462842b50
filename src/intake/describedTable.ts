import type { IncomingTable } from "@/investigation/acts/bringInTable";
import { nameOfUncertainty, symbolOfUncertainty } from "@/investigation/model/uncertaintyColumns";
import { freeSymbol } from "./freeSymbol";

/** A part of a heading that can be given before a table is brought in. */
export type HeadingPart = "name" | "symbol" | "unit";

/** Words given for columns, by place and part: "2/unit". */
export type GivenHeadings = Readonly<Record<string, string>>;

type Column = IncomingTable["quantities"][number];

/** What a column of ± is called after its owner, as far as it was not named otherwise. */
function following(column: Column, before: Column, after: Column): Column {
  const { name, symbol, unit } = column.quantity;
  const [old, now] = [before.quantity, after.quantity];
  return {
    ...column,
    quantity: {
      ...column.quantity,
      name: name === nameOfUncertainty(old) ? nameOfUncertainty(now) : name,
      symbol: symbol === symbolOfUncertainty(old.symbol) ? symbolOfUncertainty(now.symbol) : symbol,
      unit: unit === old.unit ? now.unit : unit,
    },
  };
}

/** A table with the names, symbols and units that were given for its columns; columns of ± follow what they belong to. */
export function describedTable(table: IncomingTable, given: GivenHeadings): IncomingTable {
  const described = ({ id, quantity }: Column, place: number): Column => {
    const part = (of: HeadingPart) => given[`${place}/${of}`] ?? quantity[of];
    const words = { name: part("name"), symbol: part("symbol"), unit: part("unit") };
    return { id, quantity: { ...quantity, ...words } };
  };
  const own = table.quantities.map(described);
  const quantities = table.quantities.map((column, place) => {
    const owner = table.quantities.findIndex(
      ({ quantity: { uncertainty } }) =>
        uncertainty.kind === "column" && uncertainty.column === column.id,
    );
    const [before, after] = [table.quantities[owner], own[owner]];
    return before && after
      ? described(following(column, before, after), place)
      : (own[place] as Column);
  });
  return { ...table, quantities };
}

/** The table with a symbol for each column that no other has: what was given, or proposed where that is nothing. */
export function withFreeSymbols(
  table: IncomingTable,
  proposed: IncomingTable,
  others: ReadonlySet<string>,
): IncomingTable {
  const taken = new Set(others);
  const quantities = table.quantities.map(({ id, quantity }, place) => {
    const wanted = quantity.symbol.trim() || proposed.quantities[place]?.quantity.symbol || "q";
    const symbol = freeSymbol(wanted, taken);
    taken.add(symbol);
    return { id, quantity: { ...quantity, symbol } };
  });
  return { ...table, quantities };
}
