import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { openSheet } from "./bench";
import { test } from "./test";

/** Runs in the page: the shapes under an element, each as its tag, its attributes by name, and its text. */
function shapesIn(root: Element): readonly string[] {
  return [...root.querySelectorAll("[data-role], [data-role] *")].map((one) => {
    const attributes = [...one.attributes].map(({ name, value }) => `${name}=${value}`).sort();
    return `${one.tagName} ${attributes.join(" ")} ${one.children.length === 0 ? one.textContent : ""}`;
  });
}

const onPage = (page: Page) => page.getByRole("img", { name: /7 points/ }).evaluate(shapesIn);

async function inFile(page: Page): Promise<readonly string[]> {
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "SVG", exact: true }).click(),
  ]);
  const read = await page.evaluateHandle(
    (text) => new DOMParser().parseFromString(text, "image/svg+xml").documentElement,
    readFileSync(await file.path(), "utf8"),
  );
  return read.evaluate(shapesIn);
}

test("whatever is done to a figure, shape by shape the page shows what its file holds", async ({
  page,
}) => {
  await openSheet(page, "rule", "plot");
  const axis = page.getByRole("slider", { name: "Horizontal axis" });
  const box = (await axis.boundingBox())!;
  const seen = new Set<number>();
  const alike = async () => {
    await expect(async () => expect(await onPage(page)).toEqual(await inFile(page))).toPass();
    seen.add((await onPage(page)).length);
  };
  await alike();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  for (let step = 1; step <= 12; step++) {
    await page.mouse.move(box.x + box.width / 2 - 15 * step, box.y + box.height / 2);
  }
  await page.mouse.up();
  await alike();
  await axis.focus();
  for (const key of ["-", "-", "-"]) await page.keyboard.press(key);
  await alike();
  await page.getByText("Words on the figure", { exact: true }).click();
  await page.getByLabel("Title", { exact: true }).fill("Δx_2 of a rule");
  await page.getByRole("checkbox", { name: "Write the line’s equation on the figure" }).click();
  await alike();
  for (let step = 0; step < 4; step++) await page.getByRole("button", { name: /^Undo/ }).click();
  await alike();
  expect(seen.size).toBeGreaterThan(3);
});
