import { type Browser, expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { cellAt as cell, kept, typeAt as type } from "./bench";
import { joined, makeClass, setExperiment } from "./school";
import { test } from "./test";

/** Two students at one bench with its sheet open, and their teacher, who reads it. */
async function threeOnOneSheet(page: Page, browser: Browser) {
  const code = await makeClass(page);
  const mina = await joined(browser, "Mina", code);
  const joss = await joined(browser, "Joss", code);
  await setExperiment(page, "One sheet");
  await page.getByRole("button", { name: "At random in twos" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();
  for (const student of [mina, joss]) {
    await student.reload();
    await student.getByRole("link", { name: /One sheet/ }).click();
    await expect(student.getByRole("grid")).toBeVisible();
  }
  await page.getByRole("link", { name: "Read the sheet of bench 1" }).click();
  await expect(page.getByRole("grid")).toBeVisible();
  return { mina, joss };
}

test("two students and their teacher see one another and what is typed, wherever they are", async ({
  page,
  browser,
}) => {
  const { mina, joss } = await threeOnOneSheet(page, browser);
  for (const [one, others] of [
    [page, ["Joss", "Mina"]],
    [mina, ["Greta", "Joss"]],
  ] as const) {
    const here = one.getByRole("list", { name: "Also here" });
    for (const name of others) await expect(here.getByText(`${name}: Measure`)).toBeAttached();
  }
  await type(mina, 0, 0, "1.11");
  await mina.keyboard.press("Enter");
  await expect(cell(joss, 0, 0)).toContainText("1.11");
  await type(joss, 1, 0, "2.2");
  await expect(cell(mina, 1, 0).getByText("Joss is here")).toBeAttached();
  await expect(cell(page, 1, 0)).toContainText("2.2");
  await noBarrier(mina);

  await cell(mina, 0, 0).click();
  await mina.keyboard.press("Insert");
  await expect(cell(joss, 2, 0).getByRole("textbox")).toBeFocused();
  await joss.keyboard.type("5");
  await expect(cell(joss, 2, 0).getByRole("textbox")).toHaveValue("2.25");

  const name = joss.getByLabel("Name", { exact: true });
  await name.fill("wid");
  await mina.keyboard.press("Insert");
  await expect(cell(joss, 3, 0).getByRole("textbox")).toHaveValue("2.25");
  await joss.keyboard.type("th");
  await expect(name).toBeFocused();
  await expect(name).toHaveValue("width");

  await joss.keyboard.press("Alt+7");
  await expect(mina.getByRole("navigation", { name: "Stages" }).getByText("Jo")).toBeVisible();
  await expect(
    mina.getByRole("list", { name: "Also here" }).getByText("Joss: Write up"),
  ).toBeAttached();
  await joss.getByRole("link", { name: "Fathom Rule" }).click();
  await expect(mina.getByRole("list", { name: "Also here" }).getByText(/Joss/)).toHaveCount(0);
});

test("one who was offline comes back: nothing is lost, what was overridden is told and put back, and undo takes one’s own alone", async ({
  page,
  browser,
}) => {
  const { mina, joss } = await threeOnOneSheet(page, browser);
  await type(mina, 0, 0, "1.11");
  await mina.keyboard.press("Enter");
  await expect(cell(joss, 0, 0)).toContainText("1.11");
  await joss.context().setOffline(true);
  await type(joss, 0, 0, "7.77");
  await joss.keyboard.press("Enter");
  await type(joss, 1, 0, "8.88");
  await joss.keyboard.press("Enter");
  await type(mina, 0, 0, "1.12");
  await mina.keyboard.press("Enter");
  await expect(cell(page, 0, 0)).toContainText("1.12");
  await joss.context().setOffline(false);
  await kept(joss);
  await expect(cell(mina, 0, 0)).toContainText("7.77");
  await expect(cell(mina, 1, 0)).toContainText("8.88");
  await expect(mina.getByText(/your 1.12 was replaced by Joss’s 7.77/)).toBeVisible();
  await noBarrier(mina);
  await mina.getByRole("button", { name: "Put mine back" }).click();
  await expect(cell(joss, 0, 0)).toContainText("1.12");
  await joss.keyboard.press("Control+z");
  await expect(cell(joss, 1, 0)).not.toContainText("8.88");
  await expect(cell(joss, 0, 0)).toContainText("1.12");
  await joss.keyboard.press("Control+z");
  await expect(joss.getByText("nothing of yours to take back")).toBeVisible();
  await expect(cell(mina, 0, 0)).toContainText("1.12");
});

test("two write in one block: both texts stand there, and no caret jumps", async ({
  page,
  browser,
}) => {
  const { mina, joss } = await threeOnOneSheet(page, browser);
  await mina.keyboard.press("Alt+7");
  await mina.getByRole("button", { name: "Lay out the write-up" }).click();
  const words = (one: Page) => one.getByRole("textbox", { name: "Aim" });
  await words(mina).click();
  await mina.keyboard.type("To find the stiffness");
  await joss.keyboard.press("Alt+7");
  await expect(words(joss)).toContainText("stiffness");
  await words(joss).click();
  await joss.keyboard.press("End");
  await Promise.all([
    mina.keyboard.type(" of steel", { delay: 30 }),
    (async () => {
      await joss.keyboard.press("Home");
      await joss.keyboard.type("Here is our aim. ", { delay: 30 });
    })(),
  ]);
  const both = "Here is our aim. To find the stiffness of steel";
  await expect(words(mina)).toHaveText(both);
  await expect(words(joss)).toHaveText(both);
  await joss.context().setOffline(true);
  await joss.keyboard.press("End");
  await joss.keyboard.type(" by its swings");
  await mina.keyboard.type(" of a rule");
  await mina.waitForTimeout(400);
  await joss.context().setOffline(false);
  const after = /of a rule by its swings|by its swings of a rule/;
  await expect(words(mina)).toHaveText(after);
  await expect(words(joss)).toHaveText(after);
  await expect(joss.getByText("was replaced")).toHaveCount(0);
});
