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

const ines = { name: "ines", password: "slack-water" };

/** Signs in to the scratch demo. */
export async function enter(page: Page, place: string, { name, password } = ines): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(`${place}/sign-in`);
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.getByRole("heading", { name: "Shelf" }).waitFor();
}
