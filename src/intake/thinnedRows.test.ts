import { incomingSentence } from "@/wording/filing";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { cellsFromText } from "./cells";
import { incomingTable, proposedReading } from "./incoming";
import { thinnedRows } from "./thinnedRows";

const style = { mark: "point", spread: "half-range" } as const;
const rows = [["0.0", "1.2"], ["0.1", "1.4"], ["0.2", "1.3"], ["0.3", "2.0"], ["0.4", "-2.4"]]; // prettier-ignore

test("every k-th row, so many that they find room", () => {
  expect(thinnedRows(rows, 2, "every", style)).toEqual([["0.0", "1.2"], ["0.3", "2.0"]]); // prettier-ignore
  expect(thinnedRows(rows, 5, "every", style)).toEqual(rows);
});

test("means over k rows with their scatter as ±", () => {
  expect(thinnedRows(rows, 2, "means", style)).toEqual([
    ["0.10 ± 0.10", "1.30 ± 0.10"],
    ["0.35 ± 0.05", "-0.20 ± 2.20"],
  ]);
  const comma = { mark: "comma", spread: "sample-standard-deviation" } as const;
  expect(thinnedRows([["1,0"], ["3,0"], ["word"]], 1, "means", comma)).toEqual([["2,00 ± 1,41"]]);
});

test("a file of 50 000 rows is told from its size, and comes in shorter where that is wished", () => {
  const text = Array.from({ length: 50_000 }, (_, i) => `${i / 10},${i % 7}`).join("\n");
  const cells = cellsFromText(`t / s,U / V\n${text}`);
  const reading = proposedReading(cells);
  let next = 0;
  const read = (thinning?: "every" | "means") =>
    incomingTable(
      cells,
      { ...reading, ...(thinning && { thinning }) },
      "log",
      emptyInvestigation(),
      () => `n${next++}`,
    );
  expect(read()).toEqual({ kind: "too-many-rows", rows: 50_000, most: 20_000 });
  const every = read("every");
  if (every.kind !== "table") throw new Error(every.kind);
  expect(every.table.rows).toHaveLength(16_667);
  expect(incomingSentence(every)).toContain("Every 3rd row of the file.");
  expect(Object.values(every.table.rows[1]!.row.readings)).toEqual(["0.3", "3"]);
  const means = read("means");
  if (means.kind !== "table") throw new Error(means.kind);
  expect(Object.values(means.table.rows[0]!.row.readings)).toEqual(["0.10 ± 0.10", "1.0 ± 1.0"]);
});
