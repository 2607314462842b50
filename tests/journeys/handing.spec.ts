import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, stage } from "./bench";
import { classWith, setExperiment } from "./school";
import { test } from "./test";

test("a bench hands in what its teacher then opens and gives back; meanwhile the sheet stays as it is", async ({
  page,
  browser,
}) => {
  const [mina] = await classWith(page, browser, "Mina");
  await setExperiment(page, "Handed over");
  await page.getByRole("button", { name: "Everyone alone" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();

  await mina.reload();
  await mina.getByRole("link", { name: /Handed over/ }).click();
  const cell = mina.getByRole("gridcell").first().getByRole("textbox");
  await cell.fill("about 4");
  await kept(mina);
  await expect(mina.getByRole("link", { name: /Measure 1 pencil mark\b/ })).toBeVisible();
  await mina.getByRole("button", { name: "Hand in…" }).click();
  const asked = mina.getByRole("dialog");
  await expect(asked.getByText("1 pencil mark on Measure")).toBeVisible();
  await expect(asked.getByText("Nothing done yet on Slope, Conclude and Write up")).toBeVisible();
  await noBarrier(mina);
  await asked.getByRole("button", { name: "Hand it in" }).click();
  await expect(mina.getByText("It stays as it is until it comes back.")).toBeVisible();
  await mina.getByRole("gridcell").first().click();
  await mina.keyboard.type("5");
  await expect(cell).toHaveValue("about 4");
  await mina.getByRole("button", { name: "Take it back" }).click();
  await expect(mina.getByRole("button", { name: "Hand in…" })).toBeVisible();
  await cell.fill("4.4");
  await kept(mina);
  await mina.getByRole("button", { name: "Hand in…" }).click();
  await asked.getByRole("button", { name: "Hand it in" }).click();
  await expect(mina.getByRole("button", { name: "Take it back" })).toBeVisible();

  await page.reload();
  await expect(page.getByRole("listitem").filter({ hasText: "Mina" })).toContainText("handed in");
  await page.getByRole("link", { name: "Read the sheet of bench 1" }).click();
  await expect(mina.getByText("Your teacher is reading it.")).toBeVisible();
  await expect(mina.getByRole("button", { name: "Take it back" })).toBeHidden();
  await noBarrier(page);
  await page.getByRole("button", { name: "Give it back" }).click();
  await expect(page.getByText("It is back with the bench.")).toBeVisible();
  await expect(mina.getByText("It came back: you can go on with it")).toBeVisible();
  await cell.fill("4.5");
  await kept(mina);
  const read = page.getByRole("gridcell").first().getByRole("textbox");
  await expect(read).toHaveValue("4.5");
  await stage(mina, "Conclude");
  await noBarrier(mina);
});
