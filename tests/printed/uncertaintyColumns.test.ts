import { readBlock } from "@/intake/block";
import { cellsFromText } from "@/intake/cells";
import { incomingTable, proposedReading } from "@/intake/incoming";
import { planPaste } from "@/intake/pastePlan";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { bringInTable } from "@/investigation/acts/bringInTable";
import { foldUncertainty } from "@/investigation/acts/foldUncertainty";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { renameSymbol } from "@/investigation/acts/renameSymbol";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { unfoldUncertainty } from "@/investigation/acts/unfoldUncertainty";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { plainBlock } from "@/investigation/model/writeUp";
import { canFold, canUnfold } from "@/pipeline/readings/foldedUncertainty";
import { printedTable } from "../fixtures/printed";

const typed = [
  "flow Q / mL s⁻¹\t±Q\thead h / cm\t±h",
  "12.4\t0.2\t5.0\t0.1",
  "17.6\t0.3\t10.0\t0.1",
  "21.4\t0.3\t15.0\t0.2",
].join("\n");

let next = 0;
const newId = () => `n${next++}`;

function pasted(text: string): Investigation {
  const target = { table: "main", rows: [], cells: ["x", "y"], row: 0, column: 0 };
  const outcome = planPaste(emptyInvestigation(), readBlock(cellsFromText(text)), target, newId);
  if (outcome.kind !== "plan") throw new Error(outcome.kind);
  const { plan } = outcome;
  return perform(emptyInvestigation(), pasteBlock, { ...plan, rows: plan.written(0, plan.rows) })
    .document;
}

function broughtIn(text: string): Investigation {
  const cells = cellsFromText(text);
  const document = emptyInvestigation();
  const found = incomingTable(cells, proposedReading(cells), "flow", document, newId);
  if (found.kind !== "table") throw new Error(found.kind);
  return perform(document, bringInTable, { table: found.table, instead: "main" }).document;
}

const symbols = ({ quantities }: Investigation) => inOrder(quantities).map(([, one]) => one.symbol);
const axes = ({ quantities, figures }: Investigation) => {
  const [figure] = Object.values(figures);
  return [figure?.x, figure?.y].map((id) => quantities[id ?? ""]?.symbol);
};
const idOf = ({ quantities }: Investigation, symbol: string) =>
  Object.keys(quantities).find((id) => quantities[id]?.symbol === symbol)!;
const printedOf = (document: Investigation) =>
  printedTable(
    perform(document, addBlocks, {
      blocks: [{ id: "t", block: { ...plainBlock("", "readings", "main") } }],
      before: null,
    }).document,
  );
const partsOf = (document: Investigation, symbol: string) => {
  const { quantities, rows } = tableOf(evaluateTables(document));
  return [quantities.find(({ quantity }) => quantity.symbol === symbol)!, rows] as const;
};

test.each([
  ["pasted", pasted],
  ["brought in", broughtIn],
])("of four %s columns with a ± each, what was measured is plotted", (_, make) => {
  const document = make(typed);
  expect(symbols(document)).toEqual(["Q", "ΔQ", "h", "Δh"]);
  expect(axes(document)).toEqual(["Q", "h"]);
  const names = inOrder(document.quantities).map(([, { name, unit }]) => `${name} / ${unit}`);
  expect(names[1]).toBe("± of flow / mL s⁻¹");
});

test("a column declared to hold a ± is named after its quantity, follows its symbol, and leaves the axes", () => {
  const plain = pasted("Q / mL s⁻¹\te\th / cm\n12.4\t0.2\t5.0\n17.6\t0.3\t10.0");
  expect(axes(plain)).toEqual(["Q", "e"]);
  const uncertainty = { kind: "column", column: idOf(plain, "e") } as const;
  const quantity = idOf(plain, "Q");
  const declared = perform(plain, setUncertainty, { quantity, uncertainty }).document;
  expect([symbols(declared), axes(declared)]).toEqual([
    ["Q", "ΔQ", "h"],
    ["Q", "h"],
  ]);
  const renamed = perform(declared, renameSymbol, { quantity, symbol: "R", from: "Q" }).document;
  expect(symbols(renamed)).toEqual(["R", "ΔR", "h"]);
});

test("the ± of a column goes behind each reading, and back, and the printed values stay", () => {
  const document = pasted(typed);
  expect(canFold(...partsOf(document, "h"))).toBe(true);
  const folded = perform(document, foldUncertainty, { quantity: idOf(document, "h") }).document;
  expect(symbols(folded)).toEqual(["Q", "ΔQ", "h"]);
  expect(inOrder(folded.rows)[2]![1].readings[idOf(folded, "h")]).toBe("15.0 ± 0.2");
  expect(canUnfold(...partsOf(folded, "h"))).toBe(true);
  const given = { quantity: idOf(folded, "h"), id: "back" };
  const back = perform(folded, unfoldUncertainty, given).document;
  expect(symbols(back)).toEqual(["Q", "ΔQ", "h", "Δh"]);
  expect(printedOf(back)).toEqual(printedOf(document));
});

test("a ± that stands with its quantity is not printed once more as a column", () => {
  const { heads, rows } = printedOf(pasted(typed));
  expect(heads.at(-1)!.map((head) => head.replace(/ ±.*/, ""))).toEqual(["Q / mL s⁻¹", "h / cm"]);
  expect(rows[2]).toEqual(["21.4 ± 0.3", "15.0 ± 0.2"]);
});
