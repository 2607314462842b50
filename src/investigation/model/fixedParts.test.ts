import { describeConstant } from "../acts/describeConstant";
import { describeQuantity } from "../acts/describeQuantity";
import { fixParts } from "../acts/fixParts";
import { moveQuantity } from "../acts/moveQuantity";
import { removeQuantity } from "../acts/removeQuantity";
import { renameSymbol } from "../acts/renameSymbol";
import { setHouseRules } from "../acts/setHouseRules";
import { setWord } from "../acts/setWord";
import { typeReadings } from "../acts/typeReadings";
import { sampleBrief } from "../briefs/sampleBriefs";
import type { Act } from "../acts/act";
import { perform } from "../history/edit";
import { fixedPartChanged } from "./fixedParts";

const brief = sampleBrief("clampedRule");
const changedBy = <Args>(act: Act<Args>, args: Args, document = brief) =>
  fixedPartChanged(document, perform(document, act, args).document);

test("what a brief fixes can be neither changed nor taken away, in whatever way", () => {
  const of = { quantity: "overhang" };
  expect(changedBy(describeQuantity, { ...of, unit: "cm" })).toBe("quantity:overhang");
  expect(changedBy(removeQuantity, of)).toBe("quantity:overhang");
  expect(changedBy(renameSymbol, { ...of, from: "L", symbol: "l" })).toMatch(/^quantity:/);
  const [constant] = Object.keys(brief.constants);
  expect(changedBy(describeConstant, { constant: constant!, value: "1" })).toBe(
    `constant:${constant}`,
  );
});

test("readings, order and what is left free are the bench’s", () => {
  const readings = [{ row: "first", cell: "overhang", text: "0.2" }];
  expect(changedBy(typeReadings, { readings })).toBeUndefined();
  expect(changedBy(moveQuantity, { quantity: "overhang", before: null })).toBeUndefined();
  expect(changedBy(setHouseRules, { decimalMark: "comma" })).toBeUndefined();
  const parts = [{ kind: "house-rules", of: "" }] as const;
  const { document } = perform(brief, fixParts, { parts, fixed: true });
  expect(changedBy(setHouseRules, { decimalMark: "comma" }, document)).toBe("house-rules");
});

test("the brief itself is the teacher’s", () => {
  expect(changedBy(setWord, { stage: "plot", text: "Mine." })).toBe("brief");
  const parts = [{ kind: "quantity", of: "overhang" }] as const;
  expect(changedBy(fixParts, { parts, fixed: false })).toBe("brief");
});
