import { typeReadings } from "@/investigation/acts/typeReadings";
import { type Change, perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import type { Steps } from "@/pipeline/readings/steps";
import { device, holdWriting } from "../../../tests/fixtures/fakeDevice";
import { FakeBrowser } from "../../../tests/fixtures/fakeBrowser";
import type { FakeServer } from "../../../tests/fixtures/fakeServer";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { type Done, doInParts } from "./doInParts";
import { doAct, type InvestigationStore, undo } from "./investigationStore";
import type { Keeper } from "./keeper";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

let browser: FakeBrowser;
let server: FakeServer;
let store: InvestigationStore;
let keeper: Keeper;

const openWindow = (windowId: string) => void ({ store, keeper } = browser.open(windowId));

beforeEach(() => {
  jest.useFakeTimers();
  browser = new FakeBrowser();
  ({ server } = browser);
  openWindow("one");
});

afterEach(() => {
  keeper.stop();
  jest.useRealTimers();
});

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);
const type = (text: string, key?: string) =>
  doAct(store, typeReadings, { readings: [{ row: "row1", cell: "time", text }] }, key);
const reading = () => store.getState().document.rows.row1?.readings.time;
const saving = () => store.getState().saving.kind;

test("what is typed is with the server within half a second, the keys of a cell as one edit", async () => {
  await keeper.start(true);
  await pass(50);
  type("9", "cell");
  type("9.5", "cell");
  expect(saving()).toBe("keeping");
  await pass(500);
  expect(server.log).toHaveLength(1);
  expect(store.getState()).toMatchObject({ revision: 1, pending: [], saving: { kind: "kept" } });
  expect(reading()).toBe("9.5");
});

test.each([0, 503])(
  "while the server does not answer (%d) all is kept here, and sent when it does",
  async (status) => {
    await keeper.start(true);
    await pass(50);
    server.next = Array.from({ length: 3 }, () => ({ status }));
    type("9");
    await pass(500);
    expect(saving()).toBe("on-device");
    type("9.7");
    expect(reading()).toBe("9.7");
    await pass(10_000);
    expect(saving()).toBe("kept");
    expect(server.log.length).toBeGreaterThanOrEqual(1);
    expect(store.getState().pending).toEqual([]);
  },
);

test("kept on this device is said only when the newest key stands there", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = Array.from({ length: 50 }, () => ({ status: 0 }));
  type("9", "cell");
  await pass(500);
  expect(store.getState().saving).toEqual({ kind: "on-device", device: "written" });
  let written = () => {};
  holdWriting(new Promise((resolve) => (written = resolve)));
  type("9.7", "cell");
  expect(store.getState().saving).toEqual({ kind: "on-device", device: "writing" });
  written();
  await pass(1);
  expect(store.getState().saving).toEqual({ kind: "on-device", device: "written" });
  expect([...device.values()]).toContainEqual(
    expect.objectContaining({
      edit: expect.objectContaining({ patches: [expect.objectContaining({ value: "9.7" })] }),
    }),
  );
});

test("a device without room: said, and nobody leaves unwarned until the server has it", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = Array.from({ length: 3 }, () => ({ status: 0 }));
  holdWriting(Promise.reject(new Error("the quota is used up")));
  type("9");
  await pass(500);
  expect(store.getState().saving).toEqual({ kind: "on-device", device: "refused" });
  expect(browser.warns()).toBe(true);
  await pass(10_000);
  expect(saving()).toBe("kept");
  expect(browser.warns()).toBe(false);
});

test("signed out: kept here, said, and sent after signing in again", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = [{ status: 401 }];
  type("9");
  await pass(300);
  expect(saving()).toBe("signed-out");
  await pass(5000);
  expect(saving()).toBe("kept");
});

test("a refused edit is rolled back, and waits on the device", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = [{ status: 200, refuse: true }];
  type("9");
  await pass(500);
  expect(reading()).toBe("3.12");
  const [aside] = store.getState().aside;
  expect(aside).toMatchObject({ reason: "gone", edit: { patches: [{ value: "9" }] } });
  expect([...device.keys()]).toContain(`aside/rule/${aside!.edit.id}`);
});

test("a window that closed too early leaves its edits to the next one", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = Array.from({ length: 50 }, () => ({ status: 0 }));
  type("9.9");
  await pass(300);
  keeper.stop();
  server.next = [];
  openWindow("two");
  await keeper.start(true);
  expect(reading()).toBe("9.9");
  await pass(500);
  expect(server.log).toHaveLength(1);
  await pass(2000);
  expect([...device.keys()].filter((key) => key.startsWith("edits/"))).toEqual([]);
});

test("a tab that closes before the device has written a key leaves it in its journal", async () => {
  const journal = new Map<string, string>();
  const area = {
    getItem: (key: string) => journal.get(key) ?? null,
    setItem: (key: string, value: string) => void journal.set(key, value),
    removeItem: (key: string) => void journal.delete(key),
    key: (at: number) => [...journal.keys()][at] ?? null,
    get length() {
      return journal.size;
    },
  };
  Object.assign(globalThis, { localStorage: area });
  await keeper.start(true);
  await pass(50);
  server.next = Array.from({ length: 50 }, () => ({ status: 0 }));
  type("9", "cell");
  await pass(50);
  holdWriting(new Promise(() => {}));
  type("9.9", "cell");
  keeper.stop();
  server.next = [];
  holdWriting(undefined);
  openWindow("two");
  await keeper.start(true);
  expect(reading()).toBe("9.9");
  await pass(2000);
  expect(server.log.flatMap(({ patches = [] }) => patches.at(-1))).toMatchObject([
    { value: "9.9" },
  ]);
  expect([...journal.keys()]).toEqual([]);
  Object.assign(globalThis, { localStorage: undefined });
});

/** Types a reading that the server gets, and closes the window. */
async function typeAndClose(): Promise<void> {
  await keeper.start(true);
  await pass(50);
  type("9.9");
  await pass(500);
  keeper.stop();
}

test("what the server had acknowledged is not laid over its newer document", async () => {
  await typeAndClose();
  openWindow("two");
  await keeper.start(true);
  expect(reading()).toBe("3.12");
});

test("without the server, copy and acknowledged edits together lack nothing typed", async () => {
  await typeAndClose();
  server.next = Array.from({ length: 50 }, () => ({ status: 0 }));
  openWindow("two");
  await keeper.start(false);
  expect(reading()).toBe("9.9");
  expect(saving()).toBe("on-device");
});

test("edits that another person left on this device are not sent", async () => {
  device.set("edits/rule/old", {
    personId: "tobi",
    edits: [{ id: "theirs", patches: [], inverse: [] }],
  });
  await keeper.start(true);
  await pass(500);
  expect(server.log).toEqual([]);
  expect(device.has("edits/rule/old")).toBe(true);
});

test("an edit that the server had before is not sent for ever", async () => {
  await keeper.start(true);
  await pass(50);
  type("9");
  const [edit] = store.getState().pending;
  server.log.push({ revision: 1, id: edit!.id, act: edit!.act, patches: edit!.patches });
  await pass(500);
  expect(store.getState().pending).toEqual([]);
  expect(server.log).toHaveLength(1);
});

test("typing on in a cell whose save got no answer loses no key", async () => {
  await keeper.start(true);
  await pass(50);
  server.next = [{ status: 200, lost: true }];
  type("9", "cell");
  await pass(200);
  type("9.8", "cell");
  await pass(10_000);
  expect(reading()).toBe("9.8");
  expect(store.getState()).toMatchObject({ pending: [], saving: { kind: "kept" } });
  expect(server.log.at(-1)?.patches).toMatchObject([{ value: "9.8" }]);
});

test("a long edit of another window, told of while a save is under way, is asked for", async () => {
  await keeper.start(true);
  await pass(50);
  const readings = [{ row: "row2", cell: "time", text: "8.8" }];
  const { patches } = perform(plainRule(), typeReadings, { readings }).change;
  const meanwhile = () => {
    server.log.push({ revision: 2, id: "theirs", act: "paste-block", patches });
    browser.tell([{ revision: 2, id: "theirs", act: "paste-block" }]);
  };
  server.next = [{ status: 200, meanwhile }];
  type("9");
  await pass(1000);
  expect(reading()).toBe("9");
  expect(store.getState().document.rows.row2?.readings.time).toBe("8.8");
});

describe("a long paste", () => {
  const parts = (count: number, rowsEach: number) =>
    function* (from: Investigation): Steps<Done> {
      let document = from;
      const changes: Change[] = [];
      for (let part = 0; part < count; part++) {
        const readings = Array.from({ length: rowsEach }, (_, index) => ({
          row: `pasted${part}-${index}`,
          cell: "time",
          text: `${part}.${index}`,
        }));
        const done = perform(document, typeReadings, { readings });
        document = done.document;
        changes.push(done.change);
        yield;
      }
      return { document, changes };
    };
  const rowsPasted = () =>
    Object.keys(store.getState().document.rows).filter((id) => id.startsWith("pasted")).length;

  test("is shown whole, is one step of undo, and goes to the server in moderate loads", async () => {
    await keeper.start(true);
    await pass(50);
    const seen: number[] = [];
    store.subscribe(() => seen.push(rowsPasted()));
    const done = doInParts(store, parts(4, 1400));
    await pass(20);
    await done;
    await pass(5000);
    expect(seen.every((count) => count === 0 || count === 5600)).toBe(true);
    expect(rowsPasted()).toBe(5600);
    expect(server.log).toHaveLength(4);
    expect(server.asked).toEqual([0, 2, 2]);
    undo(store);
    expect(rowsPasted()).toBe(0);
  });

  test("leaves what was typed meanwhile as it is", async () => {
    const done = doInParts(store, parts(3, 10));
    type("9.6");
    await pass(20);
    await done;
    expect(reading()).toBe("9.6");
    expect(rowsPasted()).toBe(30);
  });
});
