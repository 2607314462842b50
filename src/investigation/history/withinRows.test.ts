import { removeRows } from "../acts/removeRows";
import { typeReadings } from "../acts/typeReadings";
import { inOrder } from "../model/order";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { applyChange, perform, reversed } from "./edit";
import { rowsOfPatches, withinRows } from "./withinRows";

const type = (row: string, text: string, document = plainRule()) =>
  perform(document, typeReadings, { readings: [{ row, cell: "time", text }] });

describe("work within a few rows", () => {
  it("sees the rows asked for and the last one", () => {
    withinRows(plainRule(), ["row2", "nowhere"], (narrow) => {
      expect(Object.keys(narrow.rows).sort()).toEqual(["row2", "row7"]);
      return narrow;
    });
  });

  it("gives the same document back where nothing changed", () => {
    const document = plainRule();
    expect(withinRows(document, ["row1"], (narrow) => narrow)).toBe(document);
  });

  it("leaves the other rows as they are", () => {
    const before = plainRule();
    const { document } = type("row2", "4.44", before);
    expect(document.rows.row2?.readings.time).toBe("4.44");
    expect(document.rows.row3).toBe(before.rows.row3);
    expect(Object.keys(document.rows)).toHaveLength(Object.keys(before.rows).length);
  });

  it("puts new rows behind all others, in an order that a fresh sort agrees with", () => {
    const once = type("new1", "1.0").document;
    const { document } = type("new2", "2.0", once);
    const ids = inOrder(document.rows).map(([id]) => id);
    expect(ids.slice(-2)).toEqual(["new1", "new2"]);
    expect(inOrder({ ...document.rows }).map(([id]) => id)).toEqual(ids);
  });

  it("undoes and does again as from scratch", () => {
    const before = plainRule();
    const { document, change } = type("new1", "1.0", before);
    const back = applyChange(document, reversed(change, "undo").patches);
    expect(back.applied && back.document).toEqual(before);
    const again = applyChange(before, change.patches);
    expect(again.applied && again.document).toEqual(document);
  });

  it("refuses a change to a row that is gone", () => {
    const { change } = type("row2", "4.44");
    const { document } = perform(plainRule(), removeRows, { rows: ["row2"] });
    expect(applyChange(document, change.patches).applied).toBe(false);
  });
});

describe("the rows of patches", () => {
  it("are named where readings are typed, and not where rows go or other things change", () => {
    expect([...(rowsOfPatches(type("row2", "4.44").change.patches) ?? [])]).toEqual(["row2"]);
    const { change } = perform(plainRule(), removeRows, { rows: ["row2"] });
    expect(rowsOfPatches(change.patches)).toBeUndefined();
    expect(rowsOfPatches([{ op: "replace", path: ["title"], value: "Rule" }])).toBeUndefined();
  });
});
