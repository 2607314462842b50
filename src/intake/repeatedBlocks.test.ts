import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { cellsFromText } from "./cells";
import { incomingTable, proposedReading } from "./incoming";

let made = 0;
const newId = () => `id${made++}`;

/** Series with how many rows each has, and the columns, as a text would come in. */
function broughtIn(text: string) {
  const cells = cellsFromText(text);
  const found = incomingTable(cells, proposedReading(cells), "", emptyInvestigation(), newId);
  if (found.kind !== "table") throw new Error(found.kind);
  const { quantities, series, rows } = found.table;
  return {
    columns: quantities.map(({ quantity }) => quantity.name || quantity.symbol),
    remarks: quantities.map(({ quantity }) => quantity.remarks),
    series: series.map(({ id, series: { name } }) => [
      name,
      rows.filter(({ row }) => row.series === id).length,
    ]),
    rows: rows.length,
  };
}

describe("a block of readings that repeats itself", () => {
  test("under a blank line, with its headings again or not", () => {
    const again = "L / m,T / s\n0.2,0.31\n0.3,0.55\n\nL / m,T / s\n0.2,0.42\n0.3,0.71\n0.4,1.1";
    const once = "L / m,T / s\n0.2,0.31\n0.3,0.55\n\n0.2,0.42\n0.3,0.71\n0.4,1.1";
    for (const text of [again, once]) {
      expect(broughtIn(text)).toMatchObject({
        columns: ["L", "T"],
        series: [
          ["series 1", 2],
          ["series 2", 3],
        ],
      });
    }
  });

  test("under a name each", () => {
    const text = "steel\nL / m,T / s\n0.2,0.31\n0.3,0.55\nbrass\nL / m,T / s\n0.2,0.42\n0.3,0.71";
    expect(broughtIn(text).series).toEqual([
      ["steel", 2],
      ["brass", 2],
    ]);
  });

  test("blank lines between single rows, and blocks of unlike width, stay one table", () => {
    expect(broughtIn("L / m,T / s\n0.2,0.31\n\n0.3,0.55\n\n0.4,0.71")).toMatchObject({
      series: [],
      rows: 3,
    });
    const unlike = "L / m,T / s\n0.2,0.31\n0.3,0.55\n\n1,2,3\n4,5,6";
    expect(broughtIn(unlike).series).toEqual([]);
  });
});

describe("a column of words that do not come again", () => {
  test("is remarks, not unreadable numbers", () => {
    const text = "L / m,T / s,note\n0.2,0.31,calm\n0.3,0.55,a door fell shut\n0.4,0.71,";
    expect(broughtIn(text).remarks).toEqual([undefined, undefined, "kept"]);
  });

  test("numbers with another decimal mark, and a few words among numbers, are none", () => {
    expect(broughtIn("L / m;T / s\n0,2;0.31\n0,3;0.55").remarks).toEqual([undefined, undefined]);
    const few = "L / m,T / s\n0.2,0.31\n0.3,missed\n0.4,0.71";
    expect(broughtIn(few).remarks).toEqual([undefined, undefined]);
  });
});
