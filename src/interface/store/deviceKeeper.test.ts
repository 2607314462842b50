import { device } from "../../../tests/fixtures/fakeDevice";
import { plainRule } from "../../../tests/fixtures/plainRule";
import type { KeptEdit, Snapshot } from "./deviceCopy";
import { DeviceKeeper } from "./deviceKeeper";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

const typed: KeptEdit = {
  id: "edit",
  at: "2036-11-23T10:00:00.000Z",
  on: 1,
  act: "type",
  window: "here",
  device: "laptop",
  patches: [{ op: "replace", path: ["rows", "row1", "readings", "time"], value: "9.81" }],
  inverse: [],
};

const snapshot: Snapshot = { personId: "ines", revision: 1, document: plainRule() };

/** The journal of a browser; one that is full takes nothing more. */
function journal(full = false): Map<string, string> {
  const kept = new Map<string, string>();
  const setItem = (key: string, value: string) => {
    if (full) throw new Error("QuotaExceededError");
    kept.set(key, value);
  };
  const removeItem = (key: string) => kept.delete(key);
  Object.assign(globalThis, { localStorage: { setItem, removeItem } });
  return kept;
}

const keyTyped = () => {
  const keeper = new DeviceKeeper("rule", "here", "ines", () => {});
  keeper.keep([typed], snapshot);
  return keeper;
};
const inStore = () => [...device.keys()].filter((key) => key.startsWith("edits/"));
const promised = async () => {
  for (let turn = 0; turn < 20; turn++) await Promise.resolve();
};

beforeEach(() => {
  jest.useFakeTimers();
  device.clear();
});
afterEach(() => jest.useRealTimers());

test("a key is in the journal before anything else happens, and in the store right after; then the journal lets it go", async () => {
  const kept = journal();
  keyTyped();
  expect([...kept.values()].join()).toContain("9.81");
  expect(inStore()).toEqual([]);
  await jest.advanceTimersByTimeAsync(10);
  expect([inStore(), [...kept.values()]]).toEqual([["edits/rule/here/edit"], []]);
});

test("where the journal takes nothing, the store has the key without waiting", async () => {
  journal(true);
  keyTyped();
  await promised();
  expect(inStore()).toEqual(["edits/rule/here/edit"]);
});

test("a window that ends right after a key leaves it in the store", async () => {
  journal();
  keyTyped().stop();
  await promised();
  expect(inStore()).toEqual(["edits/rule/here/edit"]);
});
