import { perform } from "@/investigation/history/edit";
import { gatherRepeats } from "@/investigation/acts/gatherRepeats";
import { partRepeats } from "@/investigation/acts/partRepeats";
import { setAside } from "@/investigation/acts/setAside";
import { readBlock } from "./block";
import { cellsFromText } from "./cells";
import { incomingTable, proposedReading, repeatedIn } from "./incoming";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { measured } from "@/pipeline/readings/measured";
import { sheet } from "../../tests/fixtures/sheet";

const repeatsIn = (text: string) =>
  (readBlock(cellsFromText(text)).repeated ?? []).map(
    ({ from, to, heading }) =>
      `${from}-${to - 1} ${heading.name}|${heading.symbol}|${heading.unit}`,
  );

test.each([
  ["d / cm\tN1\tN2\tN3\tN4\tN5\n1\t2\t3\t4\t5\t6", ["1-5 |N|"]],
  ["L / m\tt 1 / s\tt 2 / s\tt 3 / s\n1\t2\t3\t4", ["1-3 |t|s"]],
  ["load / g\trun 1\trun 2\n1\t2\t3", ["1-2 run||"]],
  ["L / m\tt / s\t\t\n\t1\t2\t3\n1\t2\t3\t4\n2\t3\t4\t5", ["1-3 |t|s"]],
  ["x1 / m\tx2 / m\n1\t2", []],
  ["t_10 / s\tL / m\n1\t2", []],
  ["T2 / s\tT4 / s\tT6 / s\n1\t2\t3", []],
])("%j has as repeats %j", (text, repeats) => {
  expect(repeatsIn(text)).toEqual(repeats);
});

test("a file with counted repeats comes in as one quantity, or as columns where that is wished", () => {
  const cells = cellsFromText("d / cm,run 1,run 2,run 3\n2.0,118,131,122\n4.0,60,71,66");
  const reading = proposedReading(cells);
  expect(repeatedIn(cells, reading)).toHaveLength(1);
  let next = 0;
  const broughtIn = (numbered: "repeats" | "apart") => {
    const read = { ...reading, numbered };
    const found = incomingTable(cells, read, "counts", emptyInvestigation(), () => `n${next++}`);
    if (found.kind !== "table") throw new Error(found.kind);
    return found.table.quantities.map(({ quantity }) => [quantity.name, quantity.repeats]);
  };
  expect(broughtIn("repeats")).toEqual([["", 1], ["run", 3]]); // prettier-ignore
  expect(broughtIn("apart")).toEqual([["", 1], ["run 1", 1], ["run 2", 1], ["run 3", 1]]); // prettier-ignore
});

test("columns are made repeats and columns again: mean, what is set aside, and readings follow", () => {
  const document = sheet({
    a: { readings: ["10", "20"] },
    b: { readings: ["12", "22"] },
    c: { readings: ["17", "24"] },
  });
  const [row] = Object.keys(document.rows);
  const aside = perform(document, setAside, {
    readings: [{ row: row!, cell: "c" }],
    reason: "too soon",
  }).document;
  const quantities = ["a", "b", "c"];
  const whole = perform(aside, gatherRepeats, { quantities, symbol: "N" }).document;
  const { quantities: left, rows } = tableOf(evaluateTables(whole));
  expect(left.map(({ quantity }) => [quantity.symbol, quantity.repeats])).toEqual([["N", 3]]);
  expect(rows.map((one) => measured(one, left[0]!)?.value)).toEqual([11, 22]);
  const besides = sheet({ a: { readings: ["1"] }, b: { readings: ["2"] }, c: { readings: ["3"] } });
  const [figure] = Object.values(besides.figures);
  const plotted = { ...besides, figures: { main: { ...figure!, x: "a", y: "b" } } };
  const pair = perform(plotted, gatherRepeats, { quantities: ["a", "b"] }).document.figures.main!;
  expect([pair.x, pair.y]).toEqual(["a", "c"]);
  const columns = [
    { id: "b", symbol: "b" },
    { id: "c", symbol: "c" },
  ];
  const back = perform(whole, partRepeats, { quantity: "a", columns }).document;
  const readings = (of: typeof document) => Object.values(of.rows).map((one) => one.readings);
  expect(readings(back)).toEqual(readings(aside));
  expect(back.rows[row!]!.setAside).toEqual({ c: "too soon" });
});
