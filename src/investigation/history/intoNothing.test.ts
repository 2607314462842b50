import { plainRule } from "../../../tests/fixtures/plainRule";
import { removeQuantity } from "../acts/removeQuantity";
import { typeReadings } from "../acts/typeReadings";
import { validateInvestigation } from "../model/schema";
import { applyChange, perform } from "./edit";

const before = plainRule();
const without = perform(before, removeQuantity, { quantity: "time" }).document;
const type = (row: string, text: string) =>
  perform(before, typeReadings, { readings: [{ row, cell: "time", text }] }).change.patches;

test("a reading typed while another took its column away does not vanish: it does not fit", () => {
  expect(applyChange(without, type("row1", "4.4")).applied).toBe(false);
  expect(applyChange(without, type("fresh", "4.4")).applied).toBe(false);
  expect(applyChange(before, type("row1", "4.4")).applied).toBe(true);
});

test("emptying a cell of it is nothing lost", () => {
  expect(applyChange(without, [{ op: "replace", path: ["rows", "row1", "readings", "time"], value: "" }]).applied).toBe(true); // prettier-ignore
});

test.each([null, 3, [], { order: 3 }])(
  "a row that is %j comes to nothing, without a throw",
  (value) => {
    const after = applyChange(before, [{ op: "add", path: ["rows", "odd"], value }]);
    expect(after.applied && validateInvestigation(after.document).valid).toBe(false);
  },
);
