import type { Patch } from "immer";
import { removeRows } from "@/investigation/acts/removeRows";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { type Change, perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { type DocumentState, received, withChange, without } from "./documentState";

const none = new Set<string>();
let nextId = 0;

function start(): DocumentState {
  const document = plainRule();
  return { base: document, document, revision: 4, pending: [] };
}

function typed(document: Investigation, row: string, text: string) {
  return perform(document, typeReadings, { readings: [{ row, cell: "time", text }] });
}

function edit(change: Change, mergeKey?: string) {
  const made = { id: `edit${nextId++}`, at: "2026-11-23T10:00:00.000Z", on: 0 };
  return { ...change, ...made, window: "one", device: "laptop", mergeKey };
}

function type(state: DocumentState, row: string, text: string, mergeKey?: string, underWay = none) {
  const { document, change } = typed(state.document, row, text);
  return withChange(state, document, edit(change, mergeKey), underWay);
}

const reading = (state: DocumentState, row: string) => state.document.rows[row]?.readings.time;

describe("what is shown while edits travel", () => {
  test("keys in one cell travel as one edit, unless it is under way", () => {
    let state = type(start(), "row1", "9", "cell");
    state = type(state, "row1", "9.5", "cell");
    expect(state.pending).toHaveLength(1);
    const underWay = new Set(state.pending.map(({ id }) => id));
    state = type(state, "row1", "9.51", "cell", underWay);
    expect(state.pending).toHaveLength(2);
  });

  test("our own edit, acknowledged, changes nothing that is shown", () => {
    const state = type(start(), "row1", "9");
    const own = { ...state.pending[0]!, revision: 5 };
    const { state: after } = received(state, [own]);
    expect(after.document).toBe(state.document);
    expect(after).toMatchObject({ revision: 5, pending: [] });
    expect(after.base).toBe(after.document);
  });

  test("an edit too long for a message is asked for, unless it is our own", () => {
    const state = type(start(), "row1", "9");
    const own = { revision: 5, id: state.pending[0]!.id, act: "type-readings" };
    expect(received(state, [own])).toMatchObject({ gap: false, state: { revision: 5 } });
    const theirs = { revision: 6, id: "long", act: "paste-block" };
    expect(received(state, [own, theirs])).toMatchObject({ gap: true, state: { revision: 4 } });
  });

  test("another window's edit appears under ours", () => {
    const state = type(start(), "row1", "9");
    const theirs = { ...edit(typed(state.base, "row2", "7").change), revision: 5 };
    const { state: after } = received(state, [theirs]);
    expect([reading(after, "row1"), reading(after, "row2")]).toEqual(["9", "7"]);
    expect(after.pending).toHaveLength(1);
  });

  test("on the same cell ours is shown until the server has spoken", () => {
    const state = type(start(), "row1", "9");
    const theirs = { ...edit(typed(state.base, "row1", "7").change), revision: 5 };
    expect(reading(received(state, [theirs]).state, "row1")).toBe("9");
  });

  test("an edit on a row that another window removed is dropped, and said", () => {
    const state = type(start(), "row1", "9");
    const { change } = perform(state.base, removeRows, { rows: ["row1"] });
    const { state: after, dropped } = received(state, [{ ...edit(change), revision: 5 }]);
    expect(dropped).toHaveLength(1);
    expect(after.document.rows).not.toHaveProperty("row1");
  });

  test("news heard twice counts once; a gap is told", () => {
    const state = start();
    const theirs = { ...edit(typed(state.base, "row1", "7").change), revision: 5 };
    const { state: once } = received(state, [theirs]);
    expect(received(once, [theirs]).state).toBe(once);
    expect(received(state, [{ ...theirs, revision: 7 }]).gap).toBe(true);
  });

  test("a sheet sent whole, because what lies between is folded, is no gap; what was typed here lies over it", () => {
    const state = type(start(), "row1", "9");
    const value = typed(state.base, "row2", "7").document;
    const whole: Patch = { op: "replace", path: [], value };
    const told = { revision: 50, id: "folded-50", act: "go-back", patches: [whole] };
    const { state: after, gap } = received(state, [told]);
    expect([gap, after.revision]).toEqual([false, 50]);
    expect([reading(after, "row1"), reading(after, "row2")]).toEqual(["9", "7"]);
  });

  test("a refused edit is rolled back and the others stay", () => {
    let state = type(start(), "row1", "9");
    state = type(state, "row2", "8");
    const after = without(state, new Set([state.pending[0]!.id])).state;
    expect([reading(after, "row1"), reading(after, "row2")]).toEqual(["3.12", "8"]);
  });
});

describe("one's own edits, as the server tells of them", () => {
  test("come back without their patches, which are here already", () => {
    let state = type(start(), "row1", "9");
    const [first] = state.pending;
    state = type(state, "row2", "8");
    const told = [{ revision: 5, id: first!.id, act: first!.act }];
    const next = received(state, told).state;
    expect(next.revision).toBe(5);
    expect(next.base.rows.row1?.readings.time).toBe("9");
    expect(next.base.rows.row2?.readings.time).not.toBe("8");
    expect(reading(next, "row2")).toBe("8");
    expect(next.pending).toHaveLength(1);
  });

  test("among those of others they keep their place", () => {
    const state = type(start(), "row1", "9");
    const [own] = state.pending;
    const theirs = typed(plainRule(), "row1", "7").change;
    const told = [
      { revision: 5, id: own!.id, act: own!.act },
      { revision: 6, id: "theirs", act: theirs.act, patches: theirs.patches },
    ];
    const next = received(state, told).state;
    expect(reading(next, "row1")).toBe("7");
    expect(next.pending).toEqual([]);
  });
});
