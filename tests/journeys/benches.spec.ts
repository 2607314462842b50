import { expect, type Locator, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept } from "./bench";
import { classWith, joined, makeClass, setExperiment } from "./school";
import { test } from "./test";

/** The row of a bench on the teacher's page. */
const bench = (page: Page, number: number) =>
  page.getByRole("listitem").filter({ hasText: new RegExp(`bench ${number}(?!\\d)`) });

async function choose(page: Page, name: string, seat: string): Promise<void> {
  const dots = page.getByRole("button", { name: `${name}: choose a bench` });
  await expect(dots).toBeEnabled();
  await dots.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("menuitem", { name: seat })).toBeVisible();
  await page.keyboard.type(seat);
  await page.keyboard.press("Enter");
}

/** Draws a name to a place as a hand does: not in one leap. */
async function draw(page: Page, name: string, to: Locator): Promise<void> {
  const from = page.getByText(name, { exact: true });
  await from.hover();
  const { x, y } = (await from.boundingBox())!;
  await page.mouse.down();
  await page.mouse.move(x + 30, y + 20, { steps: 4 });
  await to.hover({ position: { x: 200, y: 10 } });
  await to.hover({ position: { x: 210, y: 12 } });
  await page.mouse.up();
}

test("a teacher seats students by keys and by drawing; each sheet is the bench’s, and the teacher’s to read", async ({
  page,
  browser,
}) => {
  const [mina, joss] = await classWith(page, browser, "Mina", "Joss");
  await setExperiment(page, "Bending of a rule");
  await noBarrier(page);
  await choose(page, "Joss", "To a new bench");
  await expect(bench(page, 1).getByText("Joss")).toBeVisible();
  await draw(page, "Mina", bench(page, 1));
  await expect(bench(page, 1).getByText("Mina")).toBeVisible();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();

  await expect(async () => {
    await mina.reload();
    await expect(mina.getByText("bench 1, with Joss")).toBeVisible({ timeout: 2000 });
  }).toPass();
  await noBarrier(mina);
  await mina.getByRole("link", { name: /Bending of a rule/ }).click();
  await expect(mina.getByLabel("Title of the investigation")).toHaveAttribute("readonly");
  await mina.getByRole("gridcell").first().getByRole("textbox").fill("4.25");
  await kept(mina);

  await page.reload();
  await page.getByRole("link", { name: "Read the sheet of bench 1" }).click();
  await expect(page.getByText("You read bench 1: Joss and Mina.")).toBeVisible();
  await noBarrier(page);
  const cell = page.getByRole("gridcell").first().getByRole("textbox");
  await expect(cell).toHaveValue("4.25");
  await cell.click();
  await page.keyboard.type("7");
  await expect(page.getByText("so nothing was changed")).toBeVisible();
  await expect(cell).toHaveValue("4.25");
  await joss.reload();
  await joss.getByRole("link", { name: /Bending of a rule/ }).click();
  await joss.getByRole("gridcell").nth(1).click();
  await joss.keyboard.type("0.31");
  await expect(page.getByRole("gridcell").nth(1)).toContainText("0.31");

  await page.goBack();
  await choose(page, "Mina", "Away from the bench");
  await expect(mina.getByText("You no longer sit at this bench")).toBeVisible({ timeout: 2000 });
  await mina.getByRole("link", { name: "To the shelf" }).click();
  await mina.getByRole("link", { name: /Bending of a rule \(copy\)/ }).click();
  await expect(mina.getByRole("gridcell").first().getByRole("textbox")).toHaveValue("4.25");
  await setExperiment(page, "Bending again");
  await page.getByRole("button", { name: "As in another experiment" }).click();
  await page.getByRole("menuitem", { name: "Bending of a rule" }).click();
  await expect(bench(page, 1).getByText("Joss")).toBeVisible();
  await expect(bench(page, 1).getByText("Mina")).toBeHidden();
});

test("students find their benches by a word; the teacher takes copies and ends the experiment", async ({
  page,
  browser,
}) => {
  const code = await makeClass(page);
  await page.getByRole("link", { name: "House rules" }).click();
  await page.getByRole("button", { name: /Word for the steepness/ }).click();
  await page.getByRole("option", { name: "gradient" }).click();
  await noBarrier(page);
  await setExperiment(page, "Finding benches");
  await page.getByRole("checkbox", { name: "Students find their benches themselves" }).click();
  const mina = await joined(browser, "Mina", code);
  const joss = await joined(browser, "Joss", code);
  await mina.getByRole("button", { name: "Begin a bench" }).click();
  const told = (await mina.getByText(/Others join with the word/).textContent())!;
  const word = /“(.+)”/.exec(told)![1]!;
  await joss.getByLabel("Word of a bench").fill("no such word");
  await joss.getByRole("button", { name: "Sit there too" }).click();
  await expect(joss.getByText("No bench has this word.")).toBeVisible();
  await joss.getByLabel("Word of a bench").fill(word);
  await joss.getByRole("button", { name: "Sit there too" }).click();
  await expect(joss.getByText("bench 1, with Mina")).toBeVisible();
  await joss.getByRole("link", { name: /Finding benches/ }).click();
  await joss.getByRole("button", { name: "House rules" }).click();
  await expect(joss.getByRole("button", { name: /Word for the steepness/ })).toHaveText(/gradient/);

  await page.reload();
  await expect(bench(page, 1).getByText(word)).toBeVisible();
  await page.getByRole("button", { name: "End the experiment…" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "End it" }).click();
  await expect(page.getByRole("heading", { name: "People" })).toBeVisible();
  await expect(joss.getByText("You no longer sit at this bench")).toBeVisible();
});
