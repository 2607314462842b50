import { readBlock } from "@/intake/block";
import { cellsFromText } from "@/intake/cells";
import { type PastePlan, planPaste } from "@/intake/pastePlan";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { applyChange, perform, reversed } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { atOnce } from "@/pipeline/readings/steps";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { pasted } from "./pasteInParts";

const long = Array.from({ length: 5000 }, (_, n) => `${n}.5\t${n % 7}`).join("\n");

function plan(document: Investigation, text: string, row: number): PastePlan {
  let next = 0;
  const outcome = planPaste(
    document,
    readBlock(cellsFromText(text)),
    {
      table: "main",
      row,
      column: 0,
      rows: inOrder(document.rows).map(([id]) => id),
      cells: ["overhang", "time"],
    },
    () => `new${next++}`,
  );
  if (outcome.kind !== "plan") throw new Error(outcome.kind);
  return outcome.plan;
}

function atOnceByAct(document: Investigation, text: string, row: number): Investigation {
  const { table, newQuantities, headings, cells, written, rows } = plan(document, text, row);
  const args = { table, newQuantities, headings, cells, rows: written(0, rows) };
  return perform(document, pasteBlock, args).document;
}

describe("a block pasted in parts", () => {
  test.each([
    ["over rows that stand, and on behind them", "0.1\t1\n0.2\t2\n0.3\t3", 5],
    ["behind all rows", "0.1\t1", 7],
    ["thousands of rows", long, 3],
    ["with empty cells", "0.1\t\n\t2", 6],
    ["with a further column", "1\t2\t3", 7],
  ])("%s: the same document as in one act", (_, text, row) => {
    const before = plainRule();
    const { document } = atOnce(pasted(before, plan(before, text, row), undefined));
    expect(document).toEqual(atOnceByAct(before, text, row));
    expect(inOrder({ ...document.rows }).map(([id]) => id)).toEqual(
      inOrder(document.rows).map(([id]) => id),
    );
  });

  test("its changes lead there from the same start, and back", () => {
    const before = plainRule();
    const { document, changes } = atOnce(pasted(before, plan(before, long, 3), undefined));
    const laid = (from: Investigation, patches: (typeof changes)[number]["patches"]) => {
      const application = applyChange(from, patches);
      if (!application.applied) throw new Error("does not fit");
      return application.document;
    };
    const there = changes.reduce((from, { patches }) => laid(from, patches), before);
    expect(there).toEqual(document);
    const back = [...changes]
      .reverse()
      .reduce((from, change) => laid(from, reversed(change, "undo").patches), there);
    expect(back).toEqual(before);
  });

  test("what was pasted can be read", () => {
    const before = plainRule();
    const { document } = atOnce(pasted(before, plan(before, long, 7), undefined));
    const { rows } = tableOf(evaluateTables(document), "main");
    expect(rows).toHaveLength(5007);
    expect(rows[5006]?.readings.overhang).toMatchObject({ number: { value: 4999.5, decimals: 1 } });
  });
});
