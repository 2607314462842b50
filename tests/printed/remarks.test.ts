import { cellsFromText } from "@/intake/cells";
import { incomingTable, proposedReading } from "@/intake/incoming";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { bringInTable } from "@/investigation/acts/bringInTable";
import { keepAsRemarks } from "@/investigation/acts/keepAsRemarks";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { plainBlock } from "@/investigation/model/writeUp";
import { tableCsv } from "@/output/tableCsv";
import { checkTables } from "@/pipeline/checks/checkReadings";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { printedTable } from "../fixtures/printed";

let next = 0;
const newId = () => `r${next++}`;

function broughtIn(text: string): Investigation {
  const cells = cellsFromText(text);
  const document = emptyInvestigation();
  const found = incomingTable(cells, proposedReading(cells), "rule", document, newId);
  if (found.kind !== "table") throw new Error(found.kind);
  return perform(document, bringInTable, { table: found.table, instead: "main" }).document;
}

const read = broughtIn(
  "overhang L / m,note,period T / s\n0.20,calm,0.31\n0.30,a door fell shut,0.55\n0.40,1 swing fewer,0.85",
);
const note = inOrder(read.quantities)[1]![0];
const [block] = [{ id: "t", block: plainBlock("", "readings", "") }];

const readingsOf = (document: Investigation) => {
  const [table] = Object.keys(document.tables);
  const blocks = [{ ...block, block: { ...block.block, of: table! } }];
  return printedTable(perform(document, addBlocks, { blocks, before: null }).document);
};

test("remarks stand in no figure, bring no pencil mark, and are printed only on request, as they were typed", () => {
  const [figure] = Object.values(read.figures);
  const plotted = [figure?.x, figure?.y].map((id) => read.quantities[id ?? ""]?.symbol);
  expect(plotted).toEqual(["L", "T"]);
  const marks = checkTables(tableOf(evaluateTables(read)), read.houseRules);
  expect(marks.filter(({ quantity }) => quantity === note)).toEqual([]);
  expect(readingsOf(read).rows[2]).toEqual(["0.40", "0.85"]);
  const stated = perform(read, keepAsRemarks, { quantity: note, remarks: "reported" }).document;
  expect(readingsOf(stated).rows[2]).toEqual(["0.40", "1 swing fewer", "0.85"]);
  expect(readingsOf(stated).heads[0]).toEqual(["L / m", "note", "T / s"]);
});

test("a table with remarks comes back from its own file as it was", () => {
  const table = tableOf(evaluateTables(read));
  const back = broughtIn(tableCsv(table, read.houseRules));
  const said = ({ quantities, rows }: Investigation) =>
    inOrder(rows).map(([, { readings }]) =>
      inOrder(quantities).map(([id, { symbol, remarks }]) => [symbol, remarks, readings[id]]),
    );
  expect(said(back)).toEqual(said(read));
});

test("a column taken as numbers again is read as numbers", () => {
  const back = perform(read, keepAsRemarks, { quantity: note, remarks: "numbers" }).document;
  const marks = checkTables(tableOf(evaluateTables(back)), back.houseRules);
  expect(marks.some(({ quantity }) => quantity === note)).toBe(true);
});
