import type { APIRequestContext, Page } from "@playwright/test";
import type { Investigation } from "../../src/investigation/model/investigation";
import { hostilePatch } from "../../tests/fixtures/hostile";
import type { Chance } from "../../tests/properties/madeUp";
import { begin, type Bench, documentOf } from "./bench";
import type { Counts } from "./interruptions";

let made = 0;

/** What surrounds an edit, sometimes spoilt. */
function envelope(document: Investigation, chance: Chance): unknown {
  const patches = Array.from({ length: 1 + chance.below(3) }, () => hostilePatch(document, chance));
  const edit: Record<string, unknown> = {
    id: `hostile-${++made}`,
    act: "odd",
    at: "2026-11-27T10:00:00.000Z",
    patches,
    inverse: [],
    on: chance.below(5),
    window: "w",
    device: "d",
  };
  const spoilt: Readonly<Record<string, unknown>> = {
    id: { length: 9 },
    act: "\0",
    at: "9999-99-99T10:00:00.000Z",
    patches: null,
    inverse: "x",
    on: -1,
    window: "\ud800",
    device: [],
  };
  if (chance.below(6) === 0) {
    const field = chance.oneOf(Object.keys(spoilt)) as string;
    edit[field] = spoilt[field];
  }
  if (chance.below(40) === 0) return null;
  return edit;
}

const bodies: readonly string[] = [
  ...["", "null", "[", '{"since":0}', `${"[".repeat(3000)}${"]".repeat(3000)}`],
  ...['{"since":0,"edits":[null]}', '{"since":1e999,"edits":[]}', '{"__proto__":{"since":0}}'],
];

async function send(request: APIRequestContext, door: string, body: string): Promise<number> {
  const headers = { "content-type": "application/json", origin: new URL(door).origin };
  return (await request.post(door, { headers, data: Buffer.from(body) })).status();
}

/** Whether an investigation opens at every stage, without the page that says it can't. */
async function opens(page: Page, address: string): Promise<boolean> {
  for (const stage of ["measure", "derive", "straighten", "plot", "slope", "conclude", "writeup"]) {
    const answer = await page.request.get(address.replace(/measure$/, stage));
    if (!answer.ok() || (await answer.text()).includes("be shown as it stands")) return false;
  }
  return true;
}

/** Sends so many edits that nobody would make; counts answers of 500, and documents that open no more. */
export async function hostileEdits(
  bench: Bench,
  page: Page,
  chance: Chance,
  count: number,
  counts: Counts,
): Promise<void> {
  const places: string[] = [];
  for (const sample of ["Springiness", "constantan", "capacitor"]) {
    await page.goto(`${bench.address}/shelf`);
    await page.getByRole("button", { name: "Start from a sample" }).click();
    await page.getByRole("menuitem", { name: sample }).click();
    await page.getByRole("grid").waitFor();
    places.push(page.url());
  }
  await page.goto("about:blank");
  for (let sent = 0; sent < count;) {
    const address = chance.oneOf(places) as string;
    const id = new URL(address).pathname.split("/")[2];
    const door = `${bench.address}/api/investigations/${id}/edits`;
    const document = await documentOf(page, address);
    const before = sent;
    for (; sent < Math.min(count, before + 250); sent++) {
      const body = JSON.stringify({ since: 0, edits: [envelope(document, chance)] });
      const odd = chance.below(50) === 0 ? (chance.oneOf(bodies) as string) : body;
      const status = await send(page.request, door, odd.replaceAll('"1e999"', "1e999"));
      if (status >= 500) {
        counts["answers of 500"] = (counts["answers of 500"] ?? 0) + 1;
        console.log(`${status} for ${odd.slice(0, 400)}`);
      }
    }
    counts["hostile edits"] = (counts["hostile edits"] ?? 0) + (sent - before);
    if (!(await opens(page, address))) {
      counts["documents that do not open"] = (counts["documents that do not open"] ?? 0) + 1;
    }
  }
}

const p95 = (times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;

/** A wrong try to sign in, without a browser. */
const wrongSignIn = (place: string) =>
  fetch(`${place}/api/sign-in`, {
    method: "POST",
    headers: { "content-type": "application/json", origin: place },
    body: JSON.stringify({ name: "tobi", password: "wrong" }),
  });

/** Forty sign in at once, all of them wrongly; how long another person's shelf takes meanwhile, in milliseconds at the 95th percentile. */
export async function crowdAtTheDoor(bench: Bench, page: Page): Promise<number> {
  await begin(page, bench.address);
  await page.goto("about:blank");
  let waiting = true;
  const tries = Array.from({ length: 40 }, () => wrongSignIn(bench.address));
  const crowd = Promise.all(tries).then(() => (waiting = false));
  const times: number[] = [];
  while (waiting) {
    const began = performance.now();
    await page.request.get(`${bench.address}/shelf`);
    times.push(performance.now() - began);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  await crowd;
  return p95(times);
}
