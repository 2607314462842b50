import { insertRows } from "@/investigation/acts/insertRows";
import { removeRows } from "@/investigation/acts/removeRows";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { followed } from "./followHands";
import { gridView } from "./gridView";

const shown = (document: Investigation) =>
  gridView(document, { table: undefined, series: undefined });
const before = plainRule();
const [first, second] = shown(before).rows.map(({ id }) => id);

test("a row that another puts in above moves the hands down with their reading", () => {
  const { document } = perform(before, insertRows, {
    before: first!,
    rows: ["fresh"],
    table: "main",
  });
  const there = followed({ row: 1, column: 1 }, shown(before), shown(document));
  expect(shown(document).rows[there.row]?.id).toBe(second);
  const waiting = shown(before).rows.length;
  expect(followed({ row: waiting, column: 0 }, shown(before), shown(document)).row).toBe(
    shown(document).rows.length,
  );
});

test("a row that another takes out from under the hands leaves them in the table", () => {
  const { document } = perform(before, removeRows, { rows: [first!, second!] });
  expect(followed({ row: 1, column: 0 }, shown(before), shown(document))).toEqual({
    row: 1,
    column: 0,
  });
  const last = shown(before).rows.length - 1;
  const there = followed({ row: last, column: 0 }, shown(before), shown(document));
  expect(shown(document).rows[there.row]?.id).toBe(shown(before).rows[last]?.id);
});
