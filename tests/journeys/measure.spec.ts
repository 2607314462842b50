import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, paste, rowTexts, stage } from "./bench";
import { test } from "./test";

const timings = [
  ["0.200", "3.12", "3.06", "3.15"],
  ["0.250", "4.31", "4.44", "4.38"],
  ["0.300", "5.81", "5.72", "5.79"],
  ["0.350", "7.22", "7.35", "7.30"],
  ["0.400", "8.84", "8.97", "8.92"],
];

test("the clamped rule, three repeats, typed by the keyboard alone", async ({ page }) => {
  await openSheet(page);
  const keys = page.keyboard;
  /** Walks with Tab from the grid to what has this name, as one without a mouse does. */
  const tabTo = async (name: RegExp) => {
    for (let turn = 0; turn < 60; turn++) {
      await keys.press("Tab");
      const label = await page.evaluate(() => {
        const here = document.activeElement as HTMLInputElement;
        if (here === document.body) return "";
        const named = here.getAttribute("aria-labelledby");
        const by = named ? document.getElementById(named)?.textContent : "";
        return `${here.getAttribute("aria-label") ?? ""} ${by} ${here.labels?.[0]?.textContent ?? ""} ${here.textContent}`;
      });
      if (name.test(label)) return;
    }
    throw new Error(`no way to ${name}`);
  };
  await expect(page.getByRole("textbox", { name: "Name" })).toBeVisible();
  await keys.press("Control+End");
  await tabTo(/Name/);
  await keys.type("time for ten swings");
  await tabTo(/Symbol/);
  await keys.type("t_10");
  await tabTo(/Unit/);
  await keys.type("s");
  await tabTo(/One repeat more/);
  await keys.press("Enter");
  await keys.press("Space");
  await keys.press("Escape");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  await keys.press("Home");
  for (const row of timings) {
    for (const text of row) {
      await keys.type(text);
      await keys.press("Tab");
    }
  }
  await expect
    .poll(() => rowTexts(page, 3))
    .toEqual(["0.300", "5.81", "5.72", "5.79", "5.77 ± 0.05", "0.045"]);
  await expect(
    page.getByRole("gridcell", { name: "time for ten swings, repeat 2, row 4, 7.35 seconds" }),
  ).toBeVisible();
  await expect(page.getByRole("img", { name: /^5 points/ })).toBeVisible();
});

test("a further repeat for one row, and one repeat set aside", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("gridcell", { name: /time for ten swings, repeat 2, row 3/ }).click();
  await page.keyboard.type("6.72");
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowUp");
  await expect(page.getByText(/Stands apart from the other 2 repeats/)).toBeVisible();
  await page.getByRole("button", { name: "Row 3", exact: true }).click();
  await page.getByRole("menuitem", { name: "A further repeat of t10" }).click();
  await page.keyboard.type("5.75");
  await page.keyboard.press("Enter");
  await page.getByRole("gridcell", { name: /repeat 2, row 3, 6.72/ }).click();
  await page.getByRole("button", { name: "Set aside repeat 2" }).click();
  await expect
    .poll(async () => (await rowTexts(page, 3)).slice(4, 7))
    .toEqual(["5.75", "5.8 ± 0.1", "0.030"]);
  await expect(page.getByText(/Stands apart/)).toHaveCount(0);
  await expect(page.getByTestId("scatter-explained")).toContainText(
    "3 repeats: half-range 0.030 s, instrument 0.10 s; the larger counts",
  );
  await expect(
    page.getByRole("gridcell", { name: "time for ten swings, repeat 4, row 4, empty" }),
  ).toBeVisible();
});

test("an instrument sets unit, decimals and ±; another is kept as one's own", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: "Read with" }).click();
  await page.getByRole("option", { name: /digital voltmeter/ }).click();
  await expect(page.getByTestId("unit-meaning")).toHaveText("V · voltage");
  await expect(page.getByRole("columnheader").nth(1)).toContainText("± (0.5 % + 2 digits)");
  await page.getByRole("gridcell").first().click();
  for (const text of ["1.2", "2.4", "3.6"]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }
  await expect(
    page.getByText(/an instrument with steps of 0.01 is read to 2 decimals/),
  ).toBeVisible();
  await page.getByRole("textbox", { name: "Instrument" }).fill("the blue meter");
  await page.getByLabel("Smallest step shown").fill("0.1");
  await expect(page.getByText(/an instrument with steps/)).toHaveCount(0);
  await page.getByRole("button", { name: "Keep as one’s own instrument" }).click();
  await page.getByRole("columnheader").nth(2).click();
  await page.getByRole("button", { name: "Read with" }).click();
  await page.getByRole("option", { name: /the blue meter/ }).click();
  await expect(page.getByRole("columnheader").nth(2)).toContainText("y / V");
});

test("house rules: everything follows at once, and undo brings the old ones back", async ({
  page,
}) => {
  await openSheet(page, "rule");
  const choose = async (rule: string, value: string | RegExp) => {
    await page.getByRole("dialog").getByRole("button", { name: rule }).click();
    await page.getByRole("option", { name: value }).click();
  };
  await page.getByRole("button", { name: "House rules" }).click();
  await choose("Start from", /University/);
  await choose("Headings and axes", "quantity (unit)");
  await choose("Decimal mark", /comma/);
  await choose("Word for the steepness", "gradient");
  await page.getByRole("button", { name: "Put away" }).click();
  await expect(page.getByRole("columnheader").nth(1)).toContainText("L (m)");
  await expect
    .poll(async () => (await rowTexts(page, 3)).slice(4, 6))
    .toEqual(["5,77 ± 0,10", "0,027"]);
  await stage(page, "Slope");
  await expect(page.getByTestId("slope")).toContainText(/^gradient = 12,\d+ ± 0,\d+ s2/);
  await expect(page.locator('[data-role="axis-label"]').first()).toHaveText(
    "overhang cubed, L3 (m3)",
  );
  for (let turn = 0; turn < 4; turn++) await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByTestId("slope")).toContainText(/^slope = 12\.\d/);
});

test("constants: one's own with its ±, and one of nature", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("button", { name: "Add a constant" }).click();
  await page.getByLabel("Value of k").fill("25.4");
  await page.getByLabel("± of k").fill("-0.1");
  await expect(page.getByText("An uncertainty is a size and can’t be below zero.")).toBeVisible();
  await page.getByLabel("± of k").fill("0.1");
  await page.getByLabel("Symbol of k").fill("sin");
  await expect(page.getByText("Formulas keep sin for themselves.")).toBeVisible();
  await page.getByLabel("Symbol of sin").fill("b");
  await page.getByRole("button", { name: "Constants of nature" }).click();
  await page.getByLabel("Search by name or symbol").fill("planck");
  await page.getByRole("button", { name: "Take Planck constant" }).click();
  await page.getByRole("button", { name: "Put away" }).click();
  await expect(page.getByLabel("Value of h")).toHaveValue("6.62607015e-34");
  await kept(page);
  await page.reload();
  await expect(page.getByLabel("Value of b")).toHaveValue("25.4");
});

test("who removes things by keys stands at the next one, and at the last at what is left", async ({
  page,
}) => {
  await openSheet(page, "Springiness of a clamped rule");
  for (const [symbol, next] of [
    ["m", "Remove b"],
    ["b", "Remove d"],
    ["d", "Constants of nature"],
  ] as const) {
    await page.getByRole("button", { name: `Remove ${symbol}`, exact: true }).press("Enter");
    await expect(page.getByRole("button", { name: next, exact: true })).toBeFocused();
  }
});

test("two tables, two series: each row to its own", async ({ page }) => {
  await openSheet(page);
  await paste(page, "l / m\tR / ohm\n0.2\t1.1\n0.4\t2.1\n0.2\t2.0\n0.4\t4.1");
  await page.getByRole("gridcell", { name: /row 3/ }).first().click();
  await page.keyboard.press("Shift+ArrowDown");
  await page.getByRole("button", { name: "Rows 3 to 4", exact: true }).click();
  await page.getByRole("menuitem", { name: "Make a series of them" }).click();
  await page.getByRole("button", { name: "series 1" }).click();
  await page.getByLabel("Name of the series").fill("thin wire");
  await page.getByRole("gridcell", { name: /^l, row 3, empty/ }).click();
  await page.keyboard.type("0.6");
  await page.keyboard.press("Tab");
  await page.keyboard.type("6.0");
  await page.keyboard.press("Enter");
  await stage(page, "Slope");
  await expect(page.getByRole("heading", { name: "Best-fit line: thin wire" })).toBeVisible();
  await expect(
    page.getByRole("img", { name: /5 points in 2 series \(thin wire, no series\)/ }),
  ).toBeVisible();
  await stage(page, "Measure");
  await page.getByRole("button", { name: "Add a table" }).click();
  await page.getByLabel("Name of the table in hand").fill("geometry");
  await expect(page.getByRole("grid", { name: "geometry" })).toBeVisible();
  await page.getByRole("gridcell").first().click();
  await page.keyboard.type("25.4");
  await page.getByRole("button", { name: "Remove this table" }).click();
  await expect(page.getByText("geometry was removed with 1 row.")).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByLabel("Name of the table in hand")).toHaveValue("geometry");
  await expect.poll(() => rowTexts(page, 1)).toEqual(["25.4"]);
});

test("a pencil mark is answered with a reason, and brought back", async ({ page }) => {
  await openSheet(page);
  await paste(page, "L / m\tt / s\n1.0\t2.0\n1.2\t2.6\n1.4\t3.1");
  await expect(page.getByRole("link", { name: /Measure 3 pencil marks/ })).toBeVisible();
  await page
    .getByRole("button", { name: /Answer: There are only 3 readings/ })
    .first()
    .click();
  await page.getByRole("button", { name: "Rub out the mark" }).click();
  await expect(page.getByRole("link", { name: /Measure 2 pencil marks/ })).toBeVisible();
  await page.getByText("Rubbed out (1)").click();
  await expect(page.getByText("It stands because: checked against the notes")).toBeVisible();
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(page.getByRole("link", { name: /Measure 3 pencil marks/ })).toBeVisible();
});

test("a reading is found by its text, and the keys go on from there", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Control+f");
  await page.keyboard.type("0.4");
  await expect(page.getByText("2 found")).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page.getByText("1 of 2")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("textbox", { name: "overhang, row 5" })).toBeFocused();
});

test("a quantity is dragged, hidden and shown, and its symbol kept apart from others", async ({
  page,
}) => {
  await openSheet(page, "rule");
  const heading = (index: number) => page.getByRole("columnheader").nth(index);
  const from = (await heading(1).boundingBox())!;
  const to = (await heading(3).boundingBox())!;
  await page.mouse.move(from.x + 40, from.y + 30);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + 30, { steps: 12 });
  await page.mouse.up();
  await expect(heading(3)).toContainText("L / m");
  await page.keyboard.press("Control+z");
  await expect(heading(1)).toContainText("L / m");
  await heading(1).click();
  await page.keyboard.press("Alt+ArrowRight");
  await expect(heading(2)).toContainText("L / m");
  await page.getByRole("button", { name: "Hide" }).click();
  await expect(page.getByRole("columnheader")).toHaveCount(5);
  await page.getByRole("button", { name: "Show" }).click();
  await expect(page.getByRole("columnheader")).toHaveCount(6);
  await page.getByLabel("Symbol").fill("t_10");
  await expect(page.getByText("Something else is already called t_10.")).toBeVisible();
  await page.getByRole("button", { name: "Remove this quantity" }).click();
  await expect(page.getByText(/was removed with \d+ readings.*Undo/)).toBeVisible();
});

test("pasted columns: a ± belongs to its quantity, numbered ones are repeats; undo names what it takes back", async ({
  page,
}) => {
  await openSheet(page);
  await paste(
    page,
    "flow Q / mL s⁻¹\t±Q\thead h / cm\tN1\tN2\tN3\n12.4\t0.2\t5.0\t3\t4\t5\n17.6\t0.3\t10.0\t3\t4\t8",
  );
  await expect(page.getByRole("heading", { name: "First look: h against Q" })).toBeVisible();
  const note = page.getByTestId("gathered");
  await expect(note).toContainText("3 columns were taken as repeats of N");
  expect(await rowTexts(page, 2)).toEqual(["17.6", "0.3", "10.0", "3", "4", "8", "5 ± 3", "2.5"]);
  await note.getByRole("button", { name: "Make them columns of their own" }).click();
  await expect(note).toHaveCount(0);
  expect(await rowTexts(page, 2)).toEqual(["17.6", "0.3", "10.0", "3", "4", "8"]);
  await page.getByTitle("Undo: repeats made columns").click();
  await expect(page.getByTitle("Redo: repeats made columns")).toBeEnabled();
  await page.getByRole("button", { name: "Put the ± behind each reading" }).click();
  expect((await rowTexts(page, 1)).slice(0, 2)).toEqual(["12.4 ± 0.2", "5.0"]);
  await page.getByRole("button", { name: "Take the ± into a column of its own" }).click();
  expect((await rowTexts(page, 1)).slice(0, 3)).toEqual(["12.4", "0.2", "5.0"]);
});

test("the list of all keys is one key away, and from the header", async ({ page }) => {
  await openSheet(page);
  await page.keyboard.press("F1");
  const list = page.getByRole("dialog", { name: "All keys" });
  await expect(list.getByRole("region")).toHaveCount(8);
  await noBarrier(page);
  await page.keyboard.press("Escape");
  await expect(list).toHaveCount(0);
  await page.getByRole("button", { name: "All keys" }).click();
  await expect(list.getByRole("heading", { name: "All keys" })).toBeVisible();
});

test("pasted words that come again make series, and stay a column by one click", async ({
  page,
}) => {
  await openSheet(page);
  await paste(page, "wire\tl / m\tR / ohm\nthin\t0.2\t2.1\nthick\t0.3\t1.1\nthin\t0.4\t4.0");
  const note = page.getByTestId("worded");
  await expect(note).toContainText("the rows stand in 2 series");
  expect(await rowTexts(page, 2)).toEqual(["0.4", "4.0"]);
  await expect(page.getByRole("heading", { name: "First look: R against l" })).toBeVisible();
  await note.getByRole("button", { name: "Leave it a column" }).click();
  await expect(note).toHaveCount(0);
  expect(await rowTexts(page, 2)).toEqual(["thick", "0.3", "1.1"]);
  await page.getByRole("button", { name: "Make them series" }).click();
  expect(await rowTexts(page, 2)).toEqual(["0.4", "4.0"]);
});
