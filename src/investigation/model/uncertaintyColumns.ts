import { isCompound } from "@/core/unit/symbolText";
import { renameInFormulas } from "./formulas";
import type { Investigation } from "./investigation";
import { inOrder } from "./order";
import type { Quantity } from "./quantity";

type Quantities = Investigation["quantities"];

/** Which quantities hold the ± of another one, each with the one that it belongs to. */
export function ownersOfUncertainty(quantities: Quantities): ReadonlyMap<string, string> {
  return new Map(
    Object.entries(quantities).flatMap(([id, { uncertainty }]) =>
      uncertainty.kind === "column" && quantities[uncertainty.column]
        ? [[uncertainty.column, id] as const]
        : [],
    ),
  );
}

/** The symbol of a column after the quantity whose ± it holds: ΔQ, Δ(1/T). */
export function symbolOfUncertainty(owner: string): string {
  return isCompound(owner) ? `Δ(${owner})` : `Δ${owner}`;
}

/** The name of a column after the quantity whose ± it holds. */
export const nameOfUncertainty = (owner: Pick<Quantity, "name" | "symbol">): string =>
  `± of ${owner.name || owner.symbol}`;

/** Names a column after the quantity whose ± it holds, where it has no words of its own. */
export function nameUncertaintyColumn(draft: Investigation, id: string): void {
  const ownerId = ownersOfUncertainty(draft.quantities).get(id);
  const [owner, column] = [draft.quantities[ownerId ?? ""], draft.quantities[id]];
  if (!owner || !column || column.name !== "") return;
  const symbol = symbolOfUncertainty(owner.symbol);
  const taken = Object.values(draft.quantities).some((one) => one.symbol === symbol);
  column.name = nameOfUncertainty(owner);
  if (taken || isCompound(owner.symbol)) return;
  renameInFormulas(draft, column.symbol, symbol, column.table);
  column.symbol = symbol;
}

/** No column of ± stays on an axis to which nobody put it: the next quantity of its table takes the place. */
export function clearAxesOfUncertainty(draft: Investigation): void {
  const owners = ownersOfUncertainty(draft.quantities);
  const free = (table: string | undefined, taken: string | null) =>
    inOrder(draft.quantities).find(
      ([id, one]) => one.table === table && id !== taken && !owners.has(id) && !one.remarks,
    )?.[0];
  for (const figure of Object.values(draft.figures)) {
    for (const axis of ["x", "y"] as const) {
      const id = figure[axis];
      if (id === null || !owners.has(id)) continue;
      const other = figure[axis === "x" ? "y" : "x"];
      const next = free(draft.quantities[id]?.table, other);
      if (next) figure[axis] = next;
    }
    for (const id of Object.keys(figure.also)) if (owners.has(id)) delete figure.also[id];
  }
}
