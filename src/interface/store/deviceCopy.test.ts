import { device } from "../../../tests/fixtures/fakeDevice";
import { plainRule } from "../../../tests/fixtures/plainRule";
import {
  copiesOf,
  forgetCopiesOfOthers,
  keepEdits,
  keepSnapshot,
  type Snapshot,
  snapshotOf,
} from "./deviceCopy";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

function snapshot(rows: number, revision: number, personId = "ines"): Snapshot {
  const document = plainRule();
  const row = document.rows.row1!;
  const more = Array.from({ length: rows }, (_, n) => [`more${n}`, { ...row, order: `b${n}` }]);
  return {
    personId,
    revision,
    document: { ...document, rows: { ...document.rows, ...Object.fromEntries(more) } },
  };
}

beforeEach(() => {
  device.clear();
  Object.assign(globalThis, { navigator: {} });
});

describe("the copy on the device", () => {
  test("holds what the server last said of the sheet: a bench's stays a bench's while the server is away", async () => {
    const held = { mayEdit: true, readOnly: true, ofBench: true, terms: undefined };
    await keepSnapshot("rule", { ...snapshot(0, 3), held });
    expect((await snapshotOf("rule"))?.held).toEqual(held);
  });

  test("tells how many changes wait for the server: those of the store and those that only a journal holds, each once", async () => {
    const edit = (id: string) => ({ id, act: "type", at: "2036-11-23T10:00:00.000Z", on: 3, patches: [], inverse: [], window: "one", device: "laptop" }); // prettier-ignore
    const journal = JSON.stringify({ personId: "ines", edits: [edit("a"), edit("b")] });
    const localStorage = { length: 1, key: () => "fathom-rule-journal/rule/one", getItem: () => journal }; // prettier-ignore
    await keepSnapshot("rule", snapshot(0, 3));
    const place = { id: "rule", windowId: "one", personId: "ines" };
    await keepEdits(place, [edit("a"), { ...edit("c"), acknowledged: true }], []);
    Object.assign(globalThis, { localStorage });
    expect(await copiesOf("ines")).toMatchObject([{ id: "rule", waiting: 2 }]);
    expect(await copiesOf("tobi")).toEqual([]);
    Object.assign(globalThis, { localStorage: undefined });
  });

  test.each([0, 993, 994, 4500])(
    "is read as it was written, with %d further rows",
    async (rows) => {
      await keepSnapshot("rule", snapshot(rows, 3));
      const read = await snapshotOf("rule");
      expect(read).toEqual(snapshot(rows, 3));
      expect(Object.keys(read!.document.rows)).toEqual(
        Object.keys(snapshot(rows, 3).document.rows),
      );
    },
  );

  test("of thousands of rows no one write holds more than a thousand", async () => {
    await keepSnapshot("rule", snapshot(4500, 3));
    const sizes = [...device.values()].map((value) =>
      Math.max(
        ...[value, (value as Snapshot).document?.rows ?? {}].map(
          (one) => Object.keys(one as object).length,
        ),
      ),
    );
    expect(Math.max(...sizes)).toBe(1000);
  });

  test("takes the place of the one before, and leaves nothing of it", async () => {
    await keepSnapshot("rule", snapshot(4500, 3));
    await keepSnapshot("rule", snapshot(2500, 4));
    expect(device.size).toBe(4);
    await keepSnapshot("rule", snapshot(0, 5));
    expect([...device.keys()]).toEqual(["copy/rule"]);
    expect(await snapshotOf("rule")).toEqual(snapshot(0, 5));
  });

  test("that was broken off leaves the one before as it stands", async () => {
    await keepSnapshot("rule", snapshot(2500, 3));
    const before = new Map(device);
    const writing = keepSnapshot("rule", snapshot(4500, 4));
    await Promise.resolve();
    const during = [...before.keys()].every((key) => device.has(key));
    expect(during).toBe(true);
    expect((await snapshotOf("rule"))?.revision).toBe(3);
    await writing;
    expect((await snapshotOf("rule"))?.revision).toBe(4);
  });

  test("of somebody else goes, with all its rows", async () => {
    await keepSnapshot("rule", snapshot(2500, 3, "tobi"));
    await keepSnapshot("own", snapshot(2500, 3));
    await forgetCopiesOfOthers("ines");
    expect(await snapshotOf("rule")).toBeUndefined();
    expect([...device.keys()].filter((key) => key.includes("rule"))).toEqual([]);
    expect((await snapshotOf("own"))?.document.rows.more2499).toBeDefined();
  });
});
