import { readFileSync } from "node:fs";
import { expect, type Locator, type Page } from "@playwright/test";
import { unzipSync } from "fflate";
import { kept, openBlock, openSheet, paste, rowTexts, signIn, stage } from "./bench";
import { test } from "./test";

const lines = (rows: readonly (readonly (string | number)[])[]) =>
  rows.map((row) => row.join("\t")).join("\n");

/** Opens one of the blocks of the margin that are folded. */

async function pick(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("complementary").getByRole("button", { name: label }).last().click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

const drawn = (page: Page, role: string): Locator =>
  page.getByRole("main").locator(`[data-role="${role}"]`);

async function named(page: Page, title: string): Promise<void> {
  await page.getByLabel("Title of the investigation").fill(title);
}

test("counts repeated ten times at six settings: a dashed line and an exponential", async ({
  page,
}) => {
  await openSheet(page);
  const spread = [3, -5, 0, 7, -2, 4, -6, 1, -3, 2];
  const rows = [0, 1, 2, 3, 4, 5].map((sheets) => [
    sheets,
    ...spread.map((by) => Math.round(180 * Math.exp(-0.31 * sheets)) + by),
  ]);
  const heads = ["sheets d / mm", ...spread.map((_, i) => `N${i + 1}`)];
  await paste(page, lines([heads, ...rows]));
  await named(page, "Counts behind sheets of card");
  await expect(page.getByTestId("gathered")).toContainText("10 columns were taken as repeats of N");
  await stage(page, "Plot");
  await openBlock(page, "Each series");
  await pick(page, "Its best line is", "dashed");
  await stage(page, "Slope");
  await pick(page, "Fit a curve", "exponential");
  await openBlock(page, "Which lines are drawn");
  await page.getByRole("checkbox", { name: "best", exact: true }).click();
  await expect(drawn(page, "best-line")).toHaveAttribute("stroke-dasharray", /\d/);
  await expect(drawn(page, "curve")).not.toHaveAttribute("stroke-dasharray", /\d/);
  const measures = page.getByTestId("curve-measures");
  await expect(measures).toContainText("degrees of freedom4");
  await expect(measures).toContainText(/adjusted R²0\.99/);
});

test("four pasted columns with a ± each: a black figure with bars up only, for a word processor", async ({
  page,
}) => {
  await openSheet(page);
  const heads = ["flow Q / mL s⁻¹", "±Q", "head h / cm", "±h"];
  const rows = [2, 4, 6, 8, 10].map((h) => [(3.9 * Math.sqrt(h)).toFixed(1), 0.3, h, 0.2]);
  await paste(page, lines([heads, ...rows]));
  await named(page, "Flow out of a cistern");
  await expect(page.getByRole("heading", { name: "First look: h against Q" })).toBeVisible();
  await stage(page, "Plot");
  await openBlock(page, "Look and printed size");
  await pick(page, "Style", "black on white");
  await pick(page, "Bars run", "up only");
  await page.getByRole("checkbox", { name: "Arrows at the ends of the axes" }).click();
  await openBlock(page, "Axes");
  await page.getByRole("button", { name: "Vertical axis runs" }).click();
  await page.getByRole("option", { name: "by hand" }).click();
  for (const [field, value] of [
    ["From", "0"],
    ["To", "12"],
    ["Step", "2"],
  ] as const) {
    await page.getByLabel(field, { exact: true }).fill(value);
  }
  const ticks = drawn(page, "tick-label");
  await expect(ticks.filter({ hasText: /^12$/ }).last()).toBeVisible();
  const bars = (await drawn(page, "error-bars").getAttribute("d"))!;
  expect(bars.match(/M/g)).toHaveLength(5 * 3);
  await expect(drawn(page, "error-bars")).toHaveAttribute("stroke", "#000000");
  await stage(page, "Write up");
  await page.getByRole("button", { name: "Lay out the write-up" }).click();
  await kept(page);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "DOCX" }).click();
  const parts = unzipSync(readFileSync(await (await download).path()));
  const picture = Object.entries(parts).find(([name]) => name.endsWith(".svg"))![1];
  const svg = Buffer.from(picture).toString();
  expect(svg).toContain(bars);
  expect(svg).not.toContain("#B3206A");
});

test("two series told apart by words: parabolas, velocities between readings, and v² for both", async ({
  page,
}) => {
  await openSheet(page);
  const x = (t: number, u: number) => (0.05 + u * t - 0.5 * 0.6 * t * t).toFixed(4);
  const rows = [0, 0.4, 0.8, 1.2, 1.6, 2.0, 2.4, 2.8].flatMap((t) => [
    ["soft push", t.toFixed(1), x(t, 0.8)],
    ["hard push", t.toFixed(1), x(t, 1.1)],
  ]);
  await paste(page, lines([["push", "time t / s", "position x / m"], ...rows]));
  await expect(page.getByTestId("worded")).toContainText("2 series");
  await named(page, "A marble rolled up a tilted tube");
  expect((await rowTexts(page, 1)).slice(0, 2)).toEqual(["0.0", "0.0500"]);
  await stage(page, "Slope");
  await pick(page, "Fit a curve", "parabola");
  await pick(page, "Fit a further curve", "parabola");
  await page.getByText("How it is fitted and drawn").last().click();
  await pick(page, "Through the points of", "hard push");
  await expect(page.getByRole("group", { name: /^Curve: parabola/ })).toHaveCount(2);
  await expect(drawn(page, "curve")).toHaveCount(2);
  await stage(page, "Derive");
  for (const [symbol, formula] of [
    ["v", "change(x)/change(t)"],
    ["w", "v^2"],
    ["m", "middle(x)"],
  ] as const) {
    await page.getByRole("button", { name: "Write a formula" }).click();
    await page.getByLabel(/^Formula of z/).fill(formula);
    await page.getByLabel("Symbol", { exact: true }).fill(symbol);
  }
  await stage(page, "Plot");
  await pick(page, "Up the vertical axis", "w / m2 s−2");
  await pick(page, "Along the horizontal axis", "m / m");
  await stage(page, "Slope");
  for (const role of ["best"]) {
    await openBlock(page, "Which lines are drawn");
    await page.getByRole("checkbox", { name: role, exact: true }).click();
  }
  await expect(drawn(page, "best-line")).toHaveCount(2);
  const slopes = await page.getByTestId("slope").allTextContents();
  expect(slopes).toHaveLength(2);
  for (const slope of slopes) expect(slope).toMatch(/^slope = −1\.2/);
});

test("a logistic of one’s own with a spoilt point, which is set aside by a right click", async ({
  page,
}) => {
  await openSheet(page);
  const y = (t: number) => 90 / (1 + Math.exp(-(t - 8) / 1.9));
  const rows = Array.from({ length: 15 }, (_, t) => [t, (t === 9 ? 12 : y(t)).toFixed(1)]);
  await paste(page, lines([["day t / d", "leaves A / cm²"], ...rows]));
  await named(page, "Duckweed on a dish");
  await stage(page, "Slope");
  await pick(page, "Fit a curve", "formula of one’s own");
  await page.getByLabel("Formula", { exact: true }).fill("k/(1 + exp(-(t - m)/b))");
  await expect(page.locator('[data-testid^="parameters-"]')).toBeVisible();
  await stage(page, "Measure");
  const spoilt = page.getByRole("gridcell", { name: /row 10, 12\.0/ });
  await spoilt.scrollIntoViewIfNeeded();
  await spoilt.click({ button: "right" });
  const menu = page.getByRole("menu", { name: "This reading and its row" });
  await menu.getByRole("menuitem", { name: /^Copy/ }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe("12.0");
  const inHand = page.getByRole("gridcell").getByRole("textbox");
  await inHand.click({ button: "right" });
  await menu.getByRole("menuitem", { name: /^Paste/ }).click();
  await expect(page.getByText("Pasted 1 row of 1 column.")).toBeVisible();
  await inHand.click({ button: "right" });
  await menu.getByRole("menuitem", { name: "Set the row aside" }).click();
  await page.getByRole("menuitem", { name: "misread" }).click();
  await stage(page, "Slope");
  const parameters = page.locator('[data-testid^="parameters-"]');
  await expect(parameters).toContainText(/m =8\.0/);
  await expect(parameters).toContainText(/b =1\.9/);
  await expect(parameters).toContainText(/k =90/);
  await page.getByText("Intervals of its parameters").click();
  await pick(page, "Level, of its bands too", "99 %");
  await expect(page.locator('[data-testid^="intervals-"]')).toContainText("±");
});

test("a weighted and an unweighted line side by side, with intervals of 99 %", async ({ page }) => {
  await openSheet(page);
  const rows = [
    [0.5, 0.1, 4.1, 0.2],
    [1.0, 0.1, 7.9, 0.2],
    [1.5, 0.1, 12.3, 0.3],
    [2.0, 0.1, 15.7, 0.6],
    [2.5, 0.1, 20.9, 1.2],
  ];
  await paste(page, lines([["load F / N", "±F", "sag s / mm", "±s"], ...rows]));
  await named(page, "Load on a clamped rule");
  await stage(page, "Plot");
  await pick(page, "Up the vertical axis", "sag, s / mm");
  await pick(page, "Along the horizontal axis", "load, F / N");
  await stage(page, "Slope");
  await pick(page, "Bars that count", "the vertical ones");
  await page.getByRole("checkbox", { name: "also the line with every point alike" }).click();
  await expect(drawn(page, "unweighted-line")).toHaveCount(1);
  await openBlock(page, "Bands and intervals");
  await pick(page, "Level", "99 %");
  await expect(page.getByTestId("intervals")).toContainText("±");
  await openBlock(page, "Two side by side");
  const told = page.getByTestId("side-by-side");
  await expect(told).toContainText("largest difference");
  await expect(page.getByText(/Both go through the same readings/)).toBeVisible();
});

test.describe("on a tablet beside the apparatus", () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });

  test("a whole table by big entry", async ({ page }) => {
    await openSheet(page);
    await named(page, "Air column in a tube");
    await page.getByRole("button", { name: "Big entry" }).tap();
    const dialog = page.getByRole("dialog", { name: "Big entry" });
    const key = (name: string) => dialog.getByRole("button", { name, exact: true });
    for (const [x, y] of [
      ["0.25", "-3.1"],
      ["0.5", "6.4"],
      ["0.75", "9.2"],
    ] as const) {
      for (const text of [x, y]) {
        for (const sign of text.replace("-", "")) await key(sign).tap();
        if (text.startsWith("-")) await key("Plus or minus").tap();
        await key("Next").tap();
      }
    }
    await expect(dialog.getByRole("table")).toContainText("0.75");
    await key("Back to the table").tap();
    await expect.poll(() => rowTexts(page, 1)).toEqual(["0.25", "−3.1"]);
    await expect.poll(() => rowTexts(page, 3)).toEqual(["0.75", "9.2"]);
  });

  test("a handle is 44 pixels wide for a finger, and a long press opens the menu", async ({
    page,
  }) => {
    await openSheet(page, "rule");
    const cell = page.getByRole("gridcell", { name: /row 3/ }).first();
    const box = (await cell.boundingBox())!;
    const touch = await page.context().newCDPSession(page);
    const at = [{ x: box.x + box.width / 2, y: box.y + box.height / 2 }];
    await touch.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: at });
    await expect(page.getByRole("menu", { name: "This reading and its row" })).toBeVisible();
    await touch.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    await page.keyboard.press("Escape");
    await stage(page, "Slope");
    await page.getByRole("button", { name: "Lay a straightedge" }).tap();
    const handle = page.getByRole("button", { name: "Straightedge 1, first handle" });
    const seen = (await handle.locator("path").last().boundingBox())!;
    const held = await page.evaluate(
      ([x, y]) => document.elementFromPoint(x!, y!)?.closest("[role=button]")?.getAttribute("aria-label"), // prettier-ignore
      [seen.x + seen.width / 2 + 19, seen.y + seen.height / 2],
    );
    expect(held).toMatch(/^Straightedge 1, first handle/);
  });
});

test.describe("on a phone", () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test("readings row by row, the stage in sight, and letters that can be read", async ({
    page,
  }) => {
    await signIn(page);
    await page.getByRole("button", { name: "Start from a sample" }).tap();
    await page.getByRole("menuitem", { name: "Springiness of a clamped rule" }).tap();
    const list = page.getByRole("list", { name: "Readings, row by row" });
    const field = list.getByLabel("overhang, row 2");
    await expect(field).toHaveAttribute("inputmode", "decimal");
    await field.fill("0.26");
    await field.press("Enter");
    await expect(list.getByLabel("time for ten swings 1, row 2")).toBeFocused();
    await stage(page, "Write up");
    await stage(page, "Plot");
    const rule = page.getByRole("navigation", { name: "Stages" });
    await expect(rule.getByRole("link", { name: "Plot" })).toBeInViewport({ ratio: 1 });
    await expect(page.getByLabel("Title of the investigation")).toBeInViewport({ ratio: 1 });
    const tick = drawn(page, "tick-label").first();
    const size = await tick.evaluate((text) => {
      const svg = text.closest("svg")!;
      const across = svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
      const letters = text.getAttribute("font-size") ?? text.querySelector("[font-size]")!.getAttribute("font-size"); // prettier-ignore
      return Number(letters) * across;
    });
    expect(size).toBeGreaterThanOrEqual(9.9);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  });
});
