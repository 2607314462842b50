import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { BrowserContext, Page } from "@playwright/test";
import { Chance } from "../../tests/properties/madeUp";
import { alive, begin, type Bench, documentOf, kept, openBrowser } from "./bench";
import { Ledger, type Verdict } from "./ledger";
import { removeProfile } from "../removeProfile";

const wait = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));
const columns = ["x", "y"] as const;

/** A cell of the grid, by its row and column from 0. */
const cellAt = (page: Page, row: number, column: number) =>
  page
    .locator(`[aria-rowindex="${row + 2}"]`)
    .getByRole("gridcell")
    .nth(column);

/** One who types on, cell by cell, whatever goes on around them. */
class Typist {
  private row = 0;
  private column = 0;

  constructor(
    readonly page: Page,
    readonly ledger: Ledger,
  ) {}

  /** Types a reading key by key and goes on to the next cell. */
  async cell(): Promise<void> {
    await this.keys();
    await this.page.keyboard.press("Tab");
    this.column = 1 - this.column;
    if (this.column === 0) this.row++;
  }

  /** Types a reading and does nothing more: its last key is the newest thing there is. */
  async keys(): Promise<void> {
    const text = this.ledger.fresh();
    this.ledger.note(this.row, columns[this.column] as string, text);
    await this.page.keyboard.type(text);
  }

  async cells(count: number): Promise<void> {
    for (let n = 0; n < count; n++) await this.cell();
  }
}

/** What was counted, by its name. */
export type Counts = Record<string, number>;

function add(counts: Counts, verdict: Verdict): void {
  for (const [name, count] of Object.entries(verdict)) counts[name] = (counts[name] ?? 0) + count;
}

async function judged(page: Page, address: string, ledger: Ledger, counts: Counts): Promise<void> {
  await kept(page);
  add(counts, ledger.judge(await documentOf(page, address)));
}

/** Somebody types while the server is killed, or the database is stopped, so many times. */
export async function typeThrough(
  bench: Bench,
  browser: BrowserContext,
  chance: Chance,
  { kills, stops }: { readonly kills: number; readonly stops: number },
  counts: Counts,
): Promise<void> {
  const page = await browser.newPage();
  const address = await begin(page, bench.address);
  const typist = new Typist(page, new Ledger("interrupted"));
  const blows = [
    ...Array.from({ length: kills }, () => "kill"),
    ...Array.from({ length: stops }, () => "stop"),
  ];
  for (const blow of blows) {
    const typing = typist.cells(6);
    await wait(chance.below(250));
    if (blow === "kill") await bench.killServer();
    else bench.cluster.stop("immediate");
    await typing;
    await typist.cells(chance.below(4));
    if (blow === "kill") await bench.server.start();
    else await bench.cluster.start();
    counts[blow] = (counts[blow] ?? 0) + 1;
  }
  await judged(page, address, typist.ledger, counts);
  await page.close();
}

/** A tab, or the whole browser, is closed right after a key; what was typed is there when it is opened again. */
export async function closeAfterKey(
  bench: Bench,
  chance: Chance,
  closings: number,
  counts: Counts,
): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), "fathom-rule-drill-"));
  let browser = await openBrowser(profile);
  try {
    let page = await browser.newPage();
    const address = await begin(page, bench.address);
    const ledger = new Ledger("closed");
    for (let n = 0; n < closings; n++) {
      const text = ledger.fresh();
      ledger.note(n, "x", text);
      await cellAt(page, n, 0).click();
      await page.keyboard.type(text);
      if (chance.below(2) === 0) {
        await page.close();
        counts.tab = (counts.tab ?? 0) + 1;
      } else {
        await browser.close();
        browser = await openBrowser(profile);
        counts.browser = (counts.browser ?? 0) + 1;
      }
      page = await browser.newPage();
      await page.goto(address);
      await alive(page);
    }
    await judged(page, address, ledger, counts);
  } finally {
    await browser.close();
    removeProfile(profile);
  }
}

/** Two people type into one investigation, each into a column of their own, each now and then without the network. */
export async function offlineStretches(
  bench: Bench,
  open: () => Promise<BrowserContext>,
  chance: Chance,
  stretches: number,
  counts: Counts,
): Promise<void> {
  const people = [await open(), await open()];
  const pages = await Promise.all(people.map((person) => person.newPage()));
  const [first, second] = pages as [Page, Page];
  const address = await begin(first, bench.address);
  const rows = 12;
  const ledger = new Ledger("offline");
  await new Typist(first, ledger).cells(2 * rows);
  await kept(first);
  await begin(second, bench.address);
  await second.goto(address);
  await alive(second);
  /** The cell that has the focus already, in which a click would begin to edit. */
  const focused = [rows, 0];
  const type = async (person: number, wanted: number) => {
    const row = wanted === focused[person] ? (wanted + 1) % rows : wanted;
    focused[person] = row + 1;
    const page = pages[person] as Page;
    await cellAt(page, row, person).click();
    const text = ledger.fresh();
    ledger.note(row, columns[person] as string, text);
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  };
  for (let n = 0; n < stretches; n++) {
    const away = chance.below(3);
    for (const person of [0, 1]) {
      if (away === person || away === 2) await (people[person] as BrowserContext).setOffline(true);
    }
    for (let turn = 0; turn < 6; turn++) await type(chance.below(2), chance.below(rows));
    for (const person of people) await person.setOffline(false);
    counts.offline = (counts.offline ?? 0) + 1;
  }
  for (const page of pages) await kept(page);
  await wait(1500);
  await judged(first, address, ledger, counts);
  const shown = ledger.judge(await documentOf(second, address));
  add(counts, shown);
  for (const person of people) await person.close();
}

/** Twenty tabs of one browser on one investigation: what is typed in one is kept, and is seen in another. */
export async function manyTabs(bench: Bench, browser: BrowserContext, counts: Counts): Promise<void> {
  const first = await browser.newPage();
  const address = await begin(first, bench.address);
  const tabs = [first];
  while (tabs.length < 20) {
    const tab = await browser.newPage();
    await tab.goto(address, { waitUntil: "commit" });
    tabs.push(tab);
  }
  const last = tabs.at(-1) as Page;
  await alive(last);
  const typist = new Typist(last, new Ledger("tabs"));
  await typist.cells(10);
  await judged(last, address, typist.ledger, counts);
  await cellAt(first, 4, 0).waitFor();
  counts.tabs = (counts.tabs ?? 0) + tabs.length;
  for (const tab of tabs) await tab.close();
} // prettier-ignore
