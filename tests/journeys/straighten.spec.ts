import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, paste, sharedPlace, stage, start } from "./bench";
import { test } from "./test";

async function atBoard(page: Page): Promise<void> {
  await openSheet(page, "rule", "straighten");
  await expect(page.getByRole("grid", { name: "Straighten board" })).toBeVisible();
}

async function choose(page: Page, label: string | RegExp, option: string | RegExp): Promise<void> {
  await page.getByRole("button", { name: label }).last().click();
  const exact = typeof option === "string";
  await page.getByRole("option", { name: option, exact }).click();
}

const figure = (page: Page, name: RegExp) => page.getByRole("main").getByRole("img", { name });

/** The first two numbers of a text: a value and its ±. */
function statement(text: string | null): { value: number; half: number } {
  const [value, half] = [...(text ?? "").replaceAll("−", "-").matchAll(/-?\d+(?:\.\d+)?/g)].map(
    ([number]) => Number(number),
  );
  return { value: value!, half: half! };
}

/** A capacitor discharging: U = 9 V · exp(−t/24.2 s), read to 0.05 V. */
async function discharge(page: Page): Promise<void> {
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await openSheet(page);
  const readings = ["8.87", "7.00", "5.48", "4.24", "3.24", "2.61", "2.00", "1.57", "1.23", "0.94"];
  const rows = readings.map((volts, i) => `${6 * i}\t${volts} ± 0.05`);
  await paste(page, ["time, t / s\tvoltage, U / V", ...rows].join("\n"));
  await expect(page.getByText(/Pasted/)).toBeVisible();
}

test("from T and L to T² against L³ by the board", async ({ page }) => {
  await atBoard(page);
  await expect(page.getByTestId("straightness")).toContainText("Straight as far as the points");
  await expect(page.getByTestId("exponent")).toContainText("agrees with 3/2");
  await expect(page.getByTestId("possible")).toContainText("only a power law");
  await page.getByRole("button", { name: "Plot T2 against L3" }).click();
  await expect(figure(page, /^T² against L³: 7 points/)).toBeVisible();
  await stage(page, "Derive");
  await expect(page.getByRole("cell", { name: /cubed/ })).toHaveCount(1);
});

test("the board by keys: another pair makes the quantity that it needs", async ({ page }) => {
  await atBoard(page);
  const selected = page.getByRole("gridcell", { selected: true });
  await selected.focus();
  await expect(selected).toHaveAccessibleName(/squared against cubed: straight, the straightest/);
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowLeft");
  await expect(selected).toHaveAccessibleName(/to the power 3\/2 against squared/);
  await expect(page.getByTestId("straightness")).toContainText("Bent");
  await page.keyboard.press("Enter");
  await expect(figure(page, /^T\^?1\.5 against L²/)).toBeVisible();
  await expect(page.getByText("overhang squared, L2 / m2").first()).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(figure(page, /^T² against L³/)).toBeVisible();
});

test("from T and L to T² against L³ by the theory", async ({ page }) => {
  await atBoard(page);
  await page.getByLabel(/equation that the readings/).fill("T = 2π√(4 m L³/(E b d³))");
  const roles = page.getByTestId("roles");
  await expect(roles).toContainText("measuredT, L");
  await expect(roles).toContainText("unknownm, E, b, d");
  const first = page.getByTestId("theory-pairs").getByRole("listitem").first();
  await expect(first).toContainText("slope");
  await first.getByText("How one gets there").click();
  await expect(first).toContainText("Square both sides.");
  await first.getByRole("button", { name: "Plot it" }).click();
  await expect(figure(page, /^T² against L³: 7 points/)).toBeVisible();
  await kept(page);
  await page.reload();
  await stage(page, "Straighten");
  await expect(page.getByLabel(/equation that the readings/)).toHaveValue(/^T = 2π√/);
});

test("an equation that stays curved says so and is fitted as it stands", async ({ page }) => {
  await atBoard(page);
  const field = page.getByLabel(/equation that the readings/);
  await field.fill("T = a L = b");
  await expect(page.getByText(/with one = between both sides/)).toBeVisible();
  await field.fill("T = a L^n + c");
  await expect(page.getByText(/No pair of quantities makes this equation straight/)).toBeVisible();
  await page.getByRole("button", { name: "Fit it as a curve" }).click();
  await expect(figure(page, /^T against L: 7 points.*fitted curve: a L\^n \+ c/)).toBeVisible();
  await stage(page, "Slope");
  await expect(page.getByRole("group", { name: /Curve: a L/ })).toContainText("n =");
});

test("a discharge by its logarithm and by a curve: both rates agree within their ±", async ({
  page,
}) => {
  await discharge(page);
  await stage(page, "Straighten");
  await expect(page.getByTestId("possible")).toContainText("only an exponential");
  const pair = page.getByRole("gridcell", { name: /^natural logarithm against as read/ });
  await pair.click();
  await expect(page.getByTestId("straightness")).toContainText("Straight as far as");
  await page.getByRole("button", { name: /^Plot ln/ }).click();
  await stage(page, "Slope");
  const byLine = statement(await page.getByTestId("slope").textContent());

  await stage(page, "Plot");
  await choose(page, "Up the vertical axis", /voltage, U/);
  await stage(page, "Slope");
  await choose(page, "Fit a curve", "exponential");
  await expect(page.locator('[data-role="curve"]').first()).toBeVisible();
  const rate = page
    .getByTestId(/^parameters-/)
    .getByText(/±/)
    .last();
  await expect(rate).toBeVisible();
  const byCurve = statement(await page.getByTestId(/^parameters-/).getByRole("definition").last().textContent()); // prettier-ignore
  expect(byLine.value).toBeCloseTo(-0.0412, 2);
  expect(Math.abs(byLine.value - byCurve.value)).toBeLessThan(byLine.half + byCurve.half);
});

test("curves beside one another, a kept parameter, reading off, and back to the line", async ({
  page,
}) => {
  await discharge(page);
  await stage(page, "Slope");
  await choose(page, "Fit a curve", "exponential to a level");
  await choose(page, "Fit a further curve", "parabola");
  const compared = page.getByTestId("compared");
  await expect(compared.getByRole("row", { name: /exponential to a level/ })).toContainText(
    "lowest",
  );
  await expect(page.getByText(/Physics chooses the curve/)).toBeVisible();

  const curve = page.getByRole("group", { name: "Curve: exponential to a level" });
  await curve.getByText("How its parameters err together").click();
  const pairs = curve.getByTestId(/^covariance-/).getByRole("row");
  await expect(pairs).toHaveCount(4);
  await expect(pairs.nth(1)).toContainText(/−?0\.9\d\d/);

  await curve.getByText("Starting values and bounds").click();
  const level = curve.getByRole("group", { name: "Parameter c" });
  await level.getByLabel("start", { exact: true }).fill("0");
  await level.getByLabel("keep at its start").check();
  await expect(curve.getByTestId(/^parameters-/)).toContainText("kept");

  await curve.getByText("Read off the curve").click();
  await curve.getByLabel("At this value across").fill("9");
  await curve.getByLabel("area from there to").fill("15");
  await expect(curve.getByTestId("curve-height")).toContainText(/6\.1\d* ± 0\.0/);
  await expect(curve.getByTestId("curve-slope")).toContainText("−0.25");
  await expect(curve.getByTestId("curve-area")).toContainText(/32\.\d* ± 0\.\d/);
  await curve.getByLabel("At this value up").fill("4.5");
  await expect(curve.getByTestId("curve-places")).toContainText("16.");

  await page.getByLabel(/off the first, under the figure/).check();
  await expect(page.getByRole("main").locator('[data-role="strip-points"]')).toBeVisible();
  await noBarrier(page);

  await curve.getByRole("button", { name: "Take off" }).click();
  await page.getByRole("button", { name: "Take off" }).click();
  await expect(page.getByRole("main").locator('[data-role="best-line"]')).toBeVisible();
});

test("the stage has no barrier, and an empty one offers the first step", async ({ page }) => {
  await atBoard(page);
  await page.getByLabel(/equation that the readings/).fill("T = 2π√(4 m L³/(E b d³))");
  await page.getByText("How one gets there").first().click();
  await noBarrier(page);
  await page.goto(`${sharedPlace()}/shelf`);
  await start(page);
  await stage(page, "Straighten");
  await expect(page.getByText(/needs four rows with a reading of both/)).toBeVisible();
});

test("a pair that stays bent says why, and the next thing to try is a button", async ({ page }) => {
  await openSheet(page);
  const scatter = [0.03, -0.05, 0.02, 0.04, -0.04, 0.01, -0.02];
  const rows = scatter.map((by, i) => `${i + 1}\t${(40 + 3 * (i + 1) ** 2 + by).toFixed(2)}`);
  await paste(page, ["load F / N\tlength s / mm", ...rows].join("\n"));
  await stage(page, "Straighten");
  await page.getByRole("gridcell", { name: /^square root against as read/ }).click();
  const why = page.getByTestId("why-bent");
  await expect(why).toContainText("does not begin at zero: a constant is added to y");
  await why.getByRole("button", { name: /^Look at/ }).click();
  await expect(page.getByTestId("straightness")).toContainText("Straight as far as");
  await expect(why).toHaveCount(0);
});

test("a velocity against a position that goes back on itself: v² is proposed, and plotted", async ({
  page,
}) => {
  await openSheet(page);
  const rows = Array.from({ length: 13 }, (_, i) => {
    const v = 1.2 - 0.2 * i;
    return `${((1.44 - v * v) / 1.2 + 0.003 * (i % 3)).toFixed(3)}\t${v.toFixed(2)}`;
  });
  await paste(page, ["position x / m\tvelocity v / m s^-1", ...rows].join("\n"));
  await stage(page, "Straighten");
  const why = page.getByTestId("why-bent");
  await expect(why).toContainText("Square the other one");
  await why.getByRole("button", { name: "Plot v² against x" }).click();
  await expect(page).toHaveURL(/\/plot$/);
  await expect(page.getByRole("img", { name: /against x/ })).toBeVisible();
});
