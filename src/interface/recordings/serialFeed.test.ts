import type { RecordingNews } from "@/protocol/instruments";
import { serialFeed } from "./serialFeed";

/** A port through which a test prints. */
function port() {
  let controller: ReadableStreamDefaultController<Uint8Array> | undefined;
  const is = { open: false, baudRate: 0 };
  return {
    is,
    print: (text: string) => controller?.enqueue(new TextEncoder().encode(text)),
    pull: () => controller?.error(new Error("pulled out")),
    readable: new ReadableStream<Uint8Array>({ start: (one) => void (controller = one) }),
    open: async ({ baudRate }: { baudRate: number }) => void Object.assign(is, { open: true, baudRate }),
    close: async () => void (is.open = false),
  };
} // prettier-ignore

const settle = (inMs = 5) => new Promise((done) => setTimeout(done, inMs));

/** Within so many ms no pace is told. */
const tooShort = 1000;

function listening() {
  const news: RecordingNews[] = [];
  const line = port();
  const feed = serialFeed(
    line,
    9600,
  )({
    news: (one) => news.push(one),
    opened: () => undefined,
    broken: () => undefined,
    heard: () => undefined,
  });
  return { news, line, feed };
}

/** Lines as a microcontroller prints them, cut anywhere. */
async function printLines(line: ReturnType<typeof port>, from: number, to: number): Promise<void> {
  for (let i = from; i < to; i++) {
    line.print(`${i}.5;`);
    line.print(`${-i}\r\n`);
    await settle();
  }
}

test("what came before the step was known comes with the beginning, nothing twice and nothing lost", async () => {
  const { news, line, feed } = listening();
  line.print("half a li");
  line.print("ne 7\r\n");
  await printLines(line, 0, 20);
  await settle(tooShort);
  expect(news).toEqual([]);
  await printLines(line, 20, 30);
  const [begun, ...pieces] = news;
  expect(begun).toMatchObject({ kind: "begun", description: { tells: "readings", channels: [{ symbol: "x_1" }, { symbol: "x_2" }] } });
  const rows = pieces.flatMap((one) => (one.kind === "piece" ? [[one.first, one.values[0]?.[0], one.values[1]?.[0]]] : []));
  expect(rows.length).toBeGreaterThan(24);
  expect(rows.every(([, x, y]) => x === -(y as number) + 0.5)).toBe(true);
  const numbers = rows.map(([first]) => first as number);
  expect(numbers.every((one, i) => i === 0 || one > (numbers[i - 1] as number))).toBe(true);
  expect(new Set(rows.map(([, x]) => x)).size).toBe(rows.length);
  feed.close();
  await settle();
  expect([line.is.open, line.is.baudRate]).toEqual([false, 9600]);
  expect(news.some(({ kind }) => kind === "ended")).toBe(false);
  expect(news.at(-1)).toMatchObject({ kind: "pace" });
}); // prettier-ignore

test("a port that is pulled out ends the recording, and says so once", async () => {
  const { news, line } = listening();
  line.print("start\r\n");
  await printLines(line, 0, 14);
  await settle(tooShort);
  await printLines(line, 14, 16);
  line.print("no numbers here\r\n");
  await settle();
  line.pull();
  await settle();
  expect(news.filter(({ kind }) => kind === "ended" || kind === "pace")).toEqual([
    { kind: "pace", step: expect.any(Number), clock: expect.any(Number) },
    { kind: "ended", why: "line-lost" },
  ]);
  expect(news.filter(({ kind }) => kind === "rubbish").at(-1)).toEqual({
    kind: "rubbish",
    count: 1,
  });
});
