import exceljs from "exceljs";
import { strToU8, zipSync } from "fflate";
import { files } from "@/workers/files";
import { howItUnpacks, mostUnpacked } from "./unpacked";

/** A workbook with some cells, and what else is written into its sheet. */
async function workbook(write: (sheet: exceljs.Worksheet) => void): Promise<Uint8Array> {
  const book = new exceljs.Workbook();
  write(book.addWorksheet("Readings"));
  return new Uint8Array(await book.xlsx.writeBuffer());
}

test("an honest workbook unpacks modestly", async () => {
  const bytes = await workbook((sheet) => {
    for (let row = 1; row <= 3000; row++) sheet.addRow([row, row / 7, `wire ${row}`]);
    sheet.mergeCells("A1:C1");
  });
  expect(howItUnpacks(bytes)).toBe("modestly");
});

test("one that unpacks to far more is not opened, whatever its list says", () => {
  const zeros = new Uint8Array(mostUnpacked + 1);
  const bomb = zipSync({ "xl/worksheets/sheet1.xml": zeros });
  expect(bomb.length).toBeLessThan(1_000_000);
  expect(howItUnpacks(bomb)).toBe("swollen");
  const view = new DataView(bomb.buffer, bomb.byteOffset);
  const list = view.getUint32(bomb.length - 6, true);
  view.setUint32(list + 24, 1000, true);
  expect(howItUnpacks(bomb)).toBe("swollen");
});

test("nor one whose merged stretches cover millions of cells, even where a piece ends within them", () => {
  const filling = `<c>${"x".repeat(65_520)}</c>`;
  const merges = Array.from({ length: 3 }, (_, n) => `<mergeCell ref="A${n}:CZ1000"/>`).join("");
  const sheet = `<sheet>${filling}<mergeCells>${merges}</mergeCells></sheet>`;
  const zip = (text: string) => zipSync({ "xl/worksheets/sheet1.xml": strToU8(text) });
  expect(howItUnpacks(zip(sheet))).toBe("swollen");
  expect(howItUnpacks(zip(sheet.replaceAll("CZ1000", "C3")))).toBe("modestly");
});

test.each([[new Uint8Array(10)], [strToU8("PK and then nothing that is a list of a ZIP")]])(
  "what is no ZIP can't be read",
  (bytes) => {
    expect(howItUnpacks(bytes)).toBe("unreadable");
  },
);

test("a single cell far out, and checks over a million cells, cost nothing", async () => {
  const bytes = await workbook((sheet) => {
    sheet.getCell("A1").value = 1.5;
    sheet.getCell("GR20000").value = 2;
    sheet.getCell("B2").dataValidation = { type: "whole", formulae: [1, 9], operator: "between" };
  });
  const before = process.memoryUsage().heapUsed;
  const read = await files.readWorkbook(bytes.slice().buffer);
  expect(process.memoryUsage().heapUsed - before).toBeLessThan(300_000_000);
  if (read.kind !== "workbook") throw new Error(read.kind);
  expect(read.sheets[0]?.cells[0]?.[0]).toBe("1.5");
  expect(read.sheets[0]?.cells.at(-1)?.at(-1)).toBe("2");
});
