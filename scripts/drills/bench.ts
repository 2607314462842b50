import { type BrowserContext, chromium, type Page } from "@playwright/test";
import type { Investigation } from "../../src/investigation/model/investigation";
import { browserOptions, enter } from "../browser";
import { Cluster } from "../provision/cluster.mjs";
import { startScratchPlace } from "../provision/server.mjs";

type Place = Awaited<ReturnType<typeof startScratchPlace>>;

/** An application of the drills' own, that they may kill, with its limits out of the way. */
export class Bench {
  readonly cluster = Cluster.scratch();
  server!: Place;

  async open(): Promise<void> {
    process.env.FATHOM_RULE_EDITS_A_MINUTE = "10000000";
    process.env.FATHOM_RULE_BYTES_A_MINUTE = "10000000000";
    process.env.FATHOM_RULE_INVESTIGATIONS = "100000";
    process.env.FATHOM_RULE_TRIES_OF_ADDRESS = "1000";
    this.server = await startScratchPlace(this.cluster);
  }

  get address(): string {
    return this.server.address ?? "";
  }

  /** Kills the server at once, as a power cut would. */
  async killServer(): Promise<void> {
    await this.server.stop("SIGKILL");
  }

  async close(): Promise<void> {
    await this.server.stop().catch(() => undefined);
    this.cluster.remove();
  }
}

/** A browser with a profile that outlives it. */
export function openBrowser(profile: string): Promise<BrowserContext> {
  const viewport = { width: 1280, height: 800 };
  return chromium.launchPersistentContext(profile, { ...browserOptions, viewport });
}

/** Waits until a page takes what is typed. */
export async function alive(page: Page): Promise<void> {
  await page.locator('[data-live="true"]').waitFor();
  await page.getByRole("gridcell").getByRole("textbox").waitFor();
}

/** Signs in and starts an empty investigation; gives its address. */
export async function begin(page: Page, place: string): Promise<string> {
  await enter(page, place);
  await page.getByRole("button", { name: "Start an investigation" }).click();
  await alive(page);
  return page.url();
}

/** Waits until the server has everything. */
export async function kept(page: Page): Promise<void> {
  const line = page.getByTestId("saving").filter({ hasText: "All changes kept" });
  await line.waitFor({ timeout: 60_000 });
}

/** The document as the server has it. */
export async function documentOf(page: Page, address: string): Promise<Investigation> {
  const { origin, pathname } = new URL(address);
  const answer = await page.request.get(
    `${origin}/api/investigations/${pathname.split("/")[2]}/document`,
  );
  return ((await answer.json()) as { document: Investigation }).document;
}
