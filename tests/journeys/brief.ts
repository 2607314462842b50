import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, stage } from "./bench";

export const margin = (page: Page) => page.getByRole("complementary", { name: "Margin" });

/** All that a page is sent from now on, as text: each answer but pictures and fonts, and each message of a stream. */
export async function received(page: Page): Promise<string[]> {
  const texts: string[] = [];
  const wire = await page.context().newCDPSession(page);
  await wire.send("Network.enable");
  wire.on("Network.eventSourceMessageReceived", ({ data }) => void texts.push(data));
  const isStream = ({ pathname }: URL) => pathname.startsWith("/api/live");
  await page.route(
    (url) => !isStream(url),
    async (route) => {
      if (["image", "font"].includes(route.request().resourceType())) return route.continue();
      try {
        const response = await route.fetch({ maxRedirects: 0 });
        const body = await response.body();
        texts.push(body.toString("utf8"));
        await route.fulfill({ response, body });
      } catch {
        await route.abort().catch(() => {});
      }
    },
  );
  return texts;
}

/** The teacher's brief from a sample, with a value that nobody could guess. */
export async function madeBrief(page: Page, title: string): Promise<void> {
  await page.getByRole("link", { name: "Fathom Rule" }).click();
  await page.getByRole("button", { name: "Start from a sample" }).click();
  const briefs = page.getByRole("group", { name: "Briefs of the samples" });
  await briefs.getByRole("menuitem", { name: "Springiness of a clamped rule" }).click();
  await expect(page.getByText("You are making a brief.")).toBeVisible();
  await margin(page).getByRole("textbox", { name: "Each bench reads it" }).fill("Time ten swings.");
  await margin(page)
    .getByRole("checkbox", { name: /^L, overhang: the instrument/ })
    .click();
  await page.getByRole("button", { name: "What the brief says" }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Introduction").fill("How stiff is the steel of this rule?");
  await sheet.getByRole("button", { name: "Add a criterion" }).click();
  await sheet.getByLabel("What you look for").last().fill("A tidy bench");
  await noBarrier(page);
  await page.keyboard.press("Escape");
  await stage(page, "Conclude");
  await page.getByLabel("Value", { exact: true }).fill("217.31");
  await stage(page, "Write up");
  await page.getByLabel("Prompt").first().fill("What is to be found?");
  await page.getByLabel("Title of the investigation").fill(title);
  await noBarrier(page);
  await kept(page);
}
