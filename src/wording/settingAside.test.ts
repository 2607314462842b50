import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { usualAnswers, usualReasons } from "@/investigation/model/reason";
import { validateInvestigation } from "@/investigation/model/schema";
import { plainRule } from "../../tests/fixtures/plainRule";
import { readReason, reasonText } from "./settingAside";

test("each usual reason reads in words of its own, and is known again by them; own words stay as typed", () => {
  const usual = [...usualReasons, ...usualAnswers].map((one) => ({ usual: one }));
  const texts = usual.map(reasonText);
  expect(new Set(texts).size).toBe(7);
  expect(texts.map(readReason)).toEqual(usual);
  for (const own of ["bumped the bench", "constructor", ""]) {
    expect(reasonText(readReason(own))).toBe(own);
  }
});

test.each([
  [{ usual: "misread" }, true],
  ["a door slammed", true],
  [{ usual: "no such reason" }, false],
  [{ usual: "misread", more: 1 }, false],
  [7, false],
])("a row set aside for %j is a document: %s", (reason, valid) => {
  const readings = [{ row: "row1", cell: "_row" }];
  const { document } = perform(plainRule(), setAside, { readings, reason: reason as never });
  expect(document.rows.row1?.setAside).toEqual({ _row: reason });
  expect(validateInvestigation(document).valid).toBe(valid);
});
