import { expect, type Page } from "@playwright/test";

/** What lies in the margin. */
export const margin = (page: Page) => page.getByRole("complementary", { name: "Margin" });

/** Shows the page of recordings and takes a simulated instrument in hand. */
export async function takeInstrument(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Recordings" }).click();
  await margin(page).getByRole("button", { name: /^Instrument/ }).click();
  await page.getByRole("option", { name }).click();
  await expect(margin(page).getByText("simulated")).toBeVisible();
} // prettier-ignore

/** Records for longer than so many s. */
export async function record(page: Page, seconds: number): Promise<void> {
  await margin(page).getByRole("button", { name: /^Record( again)?$/ }).click();
  await expect(page.getByTestId("recording-line")).toContainText(/Recording, \d/);
  await expect
    .poll(async () => {
      const text = (await page.getByTestId("recording-line").textContent()) ?? "";
      return Number(/([\d.]+) s/.exec(text)?.[1] ?? 0);
    })
    .toBeGreaterThan(seconds);
  await margin(page).getByRole("button", { name: "Stop" }).click();
  await expect(page.getByRole("slider", { name: "Trim: where it begins" }).first()).toBeVisible();
} // prettier-ignore

/** Types into a field of the margin. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = margin(page).getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press("Enter");
}

/** Chooses among a few in the margin. */
export async function choose(page: Page, label: RegExp, option: string): Promise<void> {
  await margin(page).getByRole("button", { name: label }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}
