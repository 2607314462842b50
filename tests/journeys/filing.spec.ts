import { readFileSync } from "node:fs";
import ExcelJS from "exceljs";
import { expect, type Page } from "@playwright/test";
import { kept, openSheet, rowTexts, signIn, start } from "./bench";
import { test } from "./test";

async function takeOut(page: Page, name: string): Promise<{ path: string; name: string }> {
  await page.getByRole("button", { name: "Take out" }).click();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("menuitem", { name }).click(),
  ]);
  return { path: await file.path(), name: file.suggestedFilename() };
}

async function choose(page: Page, name: string, buffer: Buffer): Promise<void> {
  await page.getByLabel("File").setInputFiles({ name, buffer, mimeType: "" });
}

/** What a whole investigation says, without the ids that differ from one to the next. */
async function said(page: Page): Promise<unknown> {
  const file = await takeOut(page, "The whole investigation as JSON");
  const whole = JSON.parse(readFileSync(file.path, "utf8"));
  const names = new Map<string, string>();
  for (const kind of ["quantities", "series", "rows", "tables"]) {
    const entries = Object.entries<{ order: string }>(whole[kind]);
    entries.sort(([, a], [, b]) => (a.order < b.order ? -1 : 1));
    entries.forEach(([id], index) => names.set(id, `${kind}${index}`));
  }
  const references = ["table", "series", "column"];
  const renamed = (value: unknown, under = ""): unknown => {
    if (typeof value === "string") return references.includes(under) ? names.get(value) : value;
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(
      Object.entries(value)
        .filter(([key]) => key !== "order")
        .map(([key, inner]): [string, unknown] => {
          const [id = "", repeat] = key.split("~");
          return [[names.get(id) ?? id, repeat].filter(Boolean).join("~"), renamed(inner, key)];
        }),
    );
  };
  const { quantities, series, rows } = whole;
  return renamed({ quantities, series, rows });
}

async function worked(page: Page): Promise<void> {
  await start(page, "rule");
  await page.getByRole("gridcell", { name: /repeat 3, row 2/ }).click();
  await page.getByRole("button", { name: "Set aside repeat 3" }).click();
  await page.getByRole("gridcell", { name: /overhang, row 6/ }).click();
  await page.getByRole("button", { name: "Row 6", exact: true }).click();
  await page.getByRole("menuitem", { name: "Make a series of them" }).click();
  await page.getByRole("gridcell", { name: /repeat 1, row 7/ }).click();
  await page.keyboard.type("=cmd()");
  await page.keyboard.press("Enter");
}

for (const [kind, item] of [
  ["CSV", "This table as CSV"],
  ["XLSX", "All tables as XLSX"],
] as const) {
  test(`a table taken out as ${kind} comes back as it was`, async ({ page }) => {
    await signIn(page);
    await worked(page);
    const before = await said(page);
    const file = await takeOut(page, item);
    await page.goto("/shelf".replace("/", `${new URL(page.url()).origin}/`));
    await start(page);
    await page.getByRole("button", { name: "Bring in" }).click();
    await choose(page, file.name, readFileSync(file.path));
    await expect(page.getByText("It was taken out here")).toBeVisible();
    await page.getByRole("dialog").getByRole("button", { name: "Bring in", exact: true }).click();
    await expect(page.getByText(/Brought in Springiness/)).toBeVisible();
    expect(await said(page)).toEqual(before);
  });
}

/** Opens the sheet for files over an empty investigation. */
async function beginBringingIn(page: Page): Promise<void> {
  await openSheet(page);
  await page.getByRole("button", { name: "Bring in" }).click();
}

test("a formula typed into a cell leaves as text, in CSV and in XLSX", async ({ page }) => {
  await signIn(page);
  await worked(page);
  const csv = await takeOut(page, "This table as CSV");
  const text = readFileSync(csv.path, "utf8");
  expect(text).toContain(",'=cmd(),");
  expect(text).not.toMatch(/(^|,)=/m);
  expect(text).toContain("L / m");
  const xlsx = await takeOut(page, "All tables as XLSX");
  const workbook = new ExcelJS.Workbook();
  await workbook.xlsx.readFile(xlsx.path);
  const cells = workbook.worksheets[0]!.getSheetValues().flat();
  expect(cells).toContain("=cmd()");
  expect(cells).toContain(0.2);
});

test("a foreign file is looked at first: encoding, delimiter, decimal mark, headings", async ({
  page,
}) => {
  await beginBringingIn(page);
  const text = "Länge;Länge;Zeit\nm;m;s\n0,20;0,21;3,1\n0,25;0,26;4,4\n";
  await choose(page, "bench.csv", Buffer.from(text, "latin1"));
  const sheet = page.getByRole("dialog");
  await expect(sheet.getByLabel("name, column 1")).toHaveValue("Länge");
  await expect(sheet.getByRole("button", { name: "Encoding" })).toContainText("Western");
  await expect(sheet.getByRole("button", { name: "Decimal mark" })).toContainText("comma");
  await expect(sheet.getByText("2 rows of 2 quantities.")).toBeVisible();
  await sheet.getByRole("button", { name: "Lines of headings" }).click();
  await page.getByRole("option", { name: "one", exact: true }).click();
  await expect(sheet.getByText("3 rows of 2 quantities.")).toBeVisible();
  await sheet.getByRole("button", { name: "Lines of headings" }).click();
  await page.getByRole("option", { name: "two, the second with units" }).click();
  await sheet.getByLabel("symbol, column 2").fill("t");
  await sheet.getByRole("button", { name: "Bring in", exact: true }).click();
  await expect.poll(async () => (await rowTexts(page, 1)).slice(0, 2)).toEqual(["0.20", "0.21"]);
  await expect(page.getByRole("columnheader").nth(2)).toContainText("t / s");
});

async function oddWorkbook(): Promise<Buffer> {
  const workbook = new ExcelJS.Workbook();
  workbook.addWorksheet("notes").addRow(["nothing here"]);
  const sheet = workbook.addWorksheet("timings");
  sheet.addRow(["first run"]);
  sheet.mergeCells("A1:C1");
  sheet.addRow(["L / m", "t / s", "T / s"]);
  for (let n = 1; n <= 5; n++)
    sheet.addRow([n / 10, n, { formula: `B${n + 2}/10`, result: n / 10 }]);
  sheet.getCell("C7").value = { error: "#DIV/0!" };
  sheet.getColumn(1).numFmt = "0.000";
  return Buffer.from(await workbook.xlsx.writeBuffer());
}

test("a workbook with merged cells, formulas and errors: sheet and stretch are chosen", async ({
  page,
}) => {
  await beginBringingIn(page);
  await choose(page, "odd.xlsx", await oddWorkbook());
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: "Sheet" }).click();
  await page.getByRole("option", { name: "timings" }).click();
  await expect(sheet.getByText(/2 merged cells stayed empty/)).toBeVisible();
  await expect(sheet.getByText(/4 formulas came as the numbers/)).toBeVisible();
  await expect(sheet.getByText(/1 cell hold/)).toBeVisible();
  await sheet.getByLabel("Stretch of cells").fill("A2");
  await expect(sheet.getByText("Write the stretch like B3:D20")).toBeVisible();
  await sheet.getByLabel("Stretch of cells").fill("A2:C7");
  await sheet.getByRole("button", { name: "Bring in", exact: true }).click();
  await expect.poll(() => rowTexts(page, 1)).toEqual(["0.100", "1", "0.1"]);
  await expect(page.getByText("“#DIV/0!” is not a number.")).toBeVisible();
});

test("files that can't be a table are refused in a sentence each", async ({ page }) => {
  await beginBringingIn(page);
  const problem = page.getByRole("dialog").getByRole("alert");
  await choose(page, "empty.csv", Buffer.alloc(0));
  await expect(problem).toContainText("empty.csv is empty.");
  await choose(
    page,
    "photo.csv",
    Buffer.from(Array.from({ length: 4000 }, (_, i) => (i * 37) % 256)),
  );
  await expect(problem).toContainText("photo.csv is no text, whatever its name says.");
  await choose(page, "broken.xlsx", Buffer.from("PK\u0003\u0004 and nothing more"));
  await expect(problem).toContainText("broken.xlsx can’t be read as a workbook.");
  await choose(page, "long.csv", Buffer.from("1,2\n".repeat(25_000)));
  await expect(problem).toContainText(/There are 25\s000 rows; there is room for 20\s000/);
  await page.getByRole("button", { name: "Another file" }).click();
  await page.evaluate(() => {
    const file = new File([new Uint8Array(100 * 1_048_576)], "huge.csv");
    const transfer = new DataTransfer();
    transfer.items.add(file);
    const input = document.querySelector<HTMLInputElement>('input[type="file"]')!;
    input.files = transfer.files;
    input.dispatchEvent(new Event("change", { bubbles: true }));
  });
  await expect(problem).toContainText("huge.csv has 100 MB; up to 20 MB can be read here.");
});

test("a whole investigation leaves as JSON and comes back on the shelf", async ({ page }) => {
  await signIn(page);
  await worked(page);
  await kept(page);
  const before = await takeOut(page, "The whole investigation as JSON");
  await page.getByRole("link", { name: "Fathom Rule" }).click();
  await page.getByRole("button", { name: "Bring in an investigation" }).click();
  await choose(page, "notes.json", Buffer.from('{"a": 1}'));
  await expect(page.getByRole("dialog").getByRole("alert")).toContainText("holds something else");
  await choose(page, before.name, readFileSync(before.path));
  await expect(page.getByRole("grid")).toBeVisible();
  const after = await takeOut(page, "The whole investigation as JSON");
  expect(JSON.parse(readFileSync(after.path, "utf8"))).toEqual(
    JSON.parse(readFileSync(before.path, "utf8")),
  );
});
