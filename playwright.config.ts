import { defineConfig } from "@playwright/test";
import { browserOptions } from "./scripts/browser";

/** The simulated instruments are the same for all, and one bench has one at a time: their journeys go one after the other. */
const atInstruments = ["readingOff.spec.ts", "recordings.spec.ts"];

export default defineConfig({
  testDir: "tests/journeys",
  projects: [
    { name: "instruments", testMatch: atInstruments, workers: 1 },
    { name: "journeys", testMatch: "*.spec.ts", testIgnore: atInstruments },
  ],
  globalSetup: "./tests/journeys/globalSetup.ts",
  workers: 2,
  fullyParallel: true,
  // A machine may stand still for a while; no journey says how fast anything is.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  retries: process.env.CI ? 1 : 0,
  failOnFlakyTests: true,
  reporter: process.env.JOURNEYS_REPORT
    ? [["line"], ["json", { outputFile: process.env.JOURNEYS_REPORT }]]
    : [["line"]],
  use: {
    viewport: { width: 1280, height: 800 },
    // What is kept on a device has a journey of its own; all others see what the server says.
    serviceWorkers: "block",
    permissions: ["clipboard-read", "clipboard-write"],
    launchOptions: browserOptions,
  },
});
