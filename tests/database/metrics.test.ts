import type { Server } from "node:http";
import { type AddressInfo } from "node:net";
import { saveEdits } from "@/server/investigations/saveEdits";
import { stopListening } from "@/server/live/listener";
import { kindOf, metrics } from "@/server/metrics/metrics";
import { serveMetrics } from "@/server/metrics/serveMetrics";
import { plainRule } from "../fixtures/plainRule";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

let server: Server;

beforeAll(async () => {
  await prepareDatabase();
  server = serveMetrics("127.0.0.1", 0, () => metrics().registry.metrics());
  await new Promise((listening) => server.once("listening", listening));
});

afterAll(async () => {
  server.close();
  await stopListening();
  await closeDatabase();
});

async function read(path = "/metrics") {
  const { port } = server.address() as AddressInfo;
  const answer = await fetch(`http://127.0.0.1:${port}${path}`);
  return { status: answer.status, text: await answer.text() };
}

const counted = (text: string, line: string) =>
  Number(new RegExp(`^${line} (\\S+)$`, "m").exec(text)?.[1] ?? 0);

test("edits are counted by what became of them, saves are timed; nobody and no sheet is named", async () => {
  const { owner, id } = await somebodysRule();
  const taken = 'fathom_rule_edits_total\\{outcome="taken"\\}';
  const refused = 'fathom_rule_edits_total\\{outcome="refused"\\}';
  const before = (await read()).text;
  const bad = { ...typing(plainRule(), "row1", "1.1"), patches: [{ op: "replace", path: ["title"], value: 7 }] };
  await saveEdits(id, owner, { since: 0, edits: [typing(plainRule(), "row1", "1.2"), bad as never] });
  const { text } = await read();
  expect(counted(text, taken)).toBe(counted(before, taken) + 1);
  expect(counted(text, refused)).toBe(counted(before, refused) + 1);
  expect(counted(text, "fathom_rule_save_seconds_count")).toBeGreaterThan(0);
  expect(text).toContain("fathom_rule_streams 0");
  expect(counted(text, "process_resident_memory_bytes")).toBeGreaterThan(1e6);
  expect(text).not.toContain(id);
  expect(text).not.toContain(owner);
}); // prettier-ignore

test("only the metrics are served", async () => {
  expect((await read("/")).status).toBe(404);
});

test.each([
  ["/api/investigations/Qm3x_81/edits", 200, "investigations edits"],
  ["/api/live", 200, "live"],
  ["/api/anything/Qm3x_81/at-all", 404, "unknown"],
  ["/investigation/Qm3x_81/plot", 200, "pages"],
  ["/_next/static/chunk.js", 404, "files"],
])("%s answered with %d is of the kind %s", (path, status, kind) => {
  expect(kindOf(path, status)).toBe(kind);
});
