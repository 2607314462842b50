import { nanoid } from "nanoid";
import { freshRows, pasteBlock, type PastedRow } from "@/investigation/acts/pasteBlock";
import type { PastePlan } from "@/intake/pastePlan";
import { additionOf } from "@/investigation/history/addedRows";
import { type Change, perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { lastOrder, ordersBehind, withItems } from "@/investigation/model/order";
import type { Row } from "@/investigation/model/row";
import { evaluateRow } from "@/pipeline/readings/evaluatedRow";
import { measuringColumn } from "@/pipeline/readings/measured";
import type { Steps } from "@/pipeline/readings/steps";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { fitLater } from "../store/fitLater";
import { type Done, doInParts } from "../store/doInParts";
import type { InvestigationStore } from "../store/investigationStore";

/** So many rows are one edit. */
const rowsOfAnEdit = 2048;
/** So many rows are made and read before the page may have its turn. */
const rowsOfAStep = 256;

/** Fresh ids that are begun by chance and then counted: thousands of them cost no chance. */
export function manyIds(): () => string {
  const start = nanoid(10);
  let count = 0;
  return () => (count++ === 0 ? start : `${start}${count.toString(36)}`);
}

/** Works out what will be in sight first: the columns of the first look, and its line. */
function* readAhead(document: Investigation, tableId: string): Steps<void> {
  const tables = evaluateTables(document);
  const { rows, quantities } = tableOf(tables, tableId);
  yield;
  const [first, second] = quantities;
  if (!first || !second) return;
  yield* measuringColumn(rows, first);
  yield* measuringColumn(rows, second);
  fitLater.here()?.fitFigure(tables, { x: first.id, y: second.id }, document.houseRules);
}

function* inParts(rows: readonly PastedRow[], most: number): Generator<readonly PastedRow[]> {
  for (let from = 0; from < rows.length; from += most) yield rows.slice(from, from + most);
}

/** The rows that come into being, read as they are made. */
function* rowsAdded(
  document: Investigation,
  plan: PastePlan,
  series: string | undefined,
  fresh: readonly PastedRow[],
): Steps<Done> {
  const { table, cells } = plan;
  const all: (readonly [string, Row])[] = [];
  let last = lastOrder(document.rows);
  for (const rows of inParts(fresh, rowsOfAStep)) {
    const orders = ordersBehind(last, rows.length);
    last = orders.at(-1) ?? last;
    for (const [id, row] of freshRows({ table, cells, series, rows }, orders)) {
      evaluateRow(id, row, document.houseRules.decimalMark);
      all.push([id, row]);
    }
    yield;
  }
  const changes: Change[] = [];
  for (let from = 0; from < all.length; from += rowsOfAnEdit) {
    changes.push(additionOf(pasteBlock.name, all.slice(from, from + rowsOfAnEdit)));
  }
  yield;
  const rows = withItems(document.rows, all);
  return { document: Object.freeze({ ...document, rows }), changes };
}

/** What pasting does, step by step: the head and the rows that stand already first, then those that come into being. */
export function* pasted(
  from: Investigation,
  plan: PastePlan,
  series: string | undefined,
): Steps<Done> {
  const { table, newQuantities, headings, cells } = plan;
  const rows = plan.written(0, plan.rows);
  const isOld = ({ row }: PastedRow) => from.rows[row] !== undefined;
  const changes: Change[] = [];
  let document = from;
  const write = (
    part: readonly PastedRow[],
    head: Pick<PastePlan, "newQuantities" | "headings">,
  ) => {
    const done = perform(document, pasteBlock, { table, series, cells, ...head, rows: part });
    document = done.document;
    if (done.change.patches.length > 0) changes.push(done.change);
  };
  write([], { newQuantities, headings });
  yield;
  for (const part of inParts(rows.filter(isOld), rowsOfAnEdit)) {
    write(part, { newQuantities: [], headings: [] });
    yield;
  }
  const fresh = rows.filter((row) => !isOld(row));
  if (fresh.length > 0) {
    const added = yield* rowsAdded(document, plan, series, fresh);
    document = added.document;
    changes.push(...added.changes);
  }
  yield;
  yield* readAhead(document, table);
  return { document, changes };
}

/**
 * Pastes a block, a long one in parts, so that the page never stands still; one step of undo. What is pasted is read
 * beside what is shown, so that the whole appears at once in the end.
 */
export function pasteInParts(
  store: InvestigationStore,
  plan: PastePlan,
  series: string | undefined,
): Promise<void> {
  return doInParts(store, (document) => pasted(document, plan, series));
}
