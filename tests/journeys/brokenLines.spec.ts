import { connect, createServer, type Server, type Socket } from "node:net";
import { expect, type Page } from "@playwright/test";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { Instruments } from "../../scripts/provision/instruments.mjs";
import { startScratchPlace } from "../../scripts/provision/server.mjs";
import { margin } from "./atInstruments";
import { kept, signIn, start } from "./bench";
import { test } from "./test";

/** A line to an instrument that can be cut and mended. */
class Line {
  private server: Server | undefined;
  private readonly sockets = new Set<Socket>();

  constructor(
    private readonly behind: number,
    public port = 0,
  ) {}

  async mend(): Promise<void> {
    const server = createServer((near) => {
      const far = connect(this.behind, "127.0.0.1");
      for (const [one, other] of [[near, far], [far, near]] as const) {
        this.sockets.add(one);
        one.on("error", () => other.destroy());
        one.on("close", () => other.destroy());
        one.pipe(other);
      }
    });
    this.server = server;
    await new Promise<void>((done) => server.listen(this.port, "127.0.0.1", done));
    const address = server.address();
    this.port = typeof address === "object" && address ? address.port : 0;
  }

  cut(): void {
    this.server?.close();
    for (const socket of this.sockets) socket.destroy();
    this.sockets.clear();
  }
} // prettier-ignore

/** A place of a test's own with one displacement sensor, the line to it and the database in the test's hands. */
async function ownBench() {
  const instruments = new Instruments();
  const { FATHOM_RULE_INSTRUMENTS: list } = await instruments.start({ seed: 7 });
  const line = new Line(Number(/displacement sensor=[\d.]+:(\d+)/.exec(list)?.[1]));
  await line.mend();
  const cluster = Cluster.scratch();
  const settings = { FATHOM_RULE_INSTRUMENTS: `sensor=127.0.0.1:${line.port}` };
  const server = await startScratchPlace(cluster, { settings });
  const close = async () => {
    line.cut();
    await server.stop();
    await instruments.stop();
    cluster.remove();
  };
  return { line, cluster, server, close };
}

const state = (page: Page) => page.getByTestId("recording-line");

async function beginRecording(page: Page, place: string): Promise<void> {
  await signIn(page, place);
  await start(page);
  await page.getByRole("button", { name: "Recordings" }).click();
  await margin(page).getByRole("button", { name: "Record", exact: true }).click();
  await expect(state(page)).toContainText(/Recording, [2-9]\./);
}

/** How many readings the page says that there are. */
async function readings(page: Page): Promise<number> {
  const line = page.getByText(/By the sensor: displacement, \d+ readings/);
  await expect(line).toBeVisible();
  return Number(/(\d+) readings/.exec((await line.textContent()) ?? "")?.[1]);
}

test("a line that breaks midway is told and survived; one that stays away ends the recording with what came", async ({ page }) => {
  const { line, server, close } = await ownBench();
  try {
    await beginRecording(page, server.address ?? "");
    line.cut();
    await expect(margin(page).getByRole("alert")).toHaveText("The line is broken. What came in is kept; it is tried again.");
    await line.mend();
    await expect(state(page)).toContainText(/Recording, ([6-9]|\d\d)\./);
    await margin(page).getByRole("button", { name: "Stop" }).click();
    expect(await readings(page)).toBeGreaterThan(6 * 200 - 10);
    await margin(page).getByRole("button", { name: "Record again" }).click();
    await expect(state(page)).toContainText(/Recording, [1-9]/);
    line.cut();
    await expect(margin(page).getByText("The line to the instrument did not come back. What came in until then is kept.")).toBeVisible({ timeout: 40_000 });
    expect(await readings(page)).toBeGreaterThan(200);
    await kept(page);
  } finally {
    await close();
  }
}); // prettier-ignore

test("the database away while recording: on this device, then with the server", async ({ page }) => {
  const { cluster, server, close } = await ownBench();
  try {
    await beginRecording(page, server.address ?? "");
    cluster.stop();
    await expect(margin(page).getByText("Kept on this device; the server does not answer. It is tried again.")).toBeVisible();
    await expect(state(page)).toContainText(/Recording, ([6-9]|\d\d)\./);
    await margin(page).getByRole("button", { name: "Stop" }).click();
    const count = await readings(page);
    expect(count).toBeGreaterThan(6 * 200 - 10);
    await expect(page.getByText("Kept on this device; the server does not answer. It is tried again.")).toBeVisible();
    await cluster.start();
    await expect(page.getByText("Kept on this device; the server does not answer. It is tried again.")).toBeHidden();
    await kept(page);
    await page.reload();
    await page.getByRole("button", { name: "Recordings (1)" }).click();
    expect(await readings(page)).toBe(count);
    await expect(page.getByRole("slider", { name: "Trim: where it begins" })).toBeVisible();
  } finally {
    await close();
  }
}); // prettier-ignore

test("a page that is closed midway: what came in is there, and can be ended", async ({ page, context }) => {
  const { server, close } = await ownBench();
  try {
    await beginRecording(page, server.address ?? "");
    await kept(page);
    const address = page.url();
    await page.close();
    const again = await context.newPage();
    await again.goto(address);
    await again.getByRole("button", { name: "Recordings (1)" }).click();
    await expect(again.getByText("It is being recorded at another screen, or was broken off.")).toBeVisible();
    await again.getByRole("button", { name: "End it here" }).click();
    expect(await readings(again)).toBeGreaterThan(200);
  } finally {
    await close();
  }
}); // prettier-ignore
