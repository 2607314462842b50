import type { RecordedNumbers } from "@/protocol/recordings";
import { GrowingTrace } from "./growingTrace";
import { type DevicePieces, type RecordingDoor, RecordingOutbox } from "./outbox";

/** A server that can be away, and a device that keeps pieces. */
function place() {
  const server: number[] = [];
  const pieces = new Map<number, RecordedNumbers>();
  const is = { away: false, stopped: false };
  const door: RecordingDoor = {
    send: async (first, numbers) => {
      if (is.away) return "away";
      server.splice(first, numbers.length, ...numbers);
      return server.length;
    },
    stop: async () => {
      if (is.away) return "away";
      is.stopped = true;
      return "stopped";
    },
  };
  const device: DevicePieces = {
    keep: async (first, numbers) => void pieces.set(first, numbers),
    drop: async (before) => {
      for (const [first, numbers] of pieces) if (first + numbers.length <= before) pieces.delete(first);
    },
  }; // prettier-ignore
  const trace = new GrowingTrace("readings", 1);
  return { server, pieces, is, trace, outbox: new RecordingOutbox(trace, device, door) };
}

test("what comes while the server is away is on the device, and reaches it when it is back", async () => {
  const { server, pieces, is, trace, outbox } = place();
  trace.add(0, [[1, 2]]);
  await outbox.flush();
  expect([server, pieces.size, outbox.state]).toEqual([[1, 2], 0, "sending"]);
  is.away = true;
  trace.add(2, [[3]]);
  await outbox.flush();
  trace.add(3, [[4, null]]);
  await outbox.end();
  expect(outbox.state).toBe("away");
  expect([...pieces].map(([first, numbers]) => [first, ...numbers])).toEqual([[2, 3], [3, 4, NaN]]); // prettier-ignore
  is.away = false;
  await outbox.flush();
  expect(server).toEqual([1, 2, 3, 4, NaN]);
  expect([pieces.size, is.stopped, outbox.state]).toEqual([0, true, "kept"]);
});

test("a server that has fewer than it was sent is sent them again", async () => {
  const trace = new GrowingTrace("readings", 1);
  const sent: number[] = [];
  const door: RecordingDoor = {
    send: async (first) => (sent.push(first) === 1 ? 1 : 3),
    stop: async () => "stopped",
  };
  const outbox = new RecordingOutbox(trace, { keep: async () => {}, drop: async () => {} }, door);
  trace.add(0, [[1, 2, 3]]);
  await outbox.flush();
  expect(outbox.state).toBe("away");
  await outbox.end();
  expect([sent, outbox.state]).toEqual([[0, 1], "kept"]);
});

test("a recording that is gone is not tried for ever; a device that is full is told as away", async () => {
  const trace = new GrowingTrace("readings", 1);
  trace.add(0, [[1]]);
  const gone: RecordingDoor = { send: async () => "gone", stop: async () => "gone" };
  const outbox = new RecordingOutbox(trace, { keep: async () => {}, drop: async () => {} }, gone);
  await outbox.end();
  expect(outbox.state).toBe("gone");
  const full = async () => {
    throw new Error("full");
  };
  const other = new RecordingOutbox(trace, { keep: full, drop: full }, gone);
  await other.flush();
  expect(other.state).toBe("away");
});

test("a trace fills what was left out, passes over what it has, and keeps channels apart", () => {
  const trace = new GrowingTrace("readings", 2);
  trace.add(0, [[1, 2], [10, 20]]); // prettier-ignore
  trace.add(1, [[9, 3], [90, 30]]); // prettier-ignore
  trace.add(4, [[5], [null]]);
  expect([...trace.between(0, 5)]).toEqual([1, 2, 3, NaN, 5, 10, 20, 30, NaN, NaN]);
  expect([...trace.channels[0]!.levels.level(0)]).toEqual([1, 5]);
  const moments = new GrowingTrace("events", 1);
  moments.add(0, [Array.from({ length: 5000 }, (_value, i) => i + 0.123456789)]);
  expect(moments.between(4999, 5000)[0]).toBe(4999.123456789);
});
