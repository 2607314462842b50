import { type Browser, chromium, type Page } from "@playwright/test";

/** Debian's Chromium without its calls to the network: for pictures, benchmarks and journeys. */
export const browserOptions = {
  executablePath: "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-quic",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
  ],
};

export function launchBrowser(): Promise<Browser> {
  return chromium.launch(browserOptions);
}

/** Signs in to the scratch demo. */
export async function enter(page: Page, place: string): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(`${place}/sign-in`);
  await page.getByLabel("Name").fill("ines");
  await page.getByLabel("Password").fill("slack-water");
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.getByRole("heading", { name: "Shelf" }).waitFor();
}
