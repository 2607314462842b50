import { execFileSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { unzipSync } from "fflate";
import { noBarrier } from "./barriers";
import { kept, openSheet } from "./bench";
import { test } from "./test";

const run = (program: string, ...args: readonly string[]) =>
  execFileSync(program, [...args], { encoding: "utf8" });

async function takeOut(page: Page, kind: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: kind, exact: true }).click(),
  ]);
  return (await download.path()) ?? "";
}

const block = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const words = (page: Page, name: string) => page.getByRole("textbox", { name, exact: true });

/** Goes to a stage along the rule by its key. */
async function stageByKey(page: Page, number: number): Promise<void> {
  await page.keyboard.press(`Alt+${number}`);
}

test("from an empty investigation to a PDF that can be handed in, along the rule", async ({
  page,
}) => {
  await openSheet(page);
  await page.getByLabel("Title of the investigation").fill("Rolling off the bench");
  const grid = page.getByRole("grid");
  await grid.getByRole("gridcell").getByRole("textbox").first().focus();
  const pairs = [[0.2, 0.41], [0.3, 0.6], [0.4, 0.82], [0.5, 0.99], [0.6, 1.21], [0.7, 1.4]]; // prettier-ignore
  for (const [x, y] of pairs) {
    await page.keyboard.type(x!.toFixed(2));
    await page.keyboard.press("Tab");
    await page.keyboard.type(y!.toFixed(2));
    await page.keyboard.press("Tab");
  }
  for (const [first, name, symbol, unit] of [
    ["row 1, 0.20", "height", "h", "m"],
    ["row 1, 0.41", "distance squared", "d", "m^2"],
  ] as const) {
    await page.getByRole("gridcell", { name: new RegExp(first) }).click();
    await page.getByLabel("Name", { exact: true }).fill(name);
    await page.getByLabel("Symbol", { exact: true }).fill(symbol);
    await page.getByLabel("Unit", { exact: true }).fill(unit);
    await page.getByRole("button", { name: "How sure each reading is" }).click();
    await page.getByRole("option", { name: "the same for every reading", exact: true }).click();
    await page.getByLabel(/^±/).first().fill("0.02");
  }
  await stageByKey(page, 3);
  await page.getByLabel(/equation that the readings/).fill("d = q h");
  await stageByKey(page, 6);
  await page.getByRole("button", { name: "Find q from the slope of Figure 1" }).click();
  await expect(page.getByTestId("result")).toContainText("q = 2.0 ± 0.2 m");
  await stageByKey(page, 7);
  await page.getByRole("button", { name: "Lay out the write-up" }).click();
  await words(page, "Aim").fill("To find the constant of the path.");
  await words(page, "Discussion").click();
  await page.keyboard.type("As Figure 1 shows, the constant is {q");
  await page.keyboard.type("}.");
  await expect(words(page, "Discussion")).toContainText(
    "the constant is (2.0\u00a0±\u00a00.2)\u00a0m",
  );
  await page.getByLabel("Written by").fill("Mara");
  await kept(page);
  const path = await takeOut(page, "PDF");
  const text = run("pdftotext", "-layout", path, "-");
  expect(text).toContain("Rolling off the bench");
  expect(text).toContain("To find the constant of the path.");
  expect(text.replace(/\s+/g, " ")).toContain("the constant is (2.0 ± 0.2) m");
  expect(run("pdfinfo", path)).toMatch(/Tagged: +yes/);
});

test("every kind of file holds what the page shows", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await expect(block(page, "Discussion")).toContainText("(200 ± 20) GPa");
  const docx = unzipSync(readFileSync(await takeOut(page, "DOCX")));
  expect(Buffer.from(docx["word/document.xml"]!).toString()).toContain("200\u00a0±\u00a020");
  const pictures = Object.entries(docx).filter(([name]) => name.endsWith(".png"));
  expect(pictures[0]![1].length).toBeGreaterThan(10_000);
  const html = readFileSync(await takeOut(page, "HTML"), "utf8");
  expect(html).toContain("200\u00a0±\u00a020");
  expect(html).toContain("font/woff2;base64");
  const markdown = unzipSync(readFileSync(await takeOut(page, "Markdown")));
  expect(Object.keys(markdown)).toContain("report.md");
  const tex = unzipSync(readFileSync(await takeOut(page, "TeX")));
  expect(Buffer.from(tex["report.tex"]!).toString()).toContain("\\begin{document}");
});

test("signs that no font holds are named before the PDF is made; other scripts are simply there", async ({
  page,
}) => {
  await openSheet(page, "rule");
  await page.getByLabel("Title of the investigation").fill("CO₂ длина طول 长度 😀");
  await stageByKey(page, 7);
  await page.getByRole("button", { name: "Lay out the write-up" }).click();
  await page.getByRole("button", { name: "PDF", exact: true }).click();
  await expect(page.getByText("No font here holds every sign of “😀”.")).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Make the PDF with boxes" }).click(),
  ]);
  const text = run("pdftotext", "-layout", await download.path(), "-");
  for (const word of ["CO₂", "длина", "طول", "长度"]) expect(text).toContain(word);
});

test("a mended reading changes tables, figure and numbers in the text", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await expect(block(page, "Table 1")).toContainText("12.50");
  await page.getByRole("button", { name: "Readings", exact: true }).click();
  await page.getByRole("gridcell", { name: /time for ten swings.*repeat 1, row 7/ }).click();
  await page.keyboard.type("13.90");
  await page.keyboard.press("Enter");
  await expect(block(page, "Table 1")).toContainText("13.90");
  await expect(block(page, "Discussion")).not.toContainText("12.5 ± 0.4");
});

test("blocks are moved and hidden by keys, and the numbers follow", async ({ page }) => {
  await openSheet(page, "A discharging capacitor", "writeup");
  await expect(block(page, "Discussion")).toContainText("The line in Figure 1 gives");
  const first = page.getByRole("region", { name: "Figure 1", exact: true });
  await page.getByRole("button", { name: "Move Figure 1" }).focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(block(page, "Discussion")).toContainText("The line in Figure 2 gives");
  await expect(first.getByRole("img")).toHaveAttribute("aria-label", /U against t/);
  await page.getByRole("button", { name: "Hide Figure 1" }).click();
  await expect(block(page, "Discussion")).toContainText("the exponential in (not shown) gives");
  await page.keyboard.press("Control+Z");
  await expect(block(page, "Discussion")).toContainText("The line in Figure 2 gives");
});

test("words are set by keys and tools, and kept", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  const aim = words(page, "Aim");
  await aim.click();
  await page.keyboard.press("Control+A");
  await page.keyboard.type("Water is H");
  await page.getByRole("toolbar", { name: "Tools: Aim" }).getByRole("button", { name: "Lowered" }).click(); // prettier-ignore
  await page.keyboard.type("2");
  await page.keyboard.press("Control+Alt+ArrowDown");
  await page.keyboard.type("O, ");
  await page.keyboard.press("Control+B");
  await page.keyboard.type("so");
  await page.keyboard.press("Control+B");
  const tools = page.getByRole("toolbar", { name: "Tools: Aim" });
  await tools.getByRole("button", { name: "Symbol" }).click();
  await page.getByRole("menuitem", { name: "≈" }).click();
  await tools.getByRole("button", { name: "Refer to" }).click();
  await page.getByRole("menuitem", { name: "Table 2" }).click();
  await tools.getByRole("button", { name: "Live value" }).click();
  await page.getByRole("menuitem", { name: /thickness of the rule/ }).click();
  await tools.getByRole("button", { name: "Formula" }).click();
  await page.getByLabel("Formula to put in").fill("F = m a");
  await page.getByRole("button", { name: "Put in", exact: true }).click();
  await expect(aim.locator("sub").first()).toHaveText("2");
  await expect(aim.locator("strong")).toHaveText("so");
  await expect(aim).toContainText(/≈.*Table\s2.*\(0\.70\s±\s0\.01\)\smm/);
  await kept(page);
  await page.reload();
  await expect(words(page, "Aim")).toContainText(/Water is H2O, so≈.*Table\s2.*0\.70\s±\s0\.01/);
});

test("tools of a text are one stop of the Tab key, and the arrow keys reach each", async ({
  page,
}) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  const aim = words(page, "Aim");
  await aim.click();
  await page.keyboard.press("Control+End");
  const tools = page.getByRole("toolbar", { name: "Tools: Aim" });
  await page.keyboard.press("Tab");
  await expect(tools.getByRole("button", { name: "Bold" })).toBeFocused();
  await page.keyboard.press("ArrowLeft");
  await expect(tools.getByRole("button", { name: "Symbol" })).toBeFocused();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Formula to put in")).toBeFocused();
  await page.keyboard.type("F = m a");
  await page.keyboard.press("Enter");
  await expect(aim).toBeFocused();
  await page.keyboard.type(" holds");
  await expect(aim).toContainText(/F=ma.* holds/);
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("button", { name: "Move Apparatus and method" })).toBeFocused();
});

test("the pages are those that are printed", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await page.getByRole("button", { name: "Pages", exact: true }).click();
  const pages = page.getByTestId("pages").getByRole("img");
  await expect(pages.first()).toBeVisible();
  const count = await pages.count();
  await page.emulateMedia({ media: "print" });
  const printed = await page.pdf({ preferCSSPageSize: true });
  const paper = test.info().outputPath("printed.pdf");
  writeFileSync(paper, printed);
  expect(run("pdfinfo", paper)).toMatch(new RegExp(`Pages: +${count}\\b`));
  expect(run("pdfinfo", paper)).toMatch(/Page size: +59[45].* x 84[12]/);
  expect(run("pdftotext", paper, "-")).toContain("Discussion");
  await page.emulateMedia({ media: null });
  const path = await takeOut(page, "PDF").catch(() => "");
  expect(path).not.toBe("");
  expect(run("pdfinfo", path)).toMatch(new RegExp(`Pages: +${count}\\b`));
});

test("every page follows a mended reading, in sight or not", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await page.getByRole("button", { name: "Pages", exact: true }).click();
  const pages = page.getByTestId("pages").getByRole("img");
  const discussed = pages.filter({ hasText: /so the stiffness of the steel/ });
  const before = /was.*GPa/.exec((await discussed.textContent()) ?? "")?.[0];
  expect(before).toContain("stiffness");
  await page.getByRole("button", { name: "Readings", exact: true }).click();
  await page.getByRole("gridcell", { name: /time for ten swings.*repeat 1, row 7/ }).click();
  await page.keyboard.type("15.90");
  await page.keyboard.press("Enter");
  await expect(pages.filter({ hasText: "15.90" })).toHaveCount(1);
  await expect(discussed).not.toContainText(before!);
});

test("what a strict reader would say is marked, and answered", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await words(page, "Discussion").click();
  await page.keyboard.press("Control+End");
  await page.keyboard.type(" So it is 185 GPa.");
  await expect(page.getByText(/“185” is not what the result says of stiffness/)).toBeVisible();
  await expect(page.getByRole("link", { name: /Write up/ })).toContainText("1");
});

test("the stage has no barrier in either view, empty or full, and none at 820", async ({
  page,
}) => {
  await openSheet(page, "empty", "writeup");
  await expect(page.getByText("No write-up yet")).toBeVisible();
  await noBarrier(page);
  await openSheet(page, "Springiness of a clamped rule", "writeup");
  await words(page, "Aim").click();
  await noBarrier(page);
  await page.setViewportSize({ width: 820, height: 1100 });
  await page.getByRole("button", { name: "Pages", exact: true }).click();
  await noBarrier(page);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(820);
  await page.getByRole("link", { name: "Take out the report" }).press("Enter");
  await expect(page.getByRole("button", { name: "PDF", exact: true })).toBeInViewport();
  await page.keyboard.press("Tab");
  await expect(page.getByRole("button", { name: "PDF", exact: true })).toBeFocused();
});
