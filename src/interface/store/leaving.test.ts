import { device } from "../../../tests/fixtures/fakeDevice";
import { FakeBrowser } from "../../../tests/fixtures/fakeBrowser";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { rememberPerson } from "./deviceCopy";
import { doAct } from "./investigationStore";
import { forgetAllBut, onLeft, sayLeft, unsentHere } from "./leaving";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);
const remembered = new Map<string, string>();

beforeEach(() => {
  jest.useFakeTimers();
  remembered.clear();
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => remembered.get(key) ?? null,
      setItem: (key: string, value: string) => void remembered.set(key, value),
      removeItem: (key: string) => void remembered.delete(key),
    },
  });
});

afterEach(() => {
  jest.useRealTimers();
});

test("after signing out the device holds what is not with the server, and nothing else of the person", async () => {
  const browser = new FakeBrowser();
  rememberPerson("ines");
  const { store, keeper } = browser.open("one");
  await keeper.start(true);
  await pass(100);
  const type = (row: string, text: string) =>
    doAct(store, typeReadings, { readings: [{ row, cell: "time", text }] });
  type("row1", "9.1");
  await pass(5000);
  browser.server.next = Array.from({ length: 50 }, () => ({ status: 0 }));
  type("row2", "9.2");
  await pass(1000);
  const [unsent, ...more] = await unsentHere("ines");
  expect(more).toEqual([]);
  expect(unsent?.edits.flatMap(({ patches }) => patches)).toMatchObject([{ value: "9.2" }]);
  expect(unsent?.document?.title).toBeDefined();
  expect(await unsentHere("tobi")).toEqual([]);

  keeper.stop();
  await forgetAllBut("ines");
  await pass(20_000);
  const left = [...device.keys()];
  expect(left.map((key) => key.split("/")[0])).toEqual(["edits"]);
  expect(JSON.stringify([...device.values()])).not.toContain("9.1");
  expect([...remembered.keys()]).toEqual([]);
});

test("what is not with the server is listed in the order in which it was typed", async () => {
  const edit = (id: string, at: string) => ({ personId: "ines", edit: { id, at, patches: [] } });
  device.clear();
  device.set("edits/rule/one/a-later", edit("a-later", "2026-11-27T10:00:02.000Z"));
  device.set("edits/rule/one/b-earlier", edit("b-earlier", "2026-11-27T10:00:01.000Z"));
  const [unsent] = await unsentHere("ines");
  expect(unsent?.edits.map(({ id }) => id)).toEqual(["b-earlier", "a-later"]);
});

test("other windows hear that somebody left, the window itself does not", async () => {
  jest.useRealTimers();
  const heard: string[] = [];
  const stop = onLeft(() => heard.push("here"));
  const others: unknown[] = [];
  const other = new BroadcastChannel("fathom-rule/session");
  const arrived = new Promise<void>((resolve) => {
    other.onmessage = ({ data }: MessageEvent) => {
      others.push(data);
      resolve();
    };
  });
  sayLeft();
  await arrived;
  expect(heard).toEqual([]);
  other.postMessage("another window");
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(heard).toEqual(["here"]);
  expect(others).toHaveLength(1);
  stop();
  other.close();
});
