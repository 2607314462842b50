/** Bench instruments through the server: one bench at a time, a recording from its beginning to its end. */
import type { Server } from "node:net";
import { kindOf } from "@/instruments/catalogue";
import { Device } from "@/instruments/scpi/device";
import { listen } from "@/instruments/scpi/listen";
import type { RecordingNews } from "@/protocol/instruments";
import { models } from "@/server/database/models";
import { allowedInstruments } from "@/server/instruments/allowed";
import { askInstrument } from "@/server/instruments/askInstrument";
import { freeInstrument, holdInstrument, instrumentsFor } from "@/server/instruments/holds";
import { recordingStream } from "@/server/instruments/recordingStream";
import { closeDatabase, prepareDatabase, somebodysRule } from "./place";

const clock = {
  now: () => performance.now() / 1000,
  wait: (seconds: number) => new Promise<void>((resolve) => setTimeout(resolve, seconds * 1000)),
};
let server: Server;

beforeAll(async () => {
  await prepareDatabase();
  const simulated = await listen(new Device(kindOf("DISPlacement"), 5, clock), 0);
  server = simulated.server;
  process.env.FATHOM_RULE_INSTRUMENTS = `rule sensor=127.0.0.1:${simulated.port}`;
});
afterAll(async () => {
  server.close();
  await closeDatabase();
});

const sensor = () => allowedInstruments()[0]!;

async function opened(investigationId: string, signal: AbortSignal, from?: number) {
  const stream = { personId: "p", investigationId, instrument: sensor(), from, signal };
  const reader = recordingStream(stream).getReader();
  const decoder = new TextDecoder();
  let text = "";
  /** The next event; undefined at the end. */
  const next = async (): Promise<(RecordingNews & { id?: number }) | undefined> => {
    for (;;) {
      const end = text.indexOf("\n\n");
      const event = end < 0 ? "" : text.slice(0, end);
      if (end >= 0) text = text.slice(end + 2);
      const data = /^data: (.*)$/m.exec(event)?.[1];
      const id = /^id: (\d+)$/m.exec(event)?.[1];
      if (data) return { ...(JSON.parse(data) as RecordingNews), ...(id && { id: Number(id) }) };
      if (end >= 0) continue;
      const { done, value } = await reader.read();
      if (done) return undefined;
      text += decoder.decode(value);
    }
  };
  return next;
}

test("a recording is heard until it is stopped; who comes back goes on where it was", async () => {
  const { id } = await somebodysRule();
  const first = new AbortController();
  const next = await opened(id, first.signal);
  expect(await next()).toMatchObject({ kind: "begun", description: { instrument: "rule sensor" } });
  let wanted = 0;
  while (wanted < 30) {
    const news = await next();
    if (news?.kind === "piece") {
      expect(news.first).toBe(wanted);
      wanted = news.id!;
    }
  }
  first.abort();
  await clock.wait(0.3);
  const again = await opened(id, new AbortController().signal, wanted);
  expect(await again()).toMatchObject({ kind: "begun" });
  const piece = await again();
  if (piece?.kind !== "piece") throw new Error("no piece");
  expect(piece.first).toBeLessThan(wanted + 20);
  expect(piece.values[0]!.length).toBeGreaterThan(20);
  expect(await askInstrument(sensor(), { kind: "stop" })).toEqual({ kind: "done" });
  let last: RecordingNews | undefined;
  for (let news = await again(); news; news = await again()) last = news;
  expect(last).toEqual({ kind: "ended", why: "stopped" });
  expect(await models().InstrumentHold.count({ where: { investigationId: id } })).toBe(0);
});

test("two benches don’t record with one instrument; it is free when it is let go, or not heard of", async () => {
  const [mine, other] = [(await somebodysRule()).id, (await somebodysRule()).id];
  const both = await Promise.all([mine, other].map((id) => holdInstrument("rule sensor", id)));
  expect(both.filter(Boolean)).toHaveLength(1);
  const [holder, waiting] = both[0] ? [mine, other] : [other, mine];
  expect(await holdInstrument("rule sensor", holder)).toBe(true);
  expect(await instrumentsFor(holder)).toEqual([{ name: "rule sensor", inUse: false }]);
  expect(await instrumentsFor(waiting)).toEqual([{ name: "rule sensor", inUse: true }]);
  const refused = await opened(waiting, new AbortController().signal);
  expect(await refused()).toEqual({ kind: "ended", why: "in-use" });
  await models().InstrumentHold.update({ heldUntil: new Date(0) }, { where: { name: "rule sensor" } }); // prettier-ignore
  expect(await holdInstrument("rule sensor", waiting)).toBe(true);
  await freeInstrument("rule sensor", waiting);
  expect(await holdInstrument("rule sensor", holder)).toBe(true);
});
