import { removeRows } from "@/investigation/acts/removeRows";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Replaced } from "@/protocol/saving";
import { savingLimits } from "@/protocol/saving";
import { FakeBrowser } from "../../../tests/fixtures/fakeBrowser";
import { device } from "../../../tests/fixtures/fakeDevice";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { doAct, doPatches, type InvestigationStore } from "./investigationStore";
import type { Keeper } from "./keeper";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

let browser: FakeBrowser;
let store: InvestigationStore;
let keeper: Keeper;

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);
const type = (row: string, text: string) =>
  doAct(store, typeReadings, { readings: [{ row, cell: "time", text }] });
const time = (row: string) => store.getState().document.rows[row]?.readings.time;
const asideValues = () =>
  store.getState().aside.flatMap(({ edit }) => edit.patches.map(({ value }) => value as unknown));
const logged = () => browser.server.log.flatMap(({ patches = [] }) => patches.map(({ value }) => value as unknown)); // prettier-ignore

beforeEach(async () => {
  jest.useFakeTimers();
  browser = new FakeBrowser();
  ({ store, keeper } = browser.open("one"));
  await keeper.start(true);
  await pass(150);
});

afterEach(() => {
  keeper.stop();
  jest.useRealTimers();
});

test.each([400, 413])(
  "%d for one edit among several puts that one aside, and keeps the others",
  async (status) => {
    browser.server.poison = { text: "9.66", status };
    for (const [row, text] of [["row1", "9.1"], ["row2", "9.66"], ["row3", "9.3"]] as const) type(row, text); // prettier-ignore
    await pass(3000);
    expect(asideValues()).toEqual(["9.66"]);
    expect(logged()).toEqual(["9.1", "9.3"]);
    expect(time("row2")).not.toBe("9.66");
    expect(store.getState()).toMatchObject({ pending: [], saving: { kind: "kept" } });
  },
);

test("an edit that the server stumbles over three times is put aside; nothing is sent for ever", async () => {
  browser.server.poison = { text: "9.66", status: 500 };
  type("row1", "9.1");
  type("row2", "9.66");
  await pass(60_000);
  expect(asideValues()).toEqual(["9.66"]);
  expect(logged()).toEqual(["9.1"]);
  const asked = browser.server.asked.length;
  await pass(60_000);
  expect(browser.server.asked.length).toBe(asked);
});

test("a server that stumbles over everything is waited for, whatever is sent", async () => {
  browser.server.next = Array.from({ length: 12 }, () => ({ status: 500 }));
  type("row1", "9.1");
  await pass(2000);
  expect(store.getState().saving.kind).toBe("failing");
  await pass(200_000);
  expect(asideValues()).toEqual([]);
  expect(logged()).toEqual(["9.1"]);
});

test.each([
  [{ status: 403 }, "forbidden"],
  [{ status: 409, reason: "page-older" }, "page-older"],
] as const)(
  "%j: what is typed stays here, nothing is put aside, and nobody asks for ever",
  async (answer, kind) => {
    browser.server.next = Array.from({ length: 50 }, () => answer);
    type("row1", "9.1");
    await pass(5000);
    expect(store.getState()).toMatchObject({ saving: { kind, device: "written" }, aside: [] });
    type("row2", "9.2");
    const asked = browser.server.asked.length;
    await pass(60_000);
    expect(browser.server.asked.length).toBe(asked);
    expect(store.getState().pending).toHaveLength(2);
  },
);

test("a server that is older than the page is asked again until it is up to date", async () => {
  browser.server.next = Array.from({ length: 3 }, () => ({ status: 409, reason: "page-newer" }));
  type("row1", "9.1");
  await pass(700);
  expect(store.getState().saving.kind).toBe("page-newer");
  await pass(10_000);
  expect(logged()).toEqual(["9.1"]);
});

test("a page that a school's door sends in place of an answer is no answer", async () => {
  browser.server.next = [{ status: 200, page: "<html>Sign in to the school's network</html>" }];
  type("row1", "9.1");
  await pass(200);
  expect(logged()).toEqual([]);
  await pass(20_000);
  expect(logged()).toEqual(["9.1"]);
  expect(store.getState().aside).toEqual([]);
});

test("429 waits as long as it is asked to", async () => {
  browser.server.next = [{ status: 429 }];
  type("row1", "9.1");
  await pass(4000);
  expect(store.getState().saving.kind).toBe("waiting");
  expect(logged()).toEqual([]);
  await pass(3000);
  expect(logged()).toEqual(["9.1"]);
});

test("four readings and a long paste offline: cut by letters, a long edit in parts, nothing lost", async () => {
  browser.server.next = [{ status: 0 }, { status: 0 }];
  for (const row of ["row1", "row2", "row3", "row4"]) type(row, "9.9");
  const readings = Array.from({ length: 12_000 }, (_, n) => ({
    row: `pasted${n}`,
    cell: "time",
    text: `${n}.${"25".repeat(40)}`,
  }));
  doAct(store, typeReadings, { readings });
  await pass(30_000);
  expect(store.getState()).toMatchObject({ pending: [], aside: [], saving: { kind: "kept" } });
  expect(browser.server.log).toHaveLength(5);
  expect(browser.server.log.at(-1)?.patches).toHaveLength(12_000);
  expect(Math.max(...browser.server.letters)).toBeLessThan(savingLimits.bytesOfRequest / 3);
});

test("what waits aside is there again in the next window, and can be tried again", async () => {
  browser.server.poison = { text: "9.66", status: 400 };
  type("row2", "9.66");
  await pass(1000);
  keeper.stop();
  browser.server.poison = undefined;
  ({ store, keeper } = browser.open("two"));
  await keeper.start(true);
  await pass(100);
  const [item] = store.getState().aside;
  expect(doPatches(store, "type-readings", item!.edit.patches)).toBe(true);
  store.setState({ aside: [] });
  await pass(1000);
  expect(logged()).toEqual(["9.66"]);
  expect([...device.keys()].filter((key) => key.startsWith("aside/"))).toEqual([]);
});

test("typed into a row that another takes out meanwhile: put aside, not gone", async () => {
  browser.server.next = [{ status: 0 }];
  type("row1", "9.1");
  const { patches } = perform(plainRule(), removeRows, { rows: ["row1"] }).change;
  browser.server.take("theirs", "remove-rows", patches);
  browser.tell(browser.server.log);
  await pass(3000);
  expect(time("row1")).toBeUndefined();
  expect(asideValues()).toEqual(["9.1"]);
});

test("what an edit built on goes aside with it when that is refused", async () => {
  browser.server.poison = { text: "fresh", status: 400 };
  doAct(store, typeReadings, { readings: [{ row: "fresh", cell: "time", text: "5" }] });
  await pass(160);
  type("fresh", "5.5");
  await pass(5000);
  expect(time("fresh")).toBeUndefined();
  expect(store.getState().aside).toHaveLength(2);
});

test("an act that throws is said and noted, and nothing is changed", async () => {
  const odd = { ...pasteBlock, name: "odd", change: () => { throw new Error("no"); } }; // prettier-ignore
  const quiet = jest.spyOn(console, "error").mockImplementation(() => {});
  doAct(store, odd, {} as never);
  quiet.mockRestore();
  expect(store.getState().notice).toContain("could not be done");
  expect(store.getState().pending).toEqual([]);
});

test("what was replaced is learnt when it is told, and seen on every window until then", async () => {
  const path = ["rows", "row1", "readings", "time"];
  const one: Replaced = {
    id: "7",
    side: "lost",
    path,
    was: "9.1",
    stands: "9.2",
    at: "2026-11-20T10:00:00.000Z",
    back: { op: "replace", path, value: "9.1" },
  };
  browser.server.replaced = [one];
  browser.server.take("theirs", "type-readings", [{ op: "replace", path, value: "9.2" }], true);
  browser.tell(browser.server.log);
  await pass(100);
  expect(store.getState().replaced).toEqual([one]);
  expect(doPatches(store, "put-back", [one.back])).toBe(true);
  expect(time("row1")).toBe("9.1");
});
