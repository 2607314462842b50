import type { LiveMessage } from "@/protocol/saving";
import { savingChecks } from "./answerChecks";
import { LiveStream } from "./liveStream";

/** A stream of events as a browser has it, on which the test speaks for the server. */
class FakeSource {
  static readonly opened: FakeSource[] = [];
  onmessage: ((event: { data: string }) => void) | undefined;
  onerror: (() => void) | undefined;
  closed = false;

  constructor(readonly address: string) {
    FakeSource.opened.push(this);
  }

  close(): void {
    this.closed = true;
  }

  say(message: object): void {
    this.onmessage?.({ data: JSON.stringify(message) });
  }
}

const message = { investigation: "one", edits: [] };
let heard: LiveMessage[];
let stream: LiveStream;

beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(globalThis, { EventSource: FakeSource });
  FakeSource.opened.length = 0;
  heard = [];
  stream = new LiveStream((one) => heard.push(one));
});

afterEach(() => {
  stream.close();
  jest.restoreAllMocks();
  jest.useRealTimers();
});

test("nothing is asked for until what is heard can be held against something; then it is tried again", async () => {
  jest.spyOn(savingChecks, "here").mockReturnValue(undefined);
  jest.spyOn(savingChecks, "fetch").mockRejectedValueOnce(new Error("away"));
  stream.want("tab", { one: 3 });
  await jest.advanceTimersByTimeAsync(500);
  expect(FakeSource.opened).toHaveLength(0);
  jest.mocked(savingChecks.here).mockRestore();
  await savingChecks.fetch();
  await jest.advanceTimersByTimeAsync(1000);
  expect(FakeSource.opened.map(({ address }) => address)).toEqual([
    expect.stringContaining("of=one:3"),
  ]);
});

test("what is no message is not heard; a tab that wants nothing any more ends what was on its way", async () => {
  await savingChecks.fetch();
  stream.want("tab", { one: 0 });
  await jest.advanceTimersByTimeAsync(100);
  const [source] = FakeSource.opened;
  source?.say({ investigation: 7 });
  source?.say(message);
  expect(heard).toEqual([message]);
  stream.want("tab", {});
  expect(source?.closed).toBe(true);
  await jest.advanceTimersByTimeAsync(20_000);
  expect(FakeSource.opened).toHaveLength(1);
});

test("a stream that breaks is asked for anew, each time later, up to a quarter of a minute", async () => {
  await savingChecks.fetch();
  stream.want("tab", { one: 0 });
  await jest.advanceTimersByTimeAsync(100);
  const waits: number[] = [];
  for (let turn = 0; turn < 6; turn++) {
    FakeSource.opened.at(-1)?.onerror?.();
    const before = FakeSource.opened.length;
    let waited = 0;
    while (FakeSource.opened.length === before) {
      await jest.advanceTimersByTimeAsync(500);
      waited += 500;
    }
    waits.push(waited);
  }
  expect(waits).toEqual([1000, 2000, 4000, 8000, 15_000, 15_000]);
});
