import { describeBlock } from "@/investigation/acts/describeBlock";
import { setAside } from "@/investigation/acts/setAside";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { inOrder } from "@/investigation/model/order";
import { plainRichText } from "@/investigation/model/richText";
import { wholeRow } from "@/investigation/model/row";
import { samples } from "@/investigation/samples/samples";
import { changesBetween } from "./changesBetween";

const before = samples.clampedRule();
const rows = inOrder(before.rows).map(([id]) => id) as [string, string, ...string[]];

test("readings mended, new and set aside are told with their places; slope and result before and after", () => {
  const typed = [
    { row: rows[0], cell: "time", text: "9.99" },
    { row: rows[1], cell: "overhang", text: "" },
  ];
  const mended = perform(before, typeReadings, { readings: typed }).document;
  const out = [{ row: rows[2] ?? "", cell: wholeRow }];
  const after = perform(mended, setAside, { readings: out, reason: "slipped" }).document;
  const found = changesBetween(before, after);
  const at = (place: string) => found.readings.find((one) => one.place === place);
  expect(at(`cell:${rows[0]}/time`)).toEqual({
    place: `cell:${rows[0]}/time`,
    before: before.rows[rows[0]]!.readings.time,
    after: "9.99",
  });
  expect(at(`cell:${rows[1]}/overhang`)?.after).toBe("");
  expect(at(`cell:${rows[2]}/time`)?.after).toContain("(set aside: slipped)");
  expect(found.slope.before).toBe("12.5\u00a0±\u00a00.4\u00a0s²\u00a0m⁻³");
  expect(found.slope.after).not.toBe(found.slope.before);
  expect(found.result.before).toContain("GPa");
});

test("texts are compared word by word; what stayed is not told", () => {
  const [id] = inOrder(before.writeUp.blocks).find(([, { section }]) => section === "aim")!;
  const text = plainRichText("To find the stiffness of the steel of a long rule.");
  const after = perform(before, describeBlock, { block: id, change: { text } }).document;
  const [aim, ...others] = changesBetween(before, after).texts;
  expect(others).toEqual([]);
  expect(aim?.heading).toBe("Aim");
  expect(aim?.parts.filter(({ kind }) => kind === "new").map((one) => one.text).join("")).toContain("long");
  expect(changesBetween(before, before)).toMatchObject({ readings: [], texts: [] });
}); // prettier-ignore
