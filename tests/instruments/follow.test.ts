/** What a server makes of an instrument's line: simulated ones, others that speak SCPI, and lines that go wrong. */
import { connect, createServer, type Server, type Socket } from "node:net";
import { kindOf } from "@/instruments/catalogue";
import { Device } from "@/instruments/scpi/device";
import { listen } from "@/instruments/scpi/listen";
import type { RecordingNews } from "@/protocol/instruments";
import { readInstrumentList } from "@/server/instruments/allowed";
import { askInstrument } from "@/server/instruments/askInstrument";
import { followInstrument } from "@/server/instruments/follow";
import { readAnswer } from "@/server/instruments/pieces";

const clock = {
  now: () => performance.now() / 1000,
  wait: (seconds: number) => new Promise<void>((resolve) => setTimeout(resolve, seconds * 1000)),
};

const open: Server[] = [];
const sockets = new Set<Socket>();

function noted(server: Server): Server {
  open.push(server);
  server.on("connection", (socket: Socket) => sockets.add(socket));
  return server;
}

const cutLines = () => {
  for (const socket of sockets) socket.destroy();
  sockets.clear();
};

afterEach(() => {
  cutLines();
  for (const server of open.splice(0)) server.close();
});

async function simulated(key: string) {
  const { server, port } = await listen(new Device(kindOf(key), 3, clock), 0);
  noted(server);
  return { name: key, host: "127.0.0.1", port };
}

/** An instrument that answers as it is told. */
async function other(answer: (message: string, socket: Socket) => void) {
  const server = noted(
    createServer((socket) => {
      socket.on("error", () => {});
      socket.on("data", (data) => {
        for (const line of String(data).trim().split("\n")) answer(line, socket);
      });
    }),
  );
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const address = server.address() as { port: number };
  return { name: "meter", host: "127.0.0.1", port: address.port };
}

/** Follows an instrument until enough has come of it. */
async function followed(
  instrument: Awaited<ReturnType<typeof simulated>>,
  enough: (news: readonly RecordingNews[]) => boolean,
  from?: number,
): Promise<RecordingNews[]> {
  const news: RecordingNews[] = [];
  const stop = new AbortController();
  const say = (one: RecordingNews) => {
    news.push(one);
    if (enough(news)) stop.abort();
  };
  await followInstrument({ instrument, say, signal: stop.signal, from });
  return news;
}

const readingsIn = (news: readonly RecordingNews[]) =>
  news.flatMap((one) =>
    one.kind === "piece" ? (one.values[0] ?? []).map((_value, i) => one.first + i) : [],
  );

const kindsOf = (news: readonly RecordingNews[]) => [...new Set(news.map(({ kind }) => kind))];

test("a recording is described, begun, and comes as it is made, none left out", async () => {
  const sensor = await simulated("DISPlacement");
  const news = await followed(sensor, (all) => readingsIn(all).length > 60);
  const [first] = news;
  expect(first).toMatchObject({ kind: "begun", description: { tells: "readings", step: 0.005, keeps: true } }); // prettier-ignore
  const numbers = readingsIn(news);
  expect(numbers).toEqual(numbers.map((_number, i) => i));
  expect(kindsOf(news)).toEqual(["begun", "piece"]);
});

test("a line that breaks is told, and what was recorded meanwhile comes when it is back", async () => {
  const sensor = await simulated("DISPlacement");
  setTimeout(cutLines, 200);
  const news = await followed(sensor, (all) => {
    const back = all.findIndex(({ kind }) => kind === "back");
    return back >= 0 && readingsIn(all.slice(back)).length > 20;
  });
  expect(kindsOf(news)).toEqual(["begun", "piece", "broken", "back"]);
  const numbers = readingsIn(news);
  const missing = numbers.at(-1)! + 1 - numbers.length;
  expect(missing).toBeLessThan(20);
});

test("who comes back to a recording that goes on does not begin it anew", async () => {
  const sensor = await simulated("FORCe");
  const bench = connect(sensor.port, "127.0.0.1");
  bench.write("TRIG:TIM 0.005;:INIT\n");
  await clock.wait(0.3);
  const news = await followed(sensor, (all) => readingsIn(all).length > 5, 0);
  expect(readingsIn(news).length).toBeGreaterThan(40);
  expect(readingsIn(news)[0]).toBe(0);
  bench.destroy();
});

test("an instrument that is no one of ours is asked for each reading; what it can’t say is told", async () => {
  let asked = 0;
  const meter = await other((message, socket) => {
    if (message === "*IDN?") socket.write("Harbour Works,DM1,7,2.0\n");
    else if (message === "READ?") socket.write(++asked === 2 ? "####\n" : "+1.25E+0\n");
  });
  const news = await followed(meter, (all) => readingsIn(all).length >= 2);
  expect(news[0]).toMatchObject({ description: { identity: "Harbour Works,DM1,7,2.0", keeps: false } }); // prettier-ignore
  expect(news.filter(({ kind }) => kind === "rubbish")).toEqual([{ kind: "rubbish", count: 1 }]);
  expect(news.at(-1)).toMatchObject({ kind: "piece", values: [[1.25]] });
});

test("nobody there, rubbish alone, and a flood end with their reason", async () => {
  const gone = { name: "gone", host: "127.0.0.1", port: 9 };
  expect(await followed(gone, () => false)).toEqual([{ kind: "ended", why: "not-there" }]);
  expect(await askInstrument(gone, { kind: "zero" })).toEqual({ kind: "ended", why: "not-there" });
  const mumbling = await other((message, socket) => {
    if (message === "*IDN?") socket.write("Fathom Rule,mumbler,1,1\n");
    else if (message.startsWith("DATA")) socket.write("x,y,x,y;3\n");
    else if (message.includes("?")) socket.write("?\n");
  });
  const news = await followed(mumbling, () => false);
  expect(news.at(-1)).toEqual({ kind: "ended", why: "rubbish" });
  const flooding = await other((_message, socket) => void socket.write("9".repeat(5_000_000)));
  expect(await askInstrument(flooding, { kind: "single" })).toEqual({ kind: "ended", why: "line-lost" }); // prettier-ignore
});

test("it is zeroed, set, let go and asked once; what it refuses is said in its words", async () => {
  const balance = await simulated("BALance");
  expect(await askInstrument(balance, { kind: "zero" })).toEqual({ kind: "done" });
  expect(await askInstrument(balance, { kind: "set", key: "MASS", value: 200 })).toEqual({ kind: "done" }); // prettier-ignore
  const single = await askInstrument(balance, { kind: "single" });
  expect(single).toMatchObject({ kind: "single" });
  expect(Math.abs((single.kind === "single" ? single.values[0]! : 0) - 200)).toBeLessThan(2);
  const refused = await askInstrument(balance, { kind: "set", key: "MASS", value: 1e6 });
  expect(refused).toEqual({ kind: "refused", said: '-222,"Data out of range"' });
  const gate = await askInstrument(await simulated("GATE"), { kind: "single" });
  expect(gate).toEqual({ kind: "refused", said: '-200,"Execution error"' });
});

describe("an answer of numbered readings", () => {
  test("falls apart where something was lost; what came before is not taken again", () => {
    expect(readAnswer("4,1.5,5,9.91E37,9,2", 1, 4).pieces).toEqual([
      { first: 4, values: [[1.5, null]] },
      { first: 9, values: [[2]] },
    ]);
    expect(readAnswer("3,1,4,2", 1, 4)).toMatchObject({ beganAnew: true, pieces: [{ first: 4 }] });
    expect(readAnswer("0,1,2,x,3,4,5", 2, 0)).toMatchObject({ rubbish: 2 });
    expect(readAnswer("", 1, 0)).toEqual({ pieces: [], rubbish: 0, beganAnew: false });
  });
});

test("the list of a server names each instrument once, with its address", () => {
  expect(readInstrumentList("gate=127.0.0.1:5026; the balance = lab.local:5032;")).toEqual([
    { name: "gate", host: "127.0.0.1", port: 5026 },
    { name: "the balance", host: "lab.local", port: 5032 },
  ]);
  expect(readInstrumentList("")).toEqual([]);
  for (const wrong of ["gate", "gate=lab", "gate=lab:0", "a=b:1;a=c:2", "=lab:5"]) {
    expect(readInstrumentList(wrong)).toBeUndefined();
  }
});
