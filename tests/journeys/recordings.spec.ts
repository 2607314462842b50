import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { investigationJson } from "../../src/output/investigationJson";
import { overhangs, ruleToRecord } from "../fixtures/ruleToRecord";
import { noBarrier } from "./barriers";
import { choose, margin, record, takeInstrument, type } from "./atInstruments";
import { kept, openSheet, rowTexts, signIn, stage, start, startSample } from "./bench";
import { beginAccount, invitedByCommand } from "./school";
import { test } from "./test";

async function bringInRule(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Bring in an investigation" }).click();
  await page.getByLabel("File").setInputFiles({
    name: "rule.json",
    mimeType: "application/json",
    buffer: Buffer.from(investigationJson(ruleToRecord())),
  });
  await expect(page.getByRole("grid")).toBeVisible();
}

test("ten recordings of the clamped rule, trimmed and read off, give the stiffness with its ±", async ({ page }) => {
  test.setTimeout(300_000);
  await signIn(page);
  await bringInRule(page);
  await takeInstrument(page, "displacement sensor");
  for (const [at, overhang] of overhangs.entries()) {
    await type(page, "overhang / m", overhang);
    await margin(page).getByRole("button", { name: "Zero it" }).click();
    await expect(margin(page).getByText("It shows 0 from here on.")).toBeVisible();
    await record(page, 5);
    await type(page, "begins at / s", "1.5");
    await type(page, "from / s", "1.5");
    await expect(page.getByTestId("stretch")).toContainText("rising crossings");
    if (at === 0) await choose(page, /^What/, "mean gap");
    const button = margin(page).getByRole("button", { name: `Mean gap to row ${at + 1} of T` });
    await button.click();
    await expect(page.getByRole("cell", { name: `row ${at + 1} of T` })).toBeVisible();
  }
  await expect(page.getByTestId("came")).toHaveText(/^\d\.\d+ ± \d\.\d+ s$/);
  await noBarrier(page);

  await page.getByRole("button", { name: "row 10 of T" }).click();
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(margin(page).getByText(/Recording 10: rising crossings of the middle, mean gap/)).toBeVisible();
  await kept(page);
  await page.reload();
  await page.getByRole("button", { name: "Recordings (10)" }).click();
  await expect(page.getByText(/By the displacement sensor: displacement, \d+ readings, 200 readings a second/)).toBeVisible();

  await stage(page, "Conclude");
  const result = await page.locator("main").textContent();
  const [, value = "", uncertainty = ""] = /E = \(?(\d+(?:\.\d+)?) ± (\d+(?:\.\d+)?)/.exec(result ?? "") ?? [];
  expect(Math.abs(Number(value) - 200)).toBeLessThanOrEqual(Number(uncertainty));
  expect(Number(uncertainty)).toBeLessThan(20);
}); // prettier-ignore

test("what is asked of an instrument is done in the order in which it was asked; another one does not wait for it", async ({ page }) => {
  await openSheet(page);
  await takeInstrument(page, "displacement sensor");
  let answer = () => {};
  await page.route("**/instruments", async (route) => {
    const response = await route.fetch();
    if (route.request().postData()?.includes('"set"')) await new Promise<void>((go) => (answer = go));
    await route.fulfill({ response });
  });
  const zeroed = margin(page).getByText("It shows 0 from here on.");
  const zeroAsked = page.waitForRequest((one) => one.postData()?.includes('"zero"') ?? false);
  await type(page, "overhang / m", "0.2");
  await margin(page).getByRole("button", { name: "Zero it" }).click();
  await page.waitForTimeout(500);
  await expect(zeroed).toBeHidden();
  answer();
  await zeroAsked;
  await expect(zeroed).toBeVisible();
  await expect(margin(page).getByLabel("overhang / m", { exact: true })).toHaveValue("0.2");

  await type(page, "overhang / m", "0.21");
  await choose(page, /^Instrument/, "voltage and current logger");
  await expect(margin(page).getByText(/^voltage · /)).toBeVisible();
  answer();
}); // prettier-ignore

test("what was said of an instrument is not left in the language spoken before", async ({ page }) => {
  await beginAccount(page, invitedByCommand("Ona"), `said-${Date.now().toString(36)}`);
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await startSample(page, "Springiness of a clamped rule");
  await takeInstrument(page, "displacement sensor");
  await margin(page).getByRole("button", { name: "Zero it" }).click();
  await expect(page.getByText("It shows 0 from here on.")).toBeVisible();
  await page.getByLabel("Language", { exact: true }).selectOption("de");
  await expect(page.getByRole("button", { name: "Nullen" })).toBeVisible();
  await expect(page.getByText("It shows 0 from here on.")).toBeHidden();
  await page.getByRole("button", { name: "Nullen" }).click();
  await expect(page.getByText("Ab hier zeigt es 0.")).toBeVisible();
}); // prettier-ignore

test("another trim is another reading, and one that was typed over stays", async ({ page }) => {
  await signIn(page);
  await bringInRule(page);
  await takeInstrument(page, "voltage and current logger");
  await record(page, 5);
  await type(page, "from / s", "0");
  await choose(page, /^What/, "greatest");
  await choose(page, /^Goes to/, "a new quantity");
  await margin(page).getByRole("button", { name: "Greatest to row 1 of U" }).click();
  const value = page.getByRole("row", { name: /^greatest/ }).getByRole("cell").nth(3);
  const before = await value.textContent();
  const edge = page.getByRole("slider", { name: "Trim: where it begins" }).first();
  await edge.focus();
  await page.keyboard.press("End");
  for (let i = 0; i < 50; i++) await page.keyboard.press("Shift+ArrowLeft");
  await type(page, "begins at / s", "4.5");
  await expect(value).not.toHaveText(before ?? "");
  await page.getByRole("button", { name: "row 1 of U" }).click();
  const cell = page.getByRole("row").nth(1).getByRole("gridcell").nth(4);
  await expect(cell.getByRole("textbox")).toHaveValue(/^\d\.\d+ ± 0\.\d+$/);
  await page.keyboard.type("3.5");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Recordings (1)" }).click();
  await expect(page.getByRole("button", { name: "row 1 of U, typed over since" })).toBeVisible();
  await page.getByRole("button", { name: "Take the trim back" }).click();
  await expect(value).toHaveText(before ?? "");
  await page.getByRole("button", { name: "What can be done with “greatest”" }).click();
  await page.getByRole("menuitem", { name: "Take it to a row" }).click();
  await expect(page.getByRole("button", { name: "row 2 of U", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Readings", exact: true }).click();
  await expect(cell).toHaveText("3.5");
}); // prettier-ignore

/** A fresh sheet with the chooser of files for recordings open. */
async function openFiles(page: Page) {
  await openSheet(page);
  await page.getByRole("button", { name: "Recordings" }).click();
  await page.getByRole("button", { name: "Bring in a file" }).click();
  return page.getByRole("dialog");
}

/** A file of a logger: a swing of 0.8 s about 1.2 V, 100 readings a second, with a line missing and a cell that holds no number. */
function loggedSwing(): string {
  const lines = ["Logger of bench 4", "time t / ms;voltage U / V;current I / mA"];
  for (let i = 0; i < 1000; i++) {
    if (i === 500) continue;
    const value = 1.2 + Math.sin((2 * Math.PI * i) / 80) + 0.004 * Math.sin(i * i);
    lines.push(`${10 * i};${i === 300 ? "--" : value.toFixed(4).replace(".", ",")};${i % 7}`);
  }
  return lines.join("\r\n");
}

test("the file of a logger becomes a recording, with what of it could not be read", async ({ page }) => {
  const sheet = await openFiles(page);
  await sheet.getByLabel("File").setInputFiles({ name: "notes.csv", mimeType: "text/csv", buffer: Buffer.from("only words\nand more") });
  await expect(sheet.getByRole("alert")).toHaveText("No columns of numbers are found in notes.csv.");
  await sheet.getByLabel("File").setInputFiles({ name: "swing.csv", mimeType: "text/csv", buffer: Buffer.from(loggedSwing()) });
  await expect(sheet.getByText("The times stand in “time t / ms”.")).toBeVisible();
  await sheet.getByRole("checkbox", { name: "Take current" }).click();
  await sheet.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText("One recording came in. 1 cell holds no number: there is a gap.")).toBeVisible();
  await expect(page.getByLabel("Name of the recording in hand")).toHaveValue("swing");
  await type(page, "from / s", "0");
  await choose(page, /^What/, "mean gap");
  await expect(page.getByTestId("came")).toHaveText(/^0\.(800|799)\d* ± 0\.000\d+ s$/);
  await expect(page.getByText(/1000 readings, 100 readings a second/)).toBeVisible();
  const leaving = page.waitForEvent("download");
  await page.getByRole("button", { name: "Take out as CSV" }).click();
  const lines = readFileSync(await (await leaving).path(), "utf8").split("\n");
  expect([lines.length, lines[0], lines[301]]).toEqual([1002, "t / s,U / V", "3.000,"]);
  await noBarrier(page);
}); // prettier-ignore

test("a file of 500 columns asks for four; a clock that goes backwards makes two recordings; uneven times stay a table", async ({ page }) => {
  const sheet = await openFiles(page);
  const open = (name: string, lines: readonly string[]) =>
    sheet.getByLabel("File").setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(lines.join("\n")) });
  const across = (cell: (column: number) => string) => Array.from({ length: 500 }, (_v, i) => cell(i)).join(",");
  await open("wide.csv", [across((i) => (i === 0 ? "t / s" : `sensor ${i} / V`)), ...[0, 1, 2, 3].map((n) => across((i) => String(n + i)))]);
  await expect(sheet.getByText("wide.csv: 499 columns of numbers. Four at most become channels of one recording.")).toBeVisible();
  await expect(sheet.getByRole("checkbox", { checked: true })).toHaveCount(4);
  await expect(sheet.getByRole("checkbox", { name: "Take sensor 499" })).toBeDisabled();
  await sheet.getByRole("button", { name: "Another file" }).click();

  const clock = (from: number, to: number) => Array.from({ length: to - from }, (_v, i) => `${from + i},${(from + i) ** 2}`);
  await open("back.csv", ["t / s,U / V", ...clock(0, 20), ...clock(5, 15)]);
  await sheet.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText("2 recordings came in, one after the other. Its clock goes backwards: each part until then is a recording of its own, 2 in all.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Recordings (2)" })).toBeVisible();

  await page.getByRole("button", { name: "Bring in a file" }).click();
  await open("uneven.csv", ["t / s,U / V", "0,1", "1,2", "1.37,3", "5,4", "5.2,5"]);
  await sheet.getByRole("button", { name: "Bring it in" }).click();
  await expect(sheet.getByRole("alert")).toHaveText("One part of it was not read at even times and can’t be a recording. Bring it in as a table, under Readings.");
}); // prettier-ignore

/** A sound of 440 Hz, 8000 numbers of sixteen bits a second, as WAV. */
function sound(): Buffer {
  const [rate, count] = [8000, 8000];
  const file = Buffer.alloc(44 + 2 * count);
  file.write("RIFF", 0);
  file.writeUInt32LE(36 + 2 * count, 4);
  file.write("WAVEfmt ", 8);
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(rate, 24);
  file.writeUInt32LE(2 * rate, 28);
  file.writeUInt16LE(2, 32);
  file.writeUInt16LE(16, 34);
  file.write("data", 36);
  file.writeUInt32LE(2 * count, 40);
  for (let i = 0; i < count; i++) {
    file.writeInt16LE(Math.round(9000 * Math.sin((2 * Math.PI * 440 * i) / rate)), 44 + 2 * i);
  }
  return file;
}

test("a sound tells its pitch, and how sure it is, by its spectrum", async ({ page }) => {
  const sheet = await openFiles(page);
  await sheet.getByLabel("File").setInputFiles({ name: "tube.wav", mimeType: "audio/wav", buffer: sound() });
  await expect(page.getByText("One recording came in.")).toBeVisible();
  await type(page, "from / s", "0");
  await choose(page, /^What/, "frequency by spectrum");
  await expect(page.getByTestId("came")).toHaveText(/^(440\.\d+|440|439\.9\d*) ± 0\.?\d* Hz$/);
}); // prettier-ignore

test("one key puts the balance’s present value into the cell in hand, with its ±", async ({ page }) => {
  await openSheet(page);
  await margin(page).getByRole("button", { name: /^Instrument by hand/ }).click();
  await page.getByRole("option", { name: "balance" }).click();
  await expect(margin(page).getByRole("button", { name: "Take its value" })).toBeVisible();
  await page.getByRole("gridcell").first().click();
  await page.keyboard.press("Alt+Enter");
  const first = page.locator('[data-cell="0 0"]');
  await expect(first).toHaveText(/^\d*\.?\d+ ± \d\.\d+$/);
  await page.keyboard.press("Alt+Enter");
  await expect(page.locator('[data-cell="1 0"]')).toHaveText(/±/);
  await expect(margin(page).getByLabel("Unit")).toHaveValue("g");
}); // prettier-ignore

/** A microcontroller at a serial port that prints two numbers a line, a hundred lines a second, until it is pulled out. */
function printingPort(): void {
  const port = {
    readable: null as ReadableStream<Uint8Array> | null,
    open: async () => {
      let [lines, timer] = [0, 0];
      const opened = performance.now();
      const line = (n: number) =>
        n === 40 ? "boot ok\r\n" : `${Math.sin(n / 10).toFixed(3)},${n}\r\n`;
      port.readable = new ReadableStream<Uint8Array>({
        start(controller) {
          timer = window.setInterval(() => {
            // The browser may look late: what was printed meanwhile has waited in the line.
            const printed = Math.min(300, Math.floor((performance.now() - opened) / 10));
            for (; lines < printed; lines++)
              controller.enqueue(new TextEncoder().encode(line(lines)));
            // What is pulled out takes with it what has not been read.
            if (lines < 300 || (controller.desiredSize ?? 0) < 1) return;
            window.clearInterval(timer);
            controller.error(new Error("pulled out"));
          }, 10);
        },
        cancel: () => window.clearInterval(timer),
      });
    },
    close: async () => undefined,
  };
  Object.defineProperty(navigator, "serial", { value: { requestPort: async () => port } });
}

/** Keeps a page from all else for so many ms. */
const holdUp = (ms: number) => {
  const until = performance.now() + ms;
  while (performance.now() < until);
};

/** What is printed without the first line, which may be cut, the two that show with it how many numbers there are, and the words. */
const read = 300 - 3 - 1;

test("a microcontroller’s lines are recorded until it is pulled out, though its page is held up", async ({ page }) => {
  await page.addInitScript(printingPort);
  await openSheet(page);
  await page.getByRole("button", { name: "Recordings" }).click();
  await margin(page).getByRole("button", { name: "Record its lines" }).click();
  await expect(page.getByTestId("recording-line")).toContainText(/Recording, \d/);
  await page.evaluate(holdUp, 700);
  await expect(margin(page).getByText("1 answer of the instrument could not be read and is left out.")).toBeVisible();
  await expect(margin(page).getByText("What came in until then is kept.")).toBeVisible();
  await expect(page.getByText(new RegExp(`By the serial line: number 1 and number 2, ${read} readings, \\d+(\\.\\d+)? readings a second\\.`))).toBeVisible();
}); // prettier-ignore

test("a discharge becomes a table, and a smoothed channel beside it; both stand in the report", async ({ page }) => {
  test.setTimeout(180_000);
  await openSheet(page);
  await takeInstrument(page, "voltage and current logger");
  await record(page, 6);
  await type(page, "begins at / s", "2");
  await margin(page).getByText("As a table").click();
  await choose(page, /^Rows/, "means over k readings");
  await type(page, "k", "5");
  await margin(page).getByRole("checkbox", { name: "Count the time from the first row" }).click();
  await margin(page).getByRole("button", { name: "Make a table" }).click();
  await expect(margin(page).getByText(/A table of \d+ rows stands under Readings\./)).toBeVisible();
  await type(page, "smoothed over", "7");
  await margin(page).getByRole("button", { name: "Make a smoothed channel" }).click();
  await expect(page.getByLabel("Name of the recording in hand")).toHaveValue("Recording 1, smoothed");
  await expect(page.getByRole("button", { name: /voltage, smoothed \(Savitzky–Golay, degree 2 over 7\)/ })).toBeVisible();

  await page.getByRole("button", { name: "Recording 1", exact: true }).click();
  await margin(page).getByRole("checkbox", { name: "Lay Recording 1, smoothed over it" }).click();
  await margin(page).getByRole("button", { name: "Bring them together" }).click();
  await expect(margin(page).getByLabel("its moment / s")).toHaveValue("2");
  await noBarrier(page);

  await page.getByRole("button", { name: "Readings", exact: true }).click();
  await page.getByRole("button", { name: "Recording 1, means over 5" }).click();
  await expect.poll(() => rowTexts(page, 1)).toEqual(["0.0", expect.stringMatching(/^\d\.\d+ ± \d\.\d+$/)]);
  await stage(page, "Write up");
  await page.getByRole("button", { name: "Lay out the write-up" }).click();
  await expect(page.locator("main").getByText(/By the voltage and current logger: voltage and current, \d+ readings, 10 readings a second\. It was trimmed: what lies before 2\.\d* s takes no part\./)).toBeVisible();
  await expect(page.getByRole("img", { name: /Trace of Recording 1: voltage over/ })).toBeVisible();
}); // prettier-ignore

test("an instrument that another bench has in hand says so, and is free again afterwards", async ({ page, browser }) => {
  await openSheet(page);
  await takeInstrument(page, "force sensor");
  await margin(page).getByRole("button", { name: "Record", exact: true }).click();
  await expect(page.getByTestId("recording-line")).toContainText(/Recording, \d/);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, undefined, "tobi");
  await start(other);
  await other.getByRole("button", { name: "Recordings" }).click();
  await margin(other).getByRole("button", { name: /^Instrument/ }).click();
  await other.getByRole("option", { name: "force sensor (in use at another bench)" }).click();
  await expect(margin(other).getByText("Another bench has this instrument in hand. Once it is free it is taken here; or take another.")).toBeVisible();
  await margin(page).getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText(/By the force sensor: force, \d+ readings/)).toBeVisible();
  await expect(margin(other).getByRole("button", { name: "Record", exact: true })).toBeEnabled();
}); // prettier-ignore
