import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect } from "@playwright/test";
import { roundStatement } from "../../src/core/number/statement";
import {
  chooseUncertainty,
  kept,
  openSheet,
  paste,
  rowTexts,
  sharedPlace,
  signIn,
  stage,
  start,
} from "./bench";
import { test } from "./test";

interface LineCase {
  name: string;
  input: { x: number[]; y: number[] };
  expected: { slope: number; se_slope: number; intercept: number; se_intercept: number };
}

function lineCase(name: string): LineCase {
  const file = join(import.meta.dirname, "../reference/cases/05-line-ols.json");
  const { cases } = JSON.parse(readFileSync(file, "utf8")) as { cases: LineCase[] };
  return cases.find((each) => each.name === name)!;
}

test("readings in, a figure with its slope out, and everything there next time", async ({
  page,
  context,
}) => {
  const { input, expected } = lineCase("ohm-10-points");
  await signIn(page);
  await expect(
    page.getByRole("link", { name: /Springiness of a clamped rule/ }).first(),
  ).toBeVisible();
  await start(page);
  const rows = input.x.map((x, i) => `${x}\t${input.y[i]}`);
  await paste(page, ["current I / A\tvoltage V / V", ...rows].join("\n"));
  await expect(page.getByText("Pasted 10 rows of 2 columns.")).toBeVisible();
  await expect(page.getByRole("columnheader").nth(1)).toContainText("currentI / A");

  await chooseUncertainty(page, "the same for every reading");
  await page.getByLabel("± of each reading").fill("0.1");
  await page.getByRole("columnheader").nth(2).click();
  await expect(page.getByLabel("Symbol")).toHaveValue("V");
  await chooseUncertainty(page, "the same for every reading");
  await page.getByLabel("± of each reading").fill("5");
  await page.getByLabel("Title of the investigation").fill("A wire");

  await stage(page, "Plot");
  await expect(page.getByRole("button", { name: "Along the horizontal axis" })).toContainText(
    "I / A",
  );
  await expect(page.locator('[data-role="error-bars"]')).toBeVisible();
  const bars = await page.locator('[data-role="error-bars"]').getAttribute("d");
  expect(bars?.match(/M/g)).toHaveLength(10 * 6);

  await stage(page, "Slope");
  const slope = roundStatement(expected.slope, expected.se_slope, "one");
  const intercept = roundStatement(expected.intercept, expected.se_intercept, "one");
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("slope with its standard error")).toHaveText(
    `${slope.value} ± ${slope.uncertainty} V\u00a0A−1`,
  );
  await expect(page.getByTestId("intercept with its standard error")).toHaveText(
    `${intercept.value} ± ${intercept.uncertainty} V`,
  );
  await kept(page);
  const address = page.url();
  await page.close();

  const later = await context.newPage();
  await later.goto(address);
  await later.getByText("How the points lie", { exact: true }).click();
  await expect(later.getByTestId("slope with its standard error")).toContainText(slope.value);
  await stage(later, "Measure");
  await expect.poll(() => rowTexts(later, 10)).toEqual([String(input.x[9]), String(input.y[9])]);
  await later.goto(`${sharedPlace()}/shelf`);
  await expect(later.getByRole("link", { name: /A wire/ })).toBeVisible();
});

test("choosing other axes changes the figure and the slope's unit", async ({ page }) => {
  await openSheet(page, "rule", "plot");
  await page.getByRole("button", { name: "Along the horizontal axis" }).click();
  await page.getByRole("option", { name: "overhang, L / m", exact: true }).click();
  await expect(page.locator('[data-role="title"]')).toHaveText("T2 against L");
  await expect(page.locator('[data-role="axis-label"]').first()).toHaveText("overhang, L / m");
  await stage(page, "Slope");
  await expect(page.getByTestId("slope")).toContainText("s2 m−1");
});

test("the figure is taken out as SVG and PNG, alike to the page", async ({ page }) => {
  await openSheet(page, "rule", "plot");
  const figure = page.getByRole("img", { name: /^T² against L³: 7 points/ });
  await expect(figure).toBeVisible();
  const onPage = await figure
    .locator("path")
    .evaluateAll((all) => all.map((path) => path.getAttribute("d")));

  const [svgFile] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "SVG", exact: true }).click(),
  ]);
  expect(svgFile.suggestedFilename()).toBe("T2-against-L3.svg");
  const svg = readFileSync(await svgFile.path(), "utf8");
  expect([...svg.matchAll(/<path[^>]* d="([^"]*)"/g)].map(([, d]) => d)).toEqual(onPage);
  expect(svg.match(/@font-face/g)).toHaveLength(3);

  const [pngFile] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "PNG", exact: true }).click(),
  ]);
  const png = readFileSync(await pngFile.path());
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([2008, 1417]);
  expect(png.subarray(37, 41).toString()).toBe("pHYs");
  expect(png.length).toBeGreaterThan(20_000);
});
