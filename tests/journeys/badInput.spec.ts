import { expect } from "@playwright/test";
import { paste, rowTexts, signIn, stage, start } from "./bench";
import { test } from "./test";

test.beforeEach(({ page }) => signIn(page));

test("a word in a cell is kept, marked, counted on the rule, and its row left out", async ({
  page,
}) => {
  await start(page, "rule");
  await page.getByRole("gridcell", { name: /overhang, row 3/ }).click();
  await page.keyboard.type("about 3");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /Measure 1 pencil mark\b/ })).toBeVisible();
  await expect(page.getByText("“about 3” is not a number.")).toBeVisible();
  await expect.poll(async () => (await rowTexts(page, 3))[0]).toBe("about 3");
  await stage(page, "Slope");
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("points")).toHaveText("6");
  await expect(page.getByRole("img", { name: /: 6 points/ })).toBeVisible();
});

test("a ± that is no size is explained beside it", async ({ page }) => {
  await start(page, "rule");
  await page.getByLabel("± of each reading").fill("-1");
  await expect(
    page.getByText("An uncertainty is a size and can’t be below zero.").first(),
  ).toBeVisible();
});

test("HTML from a web page", async ({ page }) => {
  await start(page);
  const html =
    "<p>Some text</p><table><tr><th>overhang L / m</th><th>time t / s</th></tr>" +
    "<tr><td>0,200</td><td> 3,1 </td></tr><tr><td>0,250</td><td>4,4</td></tr></table>";
  await paste(page, "Some text overhang", html);
  await expect(page.getByText("Decimal commas were read as points.")).toBeVisible();
  await expect.poll(() => rowTexts(page, 1)).toEqual(["0.200", "3.1"]);
  await expect(page.getByRole("columnheader").nth(2)).toContainText("t / s");
});

test("an empty clipboard, ragged rows, a byte-order mark", async ({ page }) => {
  await start(page);
  await paste(page, "\n");
  await expect(page.getByText("The clipboard is empty.")).toBeVisible();
  await paste(page, "\uFEFF1\t2\n3\n4\t5");
  await expect(page.getByText("1 row had missing cells, left as they were.")).toBeVisible();
  await expect.poll(() => rowTexts(page, 2)).toEqual(["3", ""]);
  await expect.poll(() => rowTexts(page, 3)).toEqual(["4", "5"]);
});

test("50 000 rows are refused in a sentence, 5 000 are taken", async ({ page }) => {
  await start(page);
  const rows = (count: number) =>
    Array.from({ length: count }, (_, i) => `${i}\t${2 * i}`).join("\n");
  await paste(page, rows(50_000));
  await expect(
    page.getByText(/This block has 50\s000 rows; an investigation holds up to 20\s000 rows/),
  ).toBeVisible();
  await expect.poll(() => rowTexts(page, 1)).toEqual(["", ""]);
  await paste(page, rows(5000));
  await expect(page.getByText(/Pasted 5000 rows of 2 columns/)).toBeVisible();
  await page.keyboard.press("Control+End");
  await expect.poll(() => rowTexts(page, 5000)).toEqual(["4999", "9998"]);
  await stage(page, "Slope");
  await expect(page.getByTestId("slope")).toHaveText("slope = 2");
});

test("one reading, two readings, all at one place: each says what is missing", async ({ page }) => {
  await start(page);
  await stage(page, "Slope");
  await expect(page.getByText("There are no points yet. A line needs two rows")).toBeVisible();
  await stage(page, "Measure");
  await paste(page, "1\t2");
  await stage(page, "Slope");
  await expect(page.getByText("There is only one point.")).toBeVisible();
  await stage(page, "Measure");
  await paste(page, "1\t2\n1\t3");
  await stage(page, "Slope");
  await expect(page.getByText("All points stand at the same place")).toBeVisible();
  await stage(page, "Measure");
  await paste(page, "1\t2\n2\t3");
  await stage(page, "Slope");
  await expect(page.getByText("Two points always lie on a line")).toBeVisible();
  await expect(page.locator("body")).not.toContainText(/NaN|undefined|Infinity|\[object/);
});
