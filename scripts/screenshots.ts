/** `npm run screenshots`: one picture of each main view at 1280 × 800, from the demo data. */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { enter, launchBrowser } from "./browser";

const folder = join(import.meta.dirname, "../docs/screenshots");
const place = process.env.PLACE_URL ?? "";

mkdirSync(folder, { recursive: true });
const browser = await launchBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const take = async (name: string) => {
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  console.log(`· docs/screenshots/${name}.png`);
};

await page.goto(`${place}/sign-in`);
await page.evaluate(() => document.fonts.ready);
await take("sign-in");
await enter(page, place);
await take("shelf");
await page.getByRole("link", { name: /Springiness/ }).click();
await page.getByRole("grid").waitFor();
await take("measure");
for (const name of ["Plot", "Slope"]) {
  await page.getByRole("link", { name, exact: true }).click();
  await page.getByRole("img").first().waitFor();
  await take(name.toLowerCase());
}
await browser.close();
