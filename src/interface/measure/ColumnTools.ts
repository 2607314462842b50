import { nanoid } from "nanoid";
import type { Block } from "@/intake/block";
import { freeSymbol, proposedSymbol } from "@/intake/freeSymbol";
import type { PastePlan } from "@/intake/pastePlan";
import { duplicateQuantity } from "@/investigation/acts/duplicateQuantity";
import { gatherRepeats } from "@/investigation/acts/gatherRepeats";
import { keepAsRemarks } from "@/investigation/acts/keepAsRemarks";
import { partRepeats } from "@/investigation/acts/partRepeats";
import { removeQuantity } from "@/investigation/acts/removeQuantity";
import { seriesByColumn } from "@/investigation/acts/seriesByColumn";
import type { Investigation } from "@/investigation/model/investigation";
import { cellPlace } from "@/investigation/model/row";
import { isDerived } from "@/pipeline/table/gridColumns";
import { type EvaluatedQuantity, isRemarks } from "@/pipeline/readings/evaluated";
import { usesOf } from "@/pipeline/readings/uses";
import { removalSentence } from "@/wording/removing";
import { recurringWords, wordsOnly } from "@/pipeline/readings/recurringWords";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { doAct, type InvestigationStore, undo } from "../store/investigationStore";
import { type GridStore, rangeOf } from "./gridState";
import { gridView } from "./gridView";

/** Longer blocks keep the columns that they have; repeats are made of them on request. */
const mostRows = 2000;

/** What hands do with columns: repeats made of several, and the other way round. */
export class ColumnTools {
  constructor(
    private readonly store: InvestigationStore,
    private readonly grid: GridStore,
  ) {}

  private get document(): Investigation {
    return this.store.getState().document;
  }

  private symbolsBut(ids: readonly string[]): Set<string> {
    const { quantities, constants } = this.document;
    const others = Object.entries(quantities).filter(([id]) => !ids.includes(id));
    return new Set([
      ...others.map(([, { symbol }]) => symbol),
      ...Object.values(constants).map(({ symbol }) => symbol),
    ]);
  }

  /** The quantities of the selected columns; empty where one of them is worked out, or there is only one. */
  selected(): readonly string[] {
    const { left, right } = rangeOf(this.grid.getState());
    const columns = gridView(this.document, this.grid.getState()).columns.slice(left, right + 1);
    const ids = [...new Set(columns.map(({ evaluated }) => evaluated.id))];
    return ids.length < 2 || columns.some(isDerived) ? [] : ids;
  }

  /** Makes repeats of the selected columns: of the first one's quantity. */
  gatherSelected(): void {
    const quantities = this.selected();
    if (quantities.length > 1) doAct(this.store, gatherRepeats, { quantities });
  }

  /** Makes repeats of pasted columns whose headings say so; how many columns became which quantities. */
  gatherPasted(block: Block, plan: PastePlan): readonly string[] {
    if (plan.rows > mostRows) return [];
    const described = new Set(plan.headings.map(({ quantity }) => quantity));
    const gathered = (block.repeated ?? []).flatMap(({ from, to, heading }) => {
      const cells = plan.cells.slice(from, to).map((cell) => cellPlace(cell ?? ""));
      const quantities = cells.map(({ quantity }) => quantity);
      const fresh = cells.every(({ quantity, repeat }) => repeat === 1 && described.has(quantity));
      if (!fresh || new Set(quantities).size < 2) return [];
      const taken = this.symbolsBut(quantities);
      const symbol = freeSymbol(heading.symbol || proposedSymbol(heading.name), taken);
      doAct(this.store, gatherRepeats, { quantities, name: heading.name, symbol });
      return quantities.slice(0, 1);
    });
    this.grid.setState({ gathered });
    return gathered;
  }

  /** Makes series of the words of a pasted column that come again. */
  seriesOfPasted(plan: PastePlan): void {
    const tables = evaluateTables(this.document);
    const { quantities, rows } = tableOf(tables, plan.table);
    const pasted = new Set(plan.cells.map((cell) => cellPlace(cell ?? "").quantity));
    const fresh = plan.rows <= mostRows && rows.every(({ row }) => row.series === undefined);
    const found = quantities
      .filter(({ id }) => fresh && pasted.has(id))
      .flatMap((one) => {
        const words = recurringWords(one, rows);
        return words ? [{ id: one.id, words }] : [];
      })[0];
    this.grid.setState({ worded: found?.words.length ?? 0 });
    if (found) this.seriesBy(found.id, found.words);
    if (plan.rows <= mostRows) this.remarksOf(plan.table, pasted);
  }

  /** Takes columns of a table that hold words alone as remarks. */
  private remarksOf(table: string, among: ReadonlySet<string>): void {
    const { quantities, rows } = tableOf(evaluateTables(this.document), table);
    const remarked = quantities
      .filter((one) => among.has(one.id) && !isRemarks(one) && wordsOnly(one, rows))
      .map(({ id }) => id);
    for (const id of remarked) this.remarks(id, "kept");
    this.grid.setState({ remarked });
  }

  /** Takes a column as words about the rows, or as numbers again. */
  remarks(quantity: string, remarks: "kept" | "reported" | "numbers"): void {
    doAct(this.store, keepAsRemarks, { quantity, remarks });
  }

  /** Takes back what was made of pasted words: they stay a column. */
  leaveWords(): void {
    if (this.store.getState().undoStack.done.at(-1)?.change.act === seriesByColumn.name) {
      undo(this.store);
    }
    this.grid.setState({ worded: 0 });
    const { table } = gridView(this.document, this.grid.getState());
    this.remarksOf(table.id, new Set(table.quantities.map(({ id }) => id)));
  }

  /** Puts the rows into series by the words of a column. */
  seriesBy(quantity: string, words: readonly string[]): void {
    const series = words.map((word) => ({ id: nanoid(10), word }));
    doAct(this.store, seriesByColumn, { quantity, series });
  }

  /** Puts a copy of a quantity beside it; the id of the copy. */
  duplicate(quantity: string): string {
    const copy = nanoid(10);
    const { symbol = "" } = this.document.quantities[quantity] ?? {};
    const free = freeSymbol(symbol, this.symbolsBut([]));
    doAct(this.store, duplicateQuantity, { quantity, id: copy, symbol: free });
    return copy;
  }

  /** Takes a quantity away, and says what it leaves without it; the hands go to the column before it. */
  remove({ id, quantity }: EvaluatedQuantity): void {
    const { columns } = gridView(this.document, this.grid.getState());
    const column = columns.findIndex((one) => one.evaluated.id === id);
    const uses = usesOf(this.document, id);
    if (!doAct(this.store, removeQuantity, { quantity: id })) return;
    this.store.setState({ notice: removalSentence(quantity, uses) });
    const place = { row: 0, column: Math.max(0, column - 1) };
    this.grid.setState(({ summons }) => ({ active: place, corner: place, mode: "moving", session: "", summons: summons + 1 }));
  } // prettier-ignore

  /** Makes a column of its own of each repeat. */
  part(quantity: string): void {
    const whole = this.document.quantities[quantity];
    if (!whole) return;
    const taken = this.symbolsBut([]);
    const columns = Array.from({ length: whole.repeats - 1 }, () => {
      const symbol = freeSymbol(whole.symbol, taken);
      taken.add(symbol);
      return { id: nanoid(10), symbol };
    });
    doAct(this.store, partRepeats, { quantity, columns });
    this.grid.setState(({ gathered }) => ({ gathered: gathered.filter((id) => id !== quantity) }));
  }
}
