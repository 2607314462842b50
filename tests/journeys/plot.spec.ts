import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { openSheet, paste, stage } from "./bench";
import { test } from "./test";

async function atPlot(page: Page): Promise<void> {
  await openSheet(page, "rule", "plot");
  await expect(page.getByRole("img", { name: /against/ })).toBeVisible();
}

const ends = (page: Page, name: string) =>
  page.getByRole("slider", { name }).getAttribute("aria-valuetext");

async function drag(page: Page, target: ReturnType<Page["locator"]>, dx: number, dy: number) {
  const box = (await target.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2);
  await page.mouse.move(x + dx, y + dy);
  await page.mouse.up();
}

test("an axis is dragged, stretched by keys, and fills the paper again", async ({ page }) => {
  await atPlot(page);
  const axis = page.getByRole("slider", { name: "Horizontal axis" });
  expect(await ends(page, "Horizontal axis")).toBe("from 0 to 0.14");
  await drag(page, axis, -150, 0);
  await expect.poll(() => ends(page, "Horizontal axis")).toMatch(/^from 0\.0[2-4]/);
  await axis.focus();
  await page.keyboard.press("Home");
  await expect.poll(() => ends(page, "Horizontal axis")).toBe("from 0 to 0.14");
  await page.keyboard.press("-");
  await expect.poll(() => ends(page, "Horizontal axis")).toMatch(/^from -0\.01/);
  await axis.dblclick();
  await expect.poll(() => ends(page, "Horizontal axis")).toBe("from 0 to 0.14");
});

test("an axis by hand keeps its ends, and a logarithmic one shows decades", async ({ page }) => {
  await atPlot(page);
  await page.getByText("Axes", { exact: true }).click();
  await page.getByRole("button", { name: "Horizontal axis runs" }).click();
  await page.getByRole("option", { name: "by hand" }).click();
  await page.getByLabel("From", { exact: true }).fill("0.005");
  await page.getByLabel("To", { exact: true }).fill("0.2");
  await expect.poll(() => ends(page, "Horizontal axis")).toBe("from 0.005 to 0.2");
  await page.getByLabel("To", { exact: true }).fill("0.001");
  await expect(page.getByText("It must lie above “from”.")).toBeVisible();
  await page.getByLabel("To", { exact: true }).fill("0.2");
  await page.getByRole("button", { name: "Its steps are" }).last().click();
  await page.getByRole("option", { name: "logarithmic" }).click();
  const words = page.locator('[data-role="tick-label"]');
  await expect(words.filter({ hasText: /^0\.1$/ }).first()).toBeVisible();
});

test("words on the figure: title, equation, a label that is moved by hand and by keys", async ({
  page,
}) => {
  await atPlot(page);
  await page.getByText("Words on the figure", { exact: true }).click();
  await page.getByLabel("Title", { exact: true }).fill("The loaded rule");
  await expect(page.locator('[data-role="title"]')).toHaveText("The loaded rule");
  await page.getByRole("checkbox", { name: /equation/ }).click();
  await expect(page.locator('[data-role="equation"]')).toContainText("(12.3 ± 0.4)");
  await page.getByRole("button", { name: "Write on the figure" }).click();
  await page.getByRole("textbox", { name: "Words on the figure" }).fill("steel");
  const label = page.getByRole("button", { name: /Label “steel”/ });
  const before = (await label.boundingBox())!;
  await drag(page, label, -120, -80);
  await expect.poll(async () => (await label.boundingBox())!.x).toBeLessThan(before.x - 90);
  const dragged = (await label.boundingBox())!;
  await label.focus();
  await page.keyboard.press("ArrowUp");
  await expect.poll(async () => (await label.boundingBox())!.y).toBeLessThan(dragged.y - 2);
  await page.keyboard.press("Delete");
  await expect(page.locator('[data-role="label"]')).toHaveCount(0);
});

test("a pencil mark waits while a button is held: what is pressed does not move away", async ({
  page,
}) => {
  await atPlot(page);
  const mark = page.getByText(/Points are joined by straight stretches/);
  await page.getByText("Look and printed size", { exact: true }).click();
  await page.getByRole("button", { name: "Between points" }).click();
  await page.getByRole("option", { name: "straight stretches" }).click();
  await expect(mark).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(mark).toHaveCount(0);
  await page.getByText("Words on the figure", { exact: true }).click();
  const tick = page.getByRole("checkbox", { name: /equation/ });
  await tick.hover();
  await page.mouse.down();
  await page.keyboard.press("Control+Shift+z");
  await expect(page.locator('[data-role="join"]').first()).toBeAttached();
  await page.waitForTimeout(600);
  await page.mouse.up();
  await expect(page.locator('[data-role="equation"]')).toContainText("(12.3 ± 0.4)");
  await expect(mark).toBeVisible();
});

test("two series have a legend, which is dragged and finds its own place again", async ({
  page,
}) => {
  await openSheet(page, "rule");
  await page.getByRole("gridcell", { name: /overhang, row 6/ }).click();
  await page.getByRole("button", { name: "Row 6", exact: true }).click();
  await page.getByRole("menuitem", { name: "Make a series of them" }).click();
  await stage(page, "Plot");
  const legend = page.getByRole("button", { name: /^Legend/ });
  const before = (await legend.boundingBox())!;
  await drag(page, legend, 200, 100);
  await expect.poll(async () => (await legend.boundingBox())!.x).toBeGreaterThan(before.x + 150);
  await legend.focus();
  await page.keyboard.press("Delete");
  await expect.poll(async () => (await legend.boundingBox())!.x).toBeLessThan(before.x + 3);
});

test("readings are pointed at by keys, gone to, and set aside", async ({ page }) => {
  await atPlot(page);
  await page.getByRole("application").focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  const said = page.getByTestId("pointed");
  await expect(said).toContainText("Row 2");
  await expect(said).toContainText("0.192 ± 0.009");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: /squared, row 2, worked out/ })).toBeFocused();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Set it aside" }).click();
  await page.getByRole("button", { name: "Set aside", exact: true }).click();
  await expect(page.locator('[data-role="points-aside"]')).toHaveCount(1);
});

test("a region is drawn around readings, and the crosshair reads off", async ({ page }) => {
  await atPlot(page);
  const area = page.getByRole("application");
  const box = (await area.boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.6, box.y + 4);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.8, box.y + box.height * 0.3);
  await page.mouse.move(box.x + box.width - 4, box.y + box.height * 0.5);
  await page.mouse.up();
  await expect(page.getByTestId("pointed")).toContainText("2 readings");
  await page.getByRole("button", { name: "Make a series of them" }).click();
  await expect(page.locator('[data-role="legend"]').first()).toBeVisible();
  await page.getByRole("button", { name: "Read off" }).click();
  await page.getByRole("application").focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByTestId("pointed")).toContainText(/0\.07\d/);
});

for (const [name, ending, begins] of [
  ["PDF", "pdf", "%PDF"],
  ["TeX", "tex", "\\documentclass"],
  ["CSV of its points", "csv", "\uFEFFL³"],
  ["A4", "pdf", "%PDF"],
  ["Letter", "pdf", "%PDF"],
] as const) {
  test(`the figure is taken out: ${name}`, async ({ page }) => {
    await atPlot(page);
    const [file] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name, exact: true }).click(),
    ]);
    expect(file.suggestedFilename()).toBe(`T2-against-L3.${ending}`);
    expect(readFileSync(await file.path(), "utf8").startsWith(begins)).toBe(true);
  });
}

test("the figure is copied as a picture", async ({ page }) => {
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await atPlot(page);
  await page.getByRole("button", { name: "Copy as picture" }).click();
  await expect(page.getByText("The figure is on the clipboard.")).toBeVisible();
  const begins = await page.evaluate(async () => {
    const [item] = await navigator.clipboard.read();
    const picture = await item!.getType("image/png");
    return [...new Uint8Array(await picture.arrayBuffer()).subarray(1, 4)];
  });
  expect(String.fromCharCode(...begins)).toBe("PNG");
});

test("a second figure, black on white, has no barrier", async ({ page }) => {
  await atPlot(page);
  await page.getByText("Look and printed size").click();
  const style = page.getByRole("button", { name: "Style" });
  await expect(style).toBeVisible();
  await page.getByRole("button", { name: "Add a figure" }).click();
  await expect(page.locator('[data-role="caption"]')).toContainText("Figure 2.");
  await style.click();
  await page.getByRole("option", { name: "black on white" }).click();
  await expect(page.locator('[data-role="best-line"]')).toHaveAttribute("stroke", "#000000");
  await noBarrier(page);
  await page
    .getByRole("group", { name: "Figures" })
    .getByRole("button", { name: "Figure 1" })
    .click();
  await expect(page.locator('[data-role="best-line"]')).not.toHaveAttribute("stroke", "#000000");
});

test("a table too long for its figure's page goes on more pages, or on one with fewer columns", async ({
  page,
}) => {
  await openSheet(page);
  const rows = Array.from({ length: 200 }, (_, i) => `${i + 1}.25\t${2 * i + 1}.5 ± 0.5`);
  await paste(page, `h / cm\tQ / mL s^-1\n${rows.join("\n")}`);
  await stage(page, "Plot");
  await page.getByRole("button", { name: "A4", exact: true }).click();
  const said = page.getByTestId("too-long");
  await expect(said).toContainText("200 rows");
  const take = async (name: string | RegExp) => {
    const [file] = await Promise.all([
      page.waitForEvent("download"),
      said.getByRole("button", { name }).click(),
    ]);
    const text = execFileSync("pdftotext", [await file.path(), "-"], { encoding: "utf8" });
    return { pages: text.split("\f").length - 1, rows: text.match(/\b\d+\.25\b/g)?.length };
  };
  expect(await take(/^On \d pages$/)).toEqual({ pages: expect.any(Number), rows: 200 });
  await page.getByRole("button", { name: "A4", exact: true }).click();
  await said.getByRole("checkbox", { name: /Q/ }).click();
  expect(await take("On one page with these columns")).toEqual({ pages: 1, rows: 200 });
});
