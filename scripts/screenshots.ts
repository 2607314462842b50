/** `npm run screenshots`: one picture of each main view at 1280 × 800, from the demo data. */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { enter, launchBrowser } from "./browser";

const folder = join(import.meta.dirname, "../docs/screenshots");
const place = process.env.PLACE_URL ?? "";

mkdirSync(folder, { recursive: true });
const browser = await launchBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
async function takeOf(shown: typeof page, name: string): Promise<void> {
  await shown.waitForTimeout(500);
  await shown.screenshot({ path: join(folder, `${name}.png`) });
  console.log(`· docs/screenshots/${name}.png`);
}

const take = (name: string) => takeOf(page, name);

/** A straightedge turned a little, and the slope triangle. */
async function layOnFigure(): Promise<void> {
  await page.getByRole("button", { name: "Lay a straightedge" }).click();
  await page.getByLabel("Its slope").fill("12.6");
  await page.getByRole("button", { name: "Slope triangle" }).click();
}

await enter(page, place);
await page.evaluate(() => document.fonts.ready);
await take("shelf");
await page.getByRole("link", { name: /Springiness/ }).click();
await page.getByRole("grid").waitFor();
await take("measure");
await page.getByRole("link", { name: /^Derive/ }).click();
await page.getByRole("cell", { name: /period squared/ }).click();
await page.getByRole("button", { name: /Draw it/ }).click();
await page.getByTestId("drawn").waitFor();
await take("derive");
for (const [name, file] of [
  ["Straighten", "straighten"],
  ["Plot", "plot"],
  ["Slope", "slope"],
  ["Conclude", "conclude"],
  ["Write up", "write-up"],
] as const) {
  await page.getByRole("link", { name: new RegExp(`^${name}`) }).click();
  await page.getByRole("main").getByRole("heading").first().waitFor();
  await page.waitForTimeout(700);
  if (name === "Slope") await layOnFigure();
  await take(file);
}
await page.getByRole("button", { name: "Pages", exact: true }).click();
await page.getByTestId("pages").waitFor();
await take("pages");

/** The sheet of a bench, as one who sits there has it. */
async function atBench(person?: { name: string; password: string }): Promise<typeof page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const shown = await context.newPage();
  await enter(shown, place, person);
  await shown.getByRole("link", { name: /Stiffness/ }).click();
  await shown.getByRole("grid").waitFor();
  return shown;
}

const [mine, other] = [await atBench(), await atBench({ name: "tobi", password: "spring-tide" })];
await other.locator('[data-cell="4 2"]').click();
await mine.getByRole("list", { name: "Also here" }).waitFor();
await takeOf(mine, "together");
await mine.getByRole("button", { name: "History" }).click();
await mine.getByRole("dialog").getByRole("listitem").first().waitFor();
await takeOf(mine, "history");
const teacher = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 } })
).newPage();
await enter(teacher, place, { name: "greta", password: "harbour-light" });
await teacher.getByRole("link", { name: "Physics 11b" }).click();
await teacher.getByRole("img", { name: /on a number line/ }).waitFor();
await teacher.waitForTimeout(3000);
await takeOf(teacher, "overview");
await teacher.getByRole("link", { name: "Benches", exact: true }).click();
await teacher.getByRole("heading", { name: "Without a bench" }).waitFor();
await takeOf(teacher, "benches");
await teacher.getByRole("link", { name: "Projector" }).click();
await teacher.getByRole("heading", { level: 1 }).waitFor();
await takeOf(teacher, "projector");
await mine.keyboard.press("Escape");
await mine.getByRole("button", { name: "Hand in…" }).click();
await mine.getByRole("button", { name: "Hand it in" }).click();
await mine.getByText("It stays as it is until it comes back.").waitFor();
await teacher.getByRole("link", { name: "Back" }).click();
await teacher.getByRole("button", { name: /^1 Ines/ }).click();
await teacher.getByRole("link", { name: "Read their sheet" }).click();
await teacher.getByRole("heading", { name: "Your remarks" }).waitFor();
await teacher.keyboard.press("Alt+1");
await teacher.locator('[data-cell="2 2"]').click();
await teacher.getByLabel("Remark", { exact: true }).fill("Far from the other two: eleven swings?");
await teacher.getByRole("button", { name: "Put the remark" }).click();
await teacher.locator('[data-quantity-column="1"]').click();
await teacher.getByLabel("Remark", { exact: true }).fill("Say where this ± comes from.");
await takeOf(teacher, "remarks");
await teacher.getByRole("button", { name: "Put the remark" }).click();
await teacher.getByText("Say where this ± comes from.").last().waitFor();
await teacher.getByRole("button", { name: "Give it back" }).click();
await teacher.getByText("It is back with the bench.").waitFor();
await mine.getByRole("heading", { name: "Remarks" }).waitFor();
await takeOf(mine, "remarks-at-the-bench");
await teacher.getByRole("link", { name: "Fathom Rule" }).click();
await teacher.getByRole("button", { name: "Start from a sample" }).click();
const briefs = teacher.getByRole("group", { name: "Briefs of the samples" });
await briefs.getByRole("menuitem", { name: "Springiness of a clamped rule" }).click();
await teacher.getByText("You are making a brief.").waitFor();
await teacher.waitForTimeout(700);
await takeOf(teacher, "brief");
/** A recording of the clamped rule, trimmed, with two things read off it. */
async function recordings(): Promise<void> {
  const shown = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await enter(shown, place);
  await shown.getByRole("button", { name: "Start an investigation" }).click();
  await shown.getByRole("button", { name: "Recordings" }).click();
  await shown.getByLabel("Title of the investigation").fill("A clamped rule, recorded");
  const margin = shown.getByRole("complementary", { name: "Margin" });
  const choose = async (field: RegExp, option: string) => {
    await margin.getByRole("button", { name: field }).click();
    await shown.getByRole("option", { name: option }).click();
    await shown.waitForTimeout(600);
  };
  const type = async (label: string, text: string) => {
    await margin.getByLabel(label, { exact: true }).fill(text);
    await shown.keyboard.press("Enter");
    await shown.waitForTimeout(600);
  };
  await choose(/^Instrument/, "displacement sensor");
  await margin.getByRole("button", { name: "Zero it" }).click();
  await shown.waitForTimeout(600);
  await margin.getByRole("button", { name: "Record", exact: true }).click();
  await shown.waitForTimeout(10_000);
  await margin.getByRole("button", { name: "Stop" }).click();
  await shown.getByRole("slider", { name: "Trim: where it begins" }).first().waitFor();
  await shown.getByLabel("Name of the recording in hand").fill("Tip of the rule, overhang 0.350 m");
  await type("begins at / s", "1.2");
  await type("from / s", "1.4");
  await choose(/^What/, "decay of the peaks, time constant");
  await choose(/^Goes to/, "no row yet");
  await margin.getByRole("button", { name: /^Keep the decay/ }).click();
  await choose(/^What/, "mean gap");
  await choose(/^Goes to/, "a new quantity");
  await margin.getByRole("button", { name: /^Mean gap to row/ }).click();
  await shown.getByRole("cell", { name: /^row 1 of T/ }).waitFor();
  await takeOf(shown, "recordings");
}

await recordings();
const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }); // prettier-ignore
await enter(phone, place);
await phone.getByRole("link", { name: /Springiness/ }).click();
await phone.getByRole("list", { name: "Readings, row by row" }).waitFor();
await takeOf(phone, "phone");
await browser.close();
