import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { chooseTyping, kept, paste, pressEnter, stage } from "./bench";
import { madeBrief, margin, received } from "./brief";
import { classWith, joined, makeClass, setExperiment } from "./school";
import { test } from "./test";

const title = "Stiff together";

/** Overhangs with three times of ten swings each, as a rule of about that stiffness gives them. */
function readings(scale: number): string {
  const rows = [
    [0.2, 3.16],
    [0.25, 4.42],
    [0.3, 5.81],
    [0.35, 7.32],
    [0.4, 8.94],
    [0.45, 10.67],
    [0.5, 12.5],
  ] as const;
  return rows
    .map(([length, time]) => {
      const times = [-0.05, 0, 0.05].map((off) => (time * scale + off).toFixed(2));
      return [length.toFixed(3), ...times].join("\t");
    })
    .join("\n");
}

async function work(page: Page, scale: number): Promise<void> {
  await page.reload();
  await page.getByRole("link", { name: new RegExp(title) }).click();
  await page.getByRole("gridcell").first().click();
  await paste(page, readings(scale));
  await expect(page.locator('[data-cell="6 3"]')).toContainText(/\d/);
  await kept(page);
}

async function handIn(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Hand in…" }).click();
  await page.getByRole("button", { name: "Hand it in" }).click();
  await expect(page.getByText("It stays as it is until it comes back.")).toBeVisible();
}

/** The row of a bench on the overview. */
const row = (page: Page, name: string) => page.getByRole("row").filter({ hasText: name });

test("a class works by a brief: seen at a glance, handed in, remarked, given back, mended, handed in again, pooled", async ({
  page,
  browser,
}) => {
  test.setTimeout(300_000);
  page.setDefaultTimeout(30_000);
  const code = await makeClass(page);
  const address = page.url();
  const [mina, joss, pia] = await Promise.all(
    ["Mina", "Joss", "Pia"].map((name) => joined(browser, name, code)) as [
      Promise<Page>,
      Promise<Page>,
      Promise<Page>,
    ],
  );
  const sent = await received(mina);
  await madeBrief(page, title);
  await page.goto(address);
  await page.getByRole("link", { name: "Set an experiment" }).click();
  await page.getByRole("button", { name: /Each bench begins with/ }).click();
  await page.getByRole("option", { name: `${title} · brief` }).first().click();
  await page.getByRole("button", { name: "Set the experiment" }).click();
  await page.getByRole("button", { name: "Everyone alone" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();

  await page.getByRole("link", { name: "At a glance" }).click();
  await expect(row(page, "Mina")).toContainText("not begun");
  await work(mina, 1);
  await expect(row(page, "Mina")).toContainText("Measure");
  await expect(row(page, "Mina")).toContainText(/12\.\d\s±\s0\.\d/);
  await work(joss, 1.01);
  await work(pia, 1.15);
  await expect(page.getByRole("img", { name: "The results of 3 benches on a number line" })).toBeVisible();
  await expect(page.getByText("Mean of 3 benches, weighted by their ±.")).toBeVisible();
  await page.getByRole("button", { name: "readings", exact: true }).click();
  await noBarrier(page);

  for (const name of ["Derive", "Straighten", "Plot", "Slope", "Conclude", "Write up"]) {
    await stage(mina, name);
  }
  await stage(mina, "Measure");
  const holdsValue = () => sent.filter((text) => text.includes("217.31"));
  expect(sent.length).toBeGreaterThan(5);
  expect(holdsValue()).toEqual([]);
  await handIn(mina);
  await expect.poll(() => holdsValue().length).toBeGreaterThan(0);
  await expect(row(page, "Mina")).toContainText("handed in");
  const glance = await page.context().newPage();
  await glance.goto(page.url());
  await row(page, "Mina").getByRole("button").click();
  await page.getByRole("link", { name: "Read their sheet" }).click();
  await expect(row(glance, "Mina")).toContainText("opened");
  await expect(mina.getByText("Your teacher is reading it.")).toBeVisible();
  await page.locator('[data-cell="2 3"]').click();
  await expect(page.getByTestId("remark-on")).toContainText("row 3, t10, repeat 3");
  await page.getByLabel("Remark", { exact: true }).fill("Eleven swings?");
  await page.getByRole("button", { name: "Keep these words as a phrase" }).click();
  await page.getByRole("button", { name: "Put the remark" }).click();
  await expect(page.getByText("The bench sees it once you give the sheet back.")).toBeVisible();
  await stage(page, "Plot");
  await page.locator(`[data-place^="figure:"]`).click({ position: { x: 200, y: 150 } });
  await page.getByRole("button", { name: "Your phrases" }).click();
  await page.getByRole("menuitem", { name: "Eleven swings?", exact: true }).click();
  await page.getByRole("button", { name: "Put the remark" }).click();
  await stage(page, "Write up");
  await pressEnter(page.getByRole("button", { name: "Something else…" }));
  await chooseTyping(page, "Aim", /^Aim/);
  await expect(page.getByTestId("remark-on")).toHaveText("Aim");
  await pressEnter(page.getByRole("button", { name: "Something else…" }));
  await page.getByRole("menuitem", { name: "Write up as a whole" }).press("Enter");
  await expect(page.getByTestId("remark-on")).toHaveText("Write up as a whole");
  await page.getByRole("checkbox", { name: /^all / }).first().click();
  await page.getByLabel("Last word").fill("Mend the third row.");
  await noBarrier(page);
  expect(await mina.getByText("Eleven swings?").count()).toBe(0);
  await page.getByRole("button", { name: "Give it back" }).click();
  await expect(page.getByText("It is back with the bench.")).toBeVisible();
  await expect(row(glance, "Mina")).toContainText("given back");
  const sheet = page.url();
  await page.goto(address);

  await stage(mina, "Measure");
  const remark = margin(mina).getByRole("listitem").filter({ hasText: "Eleven swings?" });
  await expect(remark).toContainText("row 3, t10, repeat 3");
  await remark.getByRole("button", { name: /^Answer/ }).click();
  await remark.getByLabel("Answer").fill("Yes, eleven.");
  await remark.getByRole("button", { name: "Answer", exact: true }).click();
  await remark.getByRole("checkbox", { name: "done" }).click();
  await noBarrier(mina);
  await stage(mina, "Write up");
  await expect(margin(mina).getByText("Mend the third row.")).toBeVisible();
  await stage(mina, "Measure");
  await mina.locator('[data-cell="2 3"]').click();
  await mina.keyboard.type("5.80");
  await mina.keyboard.press("Enter");
  await kept(mina);
  await handIn(mina);

  await expect(row(glance, "Mina")).toContainText("handed in");
  await page.goto(sheet);
  await expect(row(glance, "Mina")).toContainText("opened");
  await page.getByRole("button", { name: "What changed" }).click();
  const changes = page.getByRole("dialog");
  await expect(changes).toContainText("row 3, t10, repeat 3: 5.86 → 5.80");
  await noBarrier(page);
  await page.keyboard.press("Escape");
  await stage(page, "Measure");
  await expect(margin(page).getByText("Yes, eleven.")).toBeVisible();
  await expect(margin(page).getByText("marked as done")).toBeVisible();

  await page.goto(address);
  await page.getByRole("link", { name: title }).click();
  await page.getByRole("button", { name: "Pool the class" }).click();
  await expect(page.getByRole("heading", { name: "Figure", exact: true })).toBeAttached();
  await stage(page, "Slope");
  for (const bench of [1, 2, 3]) {
    await expect(page.getByRole("heading", { name: `Best-fit line: Bench ${bench}` })).toBeVisible();
  }
  await expect(page.getByRole("heading", { name: "Best-fit line: all series" })).toBeVisible();
}); // prettier-ignore

test("the projector shows a class its benches, with names or without; students see what they are shown, files of all are taken out", async ({
  page,
  browser,
}) => {
  const code = await makeClass(page);
  const mina = await joined(browser, "Mina", code);
  const address = page.url();
  await madeBrief(page, "Shown to all");
  await page.goto(address);
  await page.getByRole("link", { name: "Set an experiment" }).click();
  await page.getByRole("button", { name: /Each bench begins with/ }).click();
  await page.getByRole("option", { name: "Shown to all · brief" }).first().click();
  await page.getByRole("button", { name: "Set the experiment" }).click();
  await page.getByRole("button", { name: "Everyone alone" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();
  await page.getByRole("link", { name: "At a glance" }).click();
  await mina.reload();
  await expect(mina.getByRole("link", { name: "See all benches" })).toBeHidden();
  await page.getByRole("button", { name: /Students of the class see/ }).click();
  await page.getByRole("option", { name: "yes, by the numbers of the benches" }).click();
  await expect(page.getByRole("button", { name: /by the numbers/ })).toBeVisible();
  await mina.reload();
  await mina.getByRole("link", { name: "See all benches" }).click();
  await expect(mina.getByRole("table")).toBeVisible();
  await expect(mina.getByText("Mina")).toHaveCount(0);
  await noBarrier(mina);
  await page.getByRole("link", { name: "Projector" }).click();
  await expect(page.getByRole("table")).not.toContainText("Mina");
  await page.getByRole("checkbox", { name: "Names" }).click();
  await expect(page.getByRole("table")).toContainText("Mina");
  await page.getByRole("checkbox", { name: "Dark" }).click();
  await noBarrier(page);
  await page.getByRole("link", { name: "Back" }).click();
  const file = page.waitForEvent("download");
  await page.getByRole("button", { name: "Take out…" }).click();
  await page.getByRole("menuitem", { name: "Results as CSV" }).click();
  expect((await file).suggestedFilename()).toBe("Shown-to-all-results.csv");
  await page.getByRole("button", { name: /by the numbers/ }).click();
  await page.getByRole("option", { name: "no", exact: true }).click();
  await expect(mina.getByText("This overview is not shown to you any more.")).toBeVisible();
});

test("a teacher goes from bench to bench by one key, prints a report with remarks, and gives all back at once", async ({
  page,
  browser,
}) => {
  const [mina, joss] = await classWith(page, browser, "Mina", "Joss");
  await setExperiment(page, "Read by keys");
  await page.getByRole("button", { name: "Everyone alone" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();
  const address = page.url().replace(/\/benches$/, "");
  for (const student of [mina, joss]) {
    await student.reload();
    await student.getByRole("link", { name: /Read by keys/ }).click();
    await student.getByRole("gridcell").first().getByRole("textbox").fill("4.4");
    await kept(student);
    await handIn(student);
  }
  await page.getByRole("link", { name: "Read the sheet of bench 1" }).click();
  await expect(page.getByText("You read bench 1: Mina.")).toBeVisible();
  await page.keyboard.press("Alt+7");
  await page.getByLabel("Remark", { exact: true }).fill("Write more than this.");
  await page.keyboard.press("Control+Enter");
  await expect(page.getByText("Write more than this.")).toBeVisible();
  const file = page.waitForEvent("download");
  await page.getByRole("button", { name: "PDF with remarks" }).click();
  const printed = await file;
  expect(printed.suggestedFilename()).toBe("Read-by-keys-with-remarks.pdf");
  expect(
    readFileSync(await printed.path())
      .subarray(0, 5)
      .toString(),
  ).toBe("%PDF-");
  await page.keyboard.press("Alt+n");
  await expect(page.getByText("You read bench 2: Joss.")).toBeVisible();
  await expect(page).toHaveURL(/writeup$/);
  await page.keyboard.press("Alt+p");
  await expect(page.getByText("You read bench 1: Mina.")).toBeVisible();
  await expect(page.getByText("Write more than this.")).toBeVisible();
  await page.goto(address);
  await expect(row(page, "Joss")).toContainText("opened");
  await page.getByRole("button", { name: "Give all back" }).click();
  for (const student of [mina, joss]) {
    await expect(student.getByText("It came back: you can go on with it")).toBeVisible();
  }
  await stage(mina, "Write up");
  await expect(margin(mina).getByText("Write more than this.")).toBeVisible();
  await expect(row(page, "Mina")).toContainText("given back");
});
