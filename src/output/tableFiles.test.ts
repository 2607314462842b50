import ExcelJS from "exceljs";
import { cellsFromText, unguarded } from "@/intake/cells";
import { incomingTable, proposedReading } from "@/intake/incoming";
import { cellsInRange, readWorkbook } from "@/intake/workbook";
import { addSeries } from "@/investigation/acts/addSeries";
import { bringInTable } from "@/investigation/acts/bringInTable";
import { setAside } from "@/investigation/acts/setAside";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { validateInvestigation } from "@/investigation/model/schema";
import { plainRule } from "../../tests/fixtures/plainRule";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import { investigationJson } from "./investigationJson";
import { tableCells } from "./tableCells";
import { guarded, tableCsv } from "./tableCsv";
import { tablesXlsx } from "./tableXlsx";

let next = 0;
const newId = () => `n${next++}`;

/** The sample with a series, something set aside, and a text that looks like a formula. */
function worked(): Investigation {
  let { document } = perform(plainRule(), addSeries, {
    id: "thin",
    table: "main",
    name: "thin rule",
    rows: ["row1", "row2"],
  });
  const readings = [
    { row: "row2", cell: "time~3" },
    { row: "row4", cell: "_row" },
  ];
  document = perform(document, setAside, { readings, reason: "slipped: twice" }).document;
  const typed = [{ row: "row7", cell: "time", text: "=SUM(A1)" }];
  return perform(document, typeReadings, { readings: typed }).document;
}

const tableFor = (document: Investigation) => tableOf(evaluateTables(document));

function broughtIn(cells: readonly (readonly string[])[]): Investigation {
  const document = emptyInvestigation();
  const found = incomingTable(cells, proposedReading(cells), "file", document, newId);
  if (found.kind !== "table") throw new Error(found.kind);
  return perform(document, bringInTable, { table: found.table, instead: "main" }).document;
}

describe("a table as it is taken out", () => {
  const { cells, firstRow } = tableCells(tableFor(worked()), worked().houseRules);
  const line = (label: string) => cells.find(([first]) => first === label)!;

  test("says name, symbol, unit and ± above the readings", () => {
    expect(line("name").slice(0, 3)).toEqual(["name", "overhang", "time for ten swings"]);
    expect(line("symbol")[1]).toBe("L");
    expect(line("unit").slice(-2)).toEqual(["worked out: m^3", "worked out: s^2"]);
    expect(line("±").slice(0, 3)).toEqual(["±", "± 0.001", "± 0.1"]);
    expect(line("repeat").slice(1, 6)).toEqual(["1", "1", "2", "3", "1"]);
    expect(line("formula").slice(-1)).toEqual(["T^2"]);
  });

  test("has headings by the house rules, then the readings as typed", () => {
    expect(cells[firstRow - 1]!.slice(0, 3)).toEqual(["n", "L / m", "t₁₀ / s"].map(plain));
    expect(cells[firstRow]!.slice(0, 5)).toEqual(["1", "0.200", "3.12", "3.06", "3.15"]);
    const { houseRules } = perform(worked(), setHouseRules, { headings: "brackets" }).document;
    const brackets = tableCells(tableFor(worked()), houseRules).cells;
    expect(brackets[firstRow - 1]![1]).toBe("L (m)");
  });

  test("keeps series and what is set aside with its reason", () => {
    expect(cells[firstRow]!.at(-2)).toBe("thin rule");
    expect(cells[firstRow + 1]!.at(-1)).toBe("t_10 3: slipped: twice");
    expect(cells[firstRow + 3]!.at(-1)).toBe("whole row: slipped: twice");
  });

  test("gives what is worked out in full", () => {
    expect(Number(cells[firstRow]!.at(-3))).toBeCloseTo(0.0967, 3);
  });
});

/** Subscripts in plain characters stand as typed. */
function plain(text: string): string {
  return text.replace("₁₀", "10");
}

describe("CSV", () => {
  test("guards what a spreadsheet would take for a formula, but no number", () => {
    expect(guarded("=1+1")).toBe("'=1+1");
    expect(guarded("@cmd")).toBe("'@cmd");
    expect(guarded("+cmd")).toBe("'+cmd");
    expect(guarded("-3.2")).toBe("-3.2");
    expect(guarded("+0.5")).toBe("+0.5");
    expect(guarded("3.2 ± 0.1")).toBe("3.2 ± 0.1");
    expect(tableCsv(tableFor(worked()), worked().houseRules)).toContain(",'=SUM(A1),");
  });

  test("parts by semicolons where commas are decimal marks", () => {
    const { document } = perform(worked(), setHouseRules, { decimalMark: "comma" });
    expect(tableCsv(tableFor(document), document.houseRules)).toContain(";t_10;t_10;t_10;");
  });

  test("brings the same table back", () => {
    const before = worked();
    const text = tableCsv(tableFor(before), before.houseRules);
    const cells = cellsFromText(text, ",").map((row) => row.map(unguarded));
    const after = broughtIn(cells);
    expect(validateInvestigation(after)).toMatchObject({ valid: true });
    expect(tableCsv(tableFor(after), after.houseRules)).toBe(text);
  });
});

describe("XLSX", () => {
  const take = async (document: Investigation) => {
    const buffer = await tablesXlsx(
      new ExcelJS.Workbook(),
      evaluateTables(document),
      document.houseRules,
    );
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(buffer);
    return workbook;
  };

  test("numbers are numbers with the decimals to which they were read", async () => {
    const sheet = (await take(worked())).worksheets[0]!;
    const cells = tableCells(tableFor(worked()), worked().houseRules);
    const cell = sheet.getCell(cells.firstRow + 1, 2);
    expect(cell.value).toBe(0.2);
    expect(cell.numFmt).toBe("0.000");
    expect(sheet.getCell(cells.firstRow + 7, 3).value).toBe("=SUM(A1)");
  });

  test("brings the same table back", async () => {
    const before = worked();
    const [sheet] = readWorkbook(await take(before));
    expect(sheet).toMatchObject({ merged: 0, formulas: 0, errors: 0, cutOff: false });
    const after = broughtIn(cellsInRange(sheet!.cells, sheet!.range)!);
    expect(tableCsv(tableFor(after), after.houseRules)).toBe(
      tableCsv(tableFor(before), before.houseRules),
    );
  });

  test("what is merged, worked out or broken in a foreign sheet is counted", async () => {
    const workbook = new ExcelJS.Workbook();
    const sheet = workbook.addWorksheet("odd");
    sheet.addRow(["a", "", "c"]);
    sheet.mergeCells("A1:B1");
    sheet.addRow([1.5, { formula: "A2*2", result: 3 }, { error: "#N/A" }]);
    sheet.addRow([
      new Date(Date.UTC(2026, 10, 23)),
      true,
      { richText: [{ text: "3." }, { text: "1" }] },
    ]);
    sheet.addRow([0.1 + 0.2, 1e-7, null]);
    const [read] = readWorkbook(workbook);
    expect(read).toMatchObject({ merged: 1, formulas: 1, errors: 1, range: "A1:C4" });
    expect(read!.cells).toEqual([
      ["a", "", "c"],
      ["1.5", "3", "#N/A"],
      ["2026-11-23", "true", "3.1"],
      ["0.30000000000000004", "0.0000001", ""],
    ]);
  });

  test.each([
    [
      "B2:C3",
      [
        ["5", "6"],
        ["8", "9"],
      ],
    ],
    [
      "c3:b2",
      [
        ["5", "6"],
        ["8", "9"],
      ],
    ],
    ["$A$1:$A$2", [["1"], ["4"]]],
    ["B2", undefined],
    ["all", undefined],
  ])("the stretch %s", (range, expected) => {
    const cells = [
      ["1", "2", "3"],
      ["4", "5", "6"],
      ["7", "8", "9"],
    ];
    expect(cellsInRange(cells, range)).toEqual(expected);
  });
});

test("JSON says of itself what it is", () => {
  const parsed = JSON.parse(investigationJson(plainRule())) as Record<string, unknown>;
  expect(parsed.format).toBe("fathom-rule investigation");
  expect(parsed.title).toBe("Springiness of a clamped rule");
});
