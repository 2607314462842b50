import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { plainRule } from "../../tests/fixtures/plainRule";
import { cellsFromText, delimiterOf, unguarded } from "./cells";
import { describedTable, withFreeSymbols } from "./describedTable";
import { decodeText } from "./decodeText";
import { incomingTable, proposedReading } from "./incoming";
import { readInvestigationFile } from "./investigationFile";

let next = 0;
const newId = () => `n${next++}`;

function incoming(text: string, document = emptyInvestigation()) {
  const cells = cellsFromText(text);
  return incomingTable(cells, proposedReading(cells), "a file", document, newId);
}

function tableFrom(text: string, document = emptyInvestigation()) {
  const found = incoming(text, document);
  if (found.kind !== "table") throw new Error(found.kind);
  const { quantities, rows } = found.table;
  return {
    symbols: quantities.map(({ quantity }) => quantity.symbol),
    units: quantities.map(({ quantity }) => quantity.unit),
    repeats: quantities.map(({ quantity }) => quantity.repeats),
    uncertainties: quantities.map(({ quantity }) => quantity.uncertainty.kind),
    rows: rows.map(({ row }) => Object.values(row.readings)),
  };
}

describe("bytes of a file", () => {
  const utf8 = new TextEncoder();

  test("UTF-8 with Greek letters", () => {
    expect(decodeText(utf8.encode("λ / nm"))).toEqual({
      kind: "text",
      text: "λ / nm",
      encoding: "utf-8",
    });
  });

  test("UTF-16 by its byte-order mark", () => {
    const bytes = new Uint8Array([0xff, 0xfe, 0x4c, 0x00, 0x0a, 0x00]);
    expect(decodeText(bytes)).toMatchObject({ text: "L\n", encoding: "utf-16le" });
  });

  test("a western spreadsheet's umlaut", () => {
    const bytes = new Uint8Array([0x4c, 0xe4, 0x6e, 0x67, 0x65]);
    expect(decodeText(bytes)).toMatchObject({ text: "Länge", encoding: "windows-1252" });
  });

  test("told to be another encoding", () => {
    const bytes = new Uint8Array([0xc3, 0xa4]);
    expect(decodeText(bytes, "windows-1252")).toMatchObject({ text: "Ã¤" });
  });

  test("a picture is no text", () => {
    const bytes = Uint8Array.from({ length: 2000 }, (_, i) => (i * 31) % 256);
    expect(decodeText(bytes).kind).toBe("binary");
  });
});

describe("what parts the cells", () => {
  test.each([
    ["a\tb\n1\t2", "\t"],
    ["a;b\n1,5;2,5", ";"],
    ["a,b\n1,2", ","],
    ["a|b\n1|2", "|"],
    ["x\n0,20\n0,25", "\t"],
  ])("%j", (text, delimiter) => {
    expect(delimiterOf(text)).toBe(delimiter);
  });

  test("spaces in a row count once when they part", () => {
    expect(cellsFromText("1   2 3\n4 5   6", " ")).toEqual([
      ["1", "2", "3"],
      ["4", "5", "6"],
    ]);
  });

  test.each([
    ["'=1+1", "=1+1"],
    ["'-x", "-x"],
    ["'quoted", "'quoted"],
    ["''twice", "'twice"],
    ["-3.2", "-3.2"],
  ])("%s without its guard is %s", (cell, plain) => {
    expect(unguarded(cell)).toBe(plain);
  });
});

describe("a foreign table", () => {
  test("two lines of headings, decimal commas, repeats side by side", () => {
    const found = tableFrom("Länge L;Zeit t;Zeit t\nm;s;s\n0,20;3,1;3,2\n0,25;4,4;4,3");
    expect(found).toEqual({
      symbols: ["L", "t"],
      units: ["m", "s"],
      repeats: [1, 2],
      uncertainties: ["none", "none"],
      rows: [
        ["0.20", "3.1", "3.2"],
        ["0.25", "4.4", "4.3"],
      ],
    });
  });

  test("commas stay where the house writes commas", () => {
    const document = emptyInvestigation();
    document.houseRules.decimalMark = "comma";
    expect(tableFrom("x / m;y / s\n0,20;3,1", document).rows).toEqual([["0,20", "3,1"]]);
  });

  test("points become commas there", () => {
    const document = emptyInvestigation();
    document.houseRules.decimalMark = "comma";
    expect(tableFrom("x / m,y / s\n0.20,3.1", document).rows).toEqual([["0,20", "3,1"]]);
  });

  test("a column of ± is named after what it belongs to, and takes its unit", () => {
    const found = tableFrom("L / m,±,t / s\n0.2,0.01,3.1");
    expect(found.symbols).toEqual(["L", "ΔL", "t"]);
    expect(found.units).toEqual(["m", "m", "s"]);
    expect(found.uncertainties).toEqual(["column", "none", "none"]);
  });

  test("symbols that are taken, or are functions, get a subscript", () => {
    expect(tableFrom("L / m,ln\n1,2\n3,4", plainRule()).symbols).toEqual(["L_2", "l"]);
    expect(tableFrom("x / m,ln\n1,2\n3,4").symbols).toEqual(["x", "l"]);
    expect(tableFrom("a / m,b / m\n1,2").symbols).toEqual(["a", "b"]);
  });

  test("without headings the quantities are still there to be named", () => {
    const found = tableFrom("1.0,2\n3.0,4\n5.0,6");
    expect(found.symbols).toEqual(["x", "y"]);
    expect(found.rows).toHaveLength(3);
  });

  test.each([
    ["L / m,t / s", "empty"],
    [Array.from({ length: 80 }, () => "1").join(","), "too-many-columns"],
    [`1,${"9".repeat(250)}`, "too-long"],
  ])("%# is refused", (text, kind) => {
    const cells = cellsFromText(text);
    const reading = {
      headingLines: text.startsWith("L") ? 1 : 0,
      decimalMark: "point",
      numbered: "repeats",
      words: "series",
    } as const;
    expect(incomingTable(cells, reading, "", emptyInvestigation(), newId).kind).toBe(kind);
  });
});

describe("the file of a whole investigation", () => {
  const file = (change: object) =>
    readInvestigationFile(JSON.stringify({ format: "any", ...plainRule(), ...change }));

  test("comes back as it was", () => {
    expect(file({})).toEqual({ kind: "document", document: plainRule() });
  });

  test.each([
    [{ version: 99 }, "too-new"],
    [{ rows: [] }, "malformed"],
    [{ surplus: 1 }, "malformed"],
  ])("with %j it is refused", (change, kind) => {
    expect(file(change).kind).toBe(kind);
  });

  test.each([
    ["no json", "no-json"],
    ["[1, 2]", "other-json"],
    ['{"version": 2}', "other-json"],
    ["null", "other-json"],
  ])("%s is none", (text, kind) => {
    expect(readInvestigationFile(text).kind).toBe(kind);
  });
});

describe("what is given in the preview", () => {
  test("names, symbols and units; a symbol that another has gets a number", () => {
    const found = incoming("1.0,2\n3.0,4");
    if (found.kind !== "table") throw new Error(found.kind);
    const given = { "0/symbol": "h", "0/unit": "cm", "1/name": "flow", "1/symbol": "h" };
    const table = withFreeSymbols(describedTable(found.table, given), found.table, new Set(["g"]));
    const words = table.quantities.map(({ quantity: { name, symbol, unit } }) => [
      name,
      symbol,
      unit,
    ]);
    expect(words).toEqual([["", "h", "cm"], ["flow", "h_2", ""]]); // prettier-ignore
    const sized = incoming("d / cm,±d\n1.0,0.1\n3.0,0.1");
    if (sized.kind !== "table") throw new Error(sized.kind);
    const followed = describedTable(sized.table, { "0/unit": "mm", "0/symbol": "h" })
      .quantities[1]!;
    expect(followed.quantity).toMatchObject({ symbol: "Δh", unit: "mm", name: "± of h" });
    const emptied = describedTable(found.table, { "1/symbol": " " });
    const kept = withFreeSymbols(emptied, found.table, new Set());
    expect(kept.quantities[1]!.quantity.symbol).toBe("y");
  });
});

describe("a column of words", () => {
  const text =
    "wire,l / m,R / ohm,remark\nthin,0.2,2.1,first\nthick,0.3,1.1,second\nthin,0.4,4.0,third";
  const broughtIn = (words: "series" | "column") => {
    const cells = cellsFromText(text);
    const reading = { ...proposedReading(cells), words };
    const found = incomingTable(cells, reading, "wires", emptyInvestigation(), newId);
    if (found.kind !== "table") throw new Error(found.kind);
    return found.table;
  };

  test("whose words come again makes series, the rows of each together", () => {
    const { quantities, series, rows } = broughtIn("series");
    expect(quantities.map(({ quantity }) => quantity.name || quantity.symbol)).toEqual(["l", "R", "remark"]); // prettier-ignore
    expect(series.map((one) => one.series.name)).toEqual(["thin", "thick"]);
    const [thin, thick] = series.map(({ id }) => id);
    expect(rows.map(({ row }) => row.series)).toEqual([thin, thin, thick]);
    expect(rows.map(({ row }) => Object.values(row.readings)[0])).toEqual(["0.2", "0.4", "0.3"]);
  });

  test("stays a column where that is wished", () => {
    const { quantities, series } = broughtIn("column");
    expect([quantities.length, series.length]).toEqual([4, 0]);
  });
});
