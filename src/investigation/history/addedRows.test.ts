import { applyPatches, enablePatches, type Patch } from "immer";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { inOrder, lastOrder, ordersBehind } from "../model/order";
import type { Row } from "../model/row";
import { additionOf, rowsAdded } from "./addedRows";
import { applyChange, asOneChange, reversed } from "./edit";

enablePatches();

function fresh(count: number, last = lastOrder(plainRule().rows)): [string, Row][] {
  return ordersBehind(last, count).map((order, n) => [
    `fresh${n}`,
    { order, table: "main", readings: { time: `${n}.5` } },
  ]);
}

describe("rows added without a draft", () => {
  test("lead to the document to which a draft would lead, in its order", () => {
    const before = plainRule();
    const { patches } = additionOf("paste-block", fresh(40));
    const application = applyChange(before, patches);
    if (!application.applied) throw new Error("does not fit");
    expect(application.document).toEqual(applyPatches(before, patches as Patch[]));
    const order = inOrder(application.document.rows).map(([id]) => id);
    expect(inOrder({ ...application.document.rows }).map(([id]) => id)).toEqual(order);
  });

  test("that come between others stand there", () => {
    const between: [string, Row] = ["between", { order: "a0V", table: "main", readings: {} }];
    const { patches } = additionOf("paste-block", [between]);
    const application = applyChange(plainRule(), patches);
    const rows = application.applied ? application.document.rows : {};
    const order = inOrder(rows).map(([, row]) => row.order);
    expect(order).toEqual([...order].sort());
    expect(order).toContain("a0V");
  });

  test("as they come over the wire are nobody's to change", () => {
    const sent = JSON.parse(JSON.stringify(additionOf("paste-block", fresh(2)).patches)) as Patch[];
    const application = applyChange(plainRule(), sent);
    const row = application.applied ? application.document.rows.fresh1 : undefined;
    expect(Object.isFrozen(row) && Object.isFrozen(row?.readings)).toBe(true);
  });

  test("go again by the way back, in one step for several changes", () => {
    const before = plainRule();
    const rows = fresh(6);
    const both = asOneChange(
      additionOf("paste-block", rows.slice(0, 3)),
      additionOf("paste-block", rows.slice(3)),
    );
    const there = applyChange(before, both.patches);
    if (!there.applied) throw new Error("does not fit");
    expect(Object.keys(there.document.rows)).toHaveLength(13);
    const back = applyChange(there.document, reversed(both, "undo").patches);
    expect(back.applied && back.document).toEqual(before);
  });

  test.each([
    ["something else is changed as well", { op: "replace", path: ["title"], value: "Rule" }],
    ["a reading is typed", { op: "add", path: ["rows", "row1", "readings", "time"], value: "1" }],
    ["a row goes", { op: "remove", path: ["rows", "row1"] }],
    ["an id is no row's", { op: "add", path: ["rows", "__proto__"], value: {} }],
  ] as const)("are none where %s", (_, patch) => {
    const { patches } = additionOf("paste-block", fresh(1));
    expect(rowsAdded([...patches, { ...patch, path: [...patch.path] }])).toBeUndefined();
  });
});
