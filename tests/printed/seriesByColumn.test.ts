import { addBlocks } from "@/investigation/acts/addBlocks";
import { seriesByColumn } from "@/investigation/acts/seriesByColumn";
import { perform } from "@/investigation/history/edit";
import { plainBlock } from "@/investigation/model/writeUp";
import { recurringWords } from "@/pipeline/readings/recurringWords";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { printed } from "../fixtures/printed";
import { sheet } from "../fixtures/sheet";

const wires = sheet({
  w: { readings: ["thin", "thick", "thin ", "thick", ""] },
  l: { unit: "m", readings: ["0.2", "0.3", "0.4", "0.5", "0.6"] },
  R: { unit: "Ω", readings: ["2.1", "1.1", "4.0", "1.9", "9.9"] },
});

const wordsIn = (document: typeof wires, symbol: string) => {
  const { quantities, rows } = tableOf(evaluateTables(document));
  return recurringWords(
    quantities.find(({ quantity }) => quantity.symbol === symbol)!,
    rows,
  );
};

test("words that come again tell rows apart; numbers and words of their own do not", () => {
  expect(wordsIn(wires, "w")).toEqual(["thin", "thick"]);
  expect(wordsIn(wires, "l")).toBeUndefined();
  expect(wordsIn(sheet({ w: { readings: ["cold", "windy", "dry"] } }), "w")).toBeUndefined();
});

test("by a column of words the rows stand in series, together, under its words", () => {
  const series = ["thin", "thick"].map((word) => ({ id: word, word }));
  const document = perform(wires, seriesByColumn, { quantity: "w", series }).document;
  const [before] = Object.entries(wires.figures);
  const plotted = { ...wires, figures: { main: { ...before![1], x: "w", y: "l" } } };
  const [after] = Object.values(perform(plotted, seriesByColumn, { quantity: "w", series }).document.figures); // prettier-ignore
  expect([after!.x, after!.y]).toEqual(["l", "R"]);
  const blocks = [{ id: "t", block: plainBlock("", "readings", "main") }];
  const [table] = printed(perform(document, addBlocks, { blocks, before: null }).document).flatMap(
    (node) => (node.kind === "table" ? [node.table] : []),
  );
  const shown = table!.groups.map(({ name, rows }) => [
    name ?? "",
    ...rows.map((cells) =>
      cells.map(({ runs }) => runs.map(({ text }) => text).join("")).join(" "),
    ),
  ]);
  expect(shown).toEqual([
    ["thin", "0.2 2.1", "0.4 4.0"],
    ["thick", "0.3 1.1", "0.5 1.9"],
    ["no series", "0.6 9.9"],
  ]);
});
