import { remembered } from "@/remembered/remembered";
import { cellKey } from "@/investigation/model/row";
import type { EvaluatedQuantity, EvaluatedTable } from "./table";

/** Whether a quantity is worked out by a formula, so that nothing can be typed into it. */
export function isDerived({ evaluated }: Pick<GridColumn, "evaluated">): boolean {
  return evaluated.quantity.formula !== undefined;
}

/** One column of cells that hands move through: a quantity, or one of its repeats. */
export interface GridColumn {
  readonly evaluated: EvaluatedQuantity;
  readonly repeat: number;
  readonly cell: string;
  /** How many columns its quantity has. */
  readonly of: number;
}

function lastRepeats(table: EvaluatedTable): Map<string, number> {
  const last = new Map<string, number>();
  for (const { lastRepeat } of table.rows) {
    for (const id in lastRepeat) {
      last.set(id, Math.max(last.get(id) ?? 1, lastRepeat[id] as number));
    }
  }
  return last;
}

const columnsFor = remembered(
  (quantities: readonly EvaluatedQuantity[], counts: string): readonly GridColumn[] => {
    const numbers = counts.split(" ").map(Number);
    return quantities.flatMap((evaluated, place) => {
      const of = numbers[place] as number;
      return Array.from({ length: evaluated.quantity.hidden ? 0 : of }, (_, index) => ({
        evaluated,
        of,
        repeat: index + 1,
        cell: cellKey(evaluated.id, index + 1),
      }));
    });
  },
);

/** The columns of a table, left to right: every repeat of every quantity that is not hidden. The same as long as they are. */
export const gridColumns = remembered((table: EvaluatedTable): readonly GridColumn[] => {
  const last = lastRepeats(table);
  const counts = table.quantities.map(({ id, quantity }) =>
    Math.max(quantity.repeats, last.get(id) ?? 1),
  );
  return columnsFor(table.quantities, counts.join(" "));
});
